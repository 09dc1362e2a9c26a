import { useQuery } from '@tanstack/react-query'
import { useCallback, useMemo, useRef, useState } from 'react'
import { useHotkeys } from 'react-hotkeys-hook'
import { Link, useParams } from 'react-router'
import { said, type Item, type Paper, type Session } from '../../../api/client'
import { ask } from '../../../api/queries'
import { useClass, useKinds } from '../../../lib/classContext'
import { useUrl } from '../../../lib/useUrl'
import { Empty } from '../../../ui/Empty'
import { FieldError } from '../../../ui/FieldError'
import { Failed, Key, Loading } from '../../../ui/Parts'
import { Aloud } from './Aloud'
import { columnsOf, type Column } from './columns'
import { Handout } from './Handout'
import { KeyCard, KEYS } from './KeyCard'
import { arrow, nextChild, nextPaper, nextWord, type Shorthand, type Spot } from './keys'
import { MarkGrid } from './MarkGrid'
import type { CellKeys } from './OpenCell'
import { Panel } from './Panel'
import { PasteDialog } from './PasteDialog'
import { PaperFoot } from './PaperFoot'
import { Finished, Progress } from './Progress'
import { usePile } from './usePile'
import { useComingIn } from './useComingIn'
import { useGridSpot } from './useGridSpot'
import { usePapers } from './usePapers'
import { isDone, textOf } from './cells'
import type { PaperStore } from './paperStore'

/** Papers down, words across: type what each child wrote, see the marks as you type. */
export function MarkPage() {
  const { id } = useParams()
  const session = useQuery(ask.session(Number(id)))
  const papers = useQuery(ask.papers(Number(id)))
  if (session.isError) return <Failed error={session.error} retry={() => void session.refetch()} />
  if (papers.isError) return <Failed error={papers.error} retry={() => void papers.refetch()} />
  if (session.isPending || papers.isPending) return <Loading rows={10} />
  return <Marking key={session.data.id} session={session.data} papers={papers.data} />
}

function Marking({ session, papers: first }: { session: Session; papers: readonly Paper[] }) {
  const { id: classId } = useClass()
  const store = usePapers(session, first)
  const pile = usePile(classId, first)
  const { papers } = pile
  useComingIn(session.id, store)
  const kinds = useKinds()
  const columns = useMemo(() => columnsOf(session, kinds), [session, kinds])
  const size = { rows: papers.length, columns: columns.length }
  const url = useUrl()
  const [failure, setFailure] = useState('')
  const [card, setCard] = useState(false)
  const [pasting, setPasting] = useState(false)
  const [tablets, setTablets] = useState(false)
  const [aloud, setAloud] = useState(false)
  const [spot, go] = useGridSpot(size, () => ({ row: Math.max(0, papers.findIndex((p) => !store.isPaperDone(p.pupil.id))), column: 0 }))
  const pupil = papers[spot.row]?.pupil
  const column = columns[spot.column]

  const byWord = url.get('by') === 'word'
  const onward = (from: Spot) => (byWord ? nextChild(from, size) : nextWord(from, size))
  const leave = (to: Spot) => {
    if (pupil && column) store.leave(pupil.id, column.item.id)
    go(to)
  }
  const say = (means: Shorthand, text: string) => {
    if (!pupil || !column) return
    const { item } = column
    const noModel = means === 'right' && column.kind.free
    setFailure(noModel ? 'A sentence of their own has no model: type it, or press - where nothing stands.' : '')
    if (noModel) return
    if (means === 'right') store.keep(pupil.id, item.id, rightOf(item), 'WRITTEN')
    if (means === 'blank') store.keep(pupil.id, item.id, '', 'BLANK')
    if (means === 'unsure') store.keep(pupil.id, item.id, text, 'UNSURE')
    if (means === 'above') {
      const above = papers[spot.row - 1]
      const entry = above ? store.get(above.pupil.id, item.id) : undefined
      if (!entry || !isDone(entry)) return
      store.keep(pupil.id, item.id, textOf(entry), entry.draft?.state ?? entry.kept?.state ?? 'WRITTEN')
    }
    if (means === 'rest') store.keepAll(rest(pupil.id, columns, store))
    if (means === 'away') store.setAway(pupil.id, !store.isAway(pupil.id)).catch((problem: unknown) => setFailure(said(problem)))
    go(means === 'away' || means === 'rest' ? nextPaper(spot, size) : onward(spot))
  }
  const act: CellKeys = {
    next: (wholePaper) => leave(wholePaper ? nextPaper(spot, size) : onward(spot)),
    arrow: (key) => {
      const to = arrow(spot, key, size)
      if (to) leave(to)
      return to !== undefined
    },
    say,
    take: (text) => {
      if (!pupil || !column) return
      store.keep(pupil.id, column.item.id, text, 'WRITTEN')
      go(onward(spot))
    },
    correct: (text) => {
      if (!pupil || !column) return
      store.correct(pupil.id, column.item.id, text)
      go(onward(spot))
    },
  }
  const openAt = (place: { pupilId: number; itemId: number } | undefined) => {
    const row = papers.findIndex((p) => p.pupil.id === place?.pupilId)
    const at = columns.findIndex((c) => c.item.id === place?.itemId)
    if (row >= 0 && at >= 0) go({ row, column: at })
  }
  const whole = { preventDefault: true, enableOnFormTags: true } as const
  useHotkeys('ctrl+z, meta+z', () => openAt(store.undo()), whole)
  useHotkeys('ctrl+shift+z, meta+shift+z, ctrl+y', () => openAt(store.redo()), whole)
  useHotkeys('alt+w', () => url.set({ by: byWord ? '' : 'word' }), whole)
  const shift = (by: 1 | -1) => {
    pile.move(spot.row, spot.row + by)
    if (papers[spot.row + by]) go({ row: spot.row + by, column: spot.column })
  }
  useHotkeys('alt+up', () => shift(-1), whole)
  useHotkeys('alt+down', () => shift(1), whole)
  useHotkeys('f1', () => setCard((open) => !open), whole)
  const keys = useLatest(act)
  const newestMove = useRef(pile.move)
  // eslint-disable-next-line react-hooks/refs -- read in handlers only, never while drawing
  newestMove.current = pile.move
  const move = useCallback((from: number, to: number) => newestMove.current(from, to), [])
  if (!pupil || !column) {
    return (
      <Empty says={columns.length === 0 ? 'This session has no words yet.' : 'There are no children in the class yet.'}>
        <Link className="btn btn-primary" to={columns.length === 0 ? `/class/${classId}/prepare/${session.id}` : `/class/${classId}/class`}>
          {columns.length === 0 ? 'Choose words' : 'Add children'}
        </Link>
      </Empty>
    )
  }
  return (
    <>
      <Progress session={session} store={store} papers={papers.length} byWord={byWord} paste={() => setPasting(true)} handOut={() => setTablets(true)} aloud={session.blocks.some((b) => b.spoken && b.items.length > 0) ? () => setAloud(true) : undefined} toUnsure={() => openAt(store.nextUnsure({ pupilId: pupil.id, itemId: column.item.id }))} turn={() => url.set({ by: byWord ? '' : 'word' })} />
      <FieldError says={failure || pile.problem} />
      <Finished session={session} store={store} papers={papers.length} />
      <div className="grid grid-cols-1 lg:grid-cols-[1fr_318px] gap-4 min-h-0 grow max-lg:min-h-fit">
        <MarkGrid store={store} papers={papers} columns={columns} spot={spot} go={go} keys={keys} pile={{ byName: pile.byName, sortByName: pile.sortByName, move }} />
        <Panel key={`${pupil.id}.${column.item.id}`} pupil={pupil} column={column} session={session} papers={papers} store={store} />
      </div>
      <PaperFoot session={session.id} pupil={pupil} store={store} />
      {/* eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- one line that may scroll must be reachable by keyboard */}
      <footer className="flex items-center gap-4 mute text-small whitespace-nowrap overflow-x-auto shrink-0" tabIndex={0} aria-label="Keys">
        {KEYS.filter((k) => k.short).map((k) => (
          <span key={k.keys}>
            <Key>{k.keys}</Key> {k.short}
          </span>
        ))}
        <button type="button" className="link" onClick={() => setCard(true)}>
          <Key>F1</Key> all keys
        </button>
        <span className="ml-auto">every keystroke is kept</span>
      </footer>
      {pasting ? <PasteDialog session={session.id} taken={(cells) => store.take(cells)} close={() => setPasting(false)} /> : null}
      {tablets ? <Handout session={session.id} close={() => setTablets(false)} /> : null}
      {aloud ? <Aloud session={session} pupils={papers.map((p) => p.pupil)} close={() => setAloud(false)} /> : null}
      {card ? <KeyCard close={() => setCard(false)} /> : null}
    </>
  )
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
