import { useCallback, useMemo, useRef, useState } from 'react'
import type { AttemptState, Cell, Dictation } from '../../api/client'

/** What stands in one cell of the grid: what was kept, and what is being typed over it. */
export type Entry =
  | { readonly at: 'empty' }
  | { readonly at: 'kept'; readonly cell: Cell }
  | { readonly at: 'typing'; readonly text: string; readonly cell: Cell | undefined }
  | { readonly at: 'failed'; readonly text: string; readonly state: AttemptState; readonly why: string }

export type Save = (pupilId: number, itemId: number, written: string, state: AttemptState) => Promise<Cell>

const key = (pupilId: number, itemId: number) => `${pupilId}.${itemId}`
const SOON = 250

/** The attempts of one dictation as they are typed: each is kept a moment after the last key. */
export function useMarking(dictation: Dictation, save: Save) {
  const [entries, setEntries] = useState<ReadonlyMap<string, Entry>>(() => fromPapers(dictation))
  const timers = useRef(new Map<string, number>())
  const latest = useRef(new Map<string, number>())

  const put = useCallback((at: string, entry: Entry) => setEntries((now) => new Map(now).set(at, entry)), [])

  const keep = useCallback(
    async (pupilId: number, itemId: number, text: string, state: AttemptState, typing = false) => {
      const at = key(pupilId, itemId)
      window.clearTimeout(timers.current.get(at))
      const turn = (latest.current.get(at) ?? 0) + 1
      latest.current.set(at, turn)
      try {
        const cell = await save(pupilId, itemId, text, state)
        if (latest.current.get(at) === turn) put(at, typing ? { at: 'typing', text, cell } : { at: 'kept', cell })
      } catch (problem) {
        const why = problem instanceof Error ? problem.message : 'It was not kept.'
        if (latest.current.get(at) === turn) put(at, { at: 'failed', text, state, why })
      }
    },
    [put, save],
  )

  const type = useCallback(
    (pupilId: number, itemId: number, text: string) => {
      const at = key(pupilId, itemId)
      setEntries((now) => new Map(now).set(at, { at: 'typing', text, cell: cellOf(now.get(at)) }))
      window.clearTimeout(timers.current.get(at))
      latest.current.set(at, (latest.current.get(at) ?? 0) + 1)
      const timer = window.setTimeout(() => void keep(pupilId, itemId, text, 'WRITTEN', true), SOON)
      timers.current.set(at, timer)
    },
    [keep],
  )

  const retry = useCallback(() => {
    for (const [at, entry] of entries) {
      const [pupilId, itemId] = at.split('.').map(Number)
      if (entry.at === 'failed' && pupilId && itemId) void keep(pupilId, itemId, entry.text, entry.state)
    }
  }, [entries, keep])

  const replace = useCallback((cell: Cell) => put(key(cell.pupilId, cell.itemId), { at: 'kept', cell }), [put])

  const failed = useMemo(() => [...entries.values()].filter((e) => e.at === 'failed'), [entries])
  const entry = (pupilId: number, itemId: number): Entry => entries.get(key(pupilId, itemId)) ?? { at: 'empty' }
  return { entry, type, keep, replace, retry, failed }
}

export function cellOf(entry: Entry | undefined): Cell | undefined {
  return entry?.at === 'kept' || entry?.at === 'typing' ? entry.cell : undefined
}

function fromPapers(dictation: Dictation): Map<string, Entry> {
  const entries = new Map<string, Entry>()
  for (const paper of dictation.papers) {
    for (const cell of paper.cells) entries.set(key(cell.pupilId, cell.itemId), { at: 'kept', cell })
  }
  return entries
}
