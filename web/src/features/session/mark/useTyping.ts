import { useCallback, useMemo, useRef, useState } from 'react'
import { useHotkeys } from 'react-hotkeys-hook'
import { said, type Item } from '../../../api/client'
import { useUrl } from '../../../lib/useUrl'
import { isDone, textOf } from './cells'
import type { Column } from './columns'
import { arrow, nextChild, nextPaper, nextWord, type Shorthand, type Size, type Spot } from './keys'
import type { CellKeys } from './OpenCell'
import type { PaperStore } from './paperStore'
import type { Pile } from './usePile'

interface Where {
  readonly store: PaperStore
  readonly pile: Pile
  readonly columns: readonly Column[]
  readonly spot: Spot
  readonly go: (to: Spot) => void
}

const WHOLE = { preventDefault: true, enableOnFormTags: true } as const

/** What every key of the open cell does, and where it leads. */
export function useTyping({ store, pile, columns, spot, go }: Where) {
  const url = useUrl()
  const [failure, setFailure] = useState('')
  const { papers } = pile
  const size: Size = { rows: papers.length, columns: columns.length }
  const pupil = papers[spot.row]?.pupil
  const column = columns[spot.column]
  const byWord = url.get('by') === 'word'
  const onward = (from: Spot) => (byWord ? nextChild(from, size) : nextWord(from, size))
  const leave = (to: Spot) => {
    if (pupil && column) store.leave(pupil.id, column.item.id)
    go(to)
  }
  const keep = (how: (pupilId: number, itemId: number) => void) => {
    if (!pupil || !column) return
    how(pupil.id, column.item.id)
    go(onward(spot))
  }
  const keys = useLatest({
    next: (wholePaper) => leave(wholePaper ? nextPaper(spot, size) : onward(spot)),
    arrow: (key) => {
      const to = arrow(spot, key, size)
      if (to) leave(to)
      return to !== undefined
    },
    say: (means, text) => {
      if (!pupil || !column) return
      const problem = meant(means, text, { store, columns, column, pupilId: pupil.id, above: papers[spot.row - 1]?.pupil.id, failed: setFailure })
      setFailure(problem ?? '')
      if (problem === undefined) go(means === 'away' || means === 'rest' ? nextPaper(spot, size) : onward(spot))
    },
    take: (text) => keep((pupilId, itemId) => store.keep(pupilId, itemId, text, 'WRITTEN')),
    correct: (text) => keep((pupilId, itemId) => store.correct(pupilId, itemId, text)),
  })
  const openAt = (place: { pupilId: number; itemId: number } | undefined) => {
    const row = papers.findIndex((p) => p.pupil.id === place?.pupilId)
    const at = columns.findIndex((c) => c.item.id === place?.itemId)
    if (row >= 0 && at >= 0) go({ row, column: at })
  }
  const turn = () => url.set({ by: byWord ? '' : 'word' })
  const shift = (by: 1 | -1) => {
    pile.move(spot.row, spot.row + by)
    if (papers[spot.row + by]) go({ row: spot.row + by, column: spot.column })
  }
  useHotkeys('ctrl+z, meta+z', () => openAt(store.undo()), WHOLE)
  useHotkeys('ctrl+shift+z, meta+shift+z, ctrl+y', () => openAt(store.redo()), WHOLE)
  useHotkeys('alt+w', turn, WHOLE)
  useHotkeys('alt+up', () => shift(-1), WHOLE)
  useHotkeys('alt+down', () => shift(1), WHOLE)
  return { keys, pupil, column, byWord, turn, openAt, failure }
}

interface Meant {
  readonly store: PaperStore
  readonly columns: readonly Column[]
  readonly column: Column
  readonly pupilId: number
  /** Whose paper lies above, if any. */
  readonly above: number | undefined
  readonly failed: (why: string) => void
}

/** Does what a shorthand means. Returns what is wrong with it; "" where it means nothing here. */
function meant(means: Shorthand, text: string, { store, columns, column, pupilId, above, failed }: Meant): string | undefined {
  const { item } = column
  switch (means) {
    case 'right':
      if (column.kind.free) return 'A sentence of their own has no model: type it, or press - where nothing stands.'
      store.keep(pupilId, item.id, rightOf(item), 'WRITTEN')
      return undefined
    case 'blank':
      store.keep(pupilId, item.id, '', 'BLANK')
      return undefined
    case 'unsure':
      store.keep(pupilId, item.id, text, 'UNSURE')
      return undefined
    case 'above': {
      const entry = above === undefined ? undefined : store.get(above, item.id)
      if (!entry || !isDone(entry)) return ''
      store.keep(pupilId, item.id, textOf(entry), entry.draft?.state ?? entry.kept?.state ?? 'WRITTEN')
      return undefined
    }
    case 'rest':
      store.keepAll(rest(pupilId, columns, store))
      return undefined
    case 'away':
      store.setAway(pupilId, !store.isAway(pupilId)).catch((problem: unknown) => failed(said(problem)))
      return undefined
  }
}

/** A handler that stays the same for those who draw, and does what the newest does. */
export function useStable<A extends unknown[]>(act: (...args: A) => void): (...args: A) => void {
  const newest = useRef(act)
  // eslint-disable-next-line react-hooks/refs -- read in handlers only, never while drawing
  newest.current = act
  return useCallback((...args: A) => newest.current(...args), [])
}

/** What is typed for an answer that is as it should be. */
const rightOf = (item: Item) => item.answer[0] ?? item.text

/** All that is not entered yet of a paper, as right. */
function rest(pupilId: number, columns: readonly Column[], store: PaperStore) {
  return columns
    .filter((c) => !c.kind.free && !isDone(store.get(pupilId, c.item.id)))
    .map((c) => ({ pupilId, itemId: c.item.id, written: rightOf(c.item), state: 'WRITTEN' as const }))
}

/** Handlers that stay the same for those who draw, and do what the newest do. */
function useLatest(act: CellKeys): CellKeys {
  const newest = useRef(act)
  // eslint-disable-next-line react-hooks/refs -- read in handlers only, never while drawing
  newest.current = act
  return useMemo<CellKeys>(
    () => ({
      next: (wholePaper) => newest.current.next(wholePaper),
      arrow: (key) => newest.current.arrow(key),
      say: (means, text) => newest.current.say(means, text),
      take: (text) => newest.current.take(text),
      correct: (text) => newest.current.correct(text),
    }),
    [],
  )
}
