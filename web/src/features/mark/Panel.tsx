import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, type Cell, type Dictation, type Item, type Pupil } from '../../api/client'
import { useClass } from '../../app/classContext'
import { Explained } from '../../ui/Explained'
import { Tag } from '../../ui/Parts'
import { MarkStrip, Strip } from '../../ui/Strip'
import { cellOf, type Entry } from './useMarking'

/** Explains the open attempt: strip, rule, how it reads, what it adds to what we know of the child. */
export function Panel({
  pupil,
  item,
  entry,
  dictation,
  entryOf,
  replace,
}: {
  pupil: Pupil
  item: Item
  entry: Entry
  dictation: Dictation
  entryOf: (pupilId: number, itemId: number) => Entry
  replace: (cell: Cell) => void
}) {
  const cell = cellOf(entry)
  const mark = cell?.mark
  return (
    <aside aria-label="About this attempt" className="flex flex-col gap-3 min-h-0 overflow-auto">
      <section className="sheet p-3 flex flex-col gap-2 items-start" aria-live="polite">
        <h2 className="mute text-sm font-semibold">
          {pupil.name} · {item.word}
        </h2>
        {mark && mark.result !== 'RIGHT' && mark.result !== 'BLANK' ? <MarkStrip mark={mark} /> : <Strip units={item.units} focus={item.focus} label={item.word} />}
        {mark ? <Explained mark={mark} /> : <p className="mute">{item.why || 'Type what stands on the paper.'}</p>}
        {cell && mark && mark.result !== 'RIGHT' ? <Override cell={cell} replace={replace} /> : null}
      </section>
      <ChildAndRule pupil={pupil} dictation={dictation} />
      <SoFar dictation={dictation} entryOf={entryOf} />
    </aside>
  )
}

const COUNTS = [
  { as: 'marked', label: 'as marked' },
  { as: 'RIGHT', label: 'as right' },
  { as: 'ABSENT', label: 'not at all' },
] as const

/** The teacher's own word on it: kept, logged, and what the findings go by. */
function Override({ cell, replace }: { cell: Cell; replace: (cell: Cell) => void }) {
  const [failure, setFailure] = useState('')
  const now = cell.override === 'RIGHT' || cell.override === 'ABSENT' ? cell.override : 'marked'
  const count = async ({ as, label }: (typeof COUNTS)[number]) => {
    try {
      const result = as === 'marked' ? (cell.mark?.result as 'SOUND_ERROR' | 'READS_RIGHT' | 'READS_OTHERWISE') : as
      replace(await api.override(cell.attemptId, result, `counted ${label}`))
      setFailure('')
    } catch (problem) {
      setFailure(problem instanceof Error ? problem.message : 'Try again.')
    }
  }
  return (
    <fieldset className="flex items-center gap-2 flex-wrap">
      <legend className="sr-only">Count it</legend>
      <span aria-hidden className="text-sm">
        Count it
      </span>
      <span className="join">
        {COUNTS.map((way) => (
          <input
            key={way.as}
            type="radio"
            name="count"
            aria-label={way.label}
            className="join-item btn btn-sm checked:bg-primary! checked:text-primary-content! checked:border-primary!"
            checked={now === way.as}
            onChange={() => void count(way)}
          />
        ))}
      </span>
      {failure ? (
        <p role="alert" className="text-error text-sm">
          {failure}
        </p>
      ) : null}
    </fieldset>
  )
}

function ChildAndRule({ pupil, dictation }: { pupil: Pupil; dictation: Dictation }) {
  const { id } = useClass()
  const map = useQuery({ queryKey: ['map', id], queryFn: () => api.map(id) })
  const standing = map.data?.rows.find((r) => r.pupil.id === pupil.id)?.cells.find((c) => c.rule === dictation.rule)
  return (
    <section className="sheet p-3">
      <h2 className="mute text-sm font-semibold">{pupil.name} and this rule</h2>
      {standing ? (
        <>
          <p>
            {standing.failures === 0
              ? `Kept it ${standing.opportunities} of ${standing.opportunities} times.`
              : `${standing.kind === 'OVER' ? 'Put where not due' : 'Left out where due'} ${standing.failures} of ${standing.opportunities} times.`}
          </p>
          {standing.state === 'PATTERN' ? (
            <p className="flex gap-2 items-center mt-1">
              <Tag tone="lagoon">a pattern, not a slip</Tag>
              <span className="mute text-sm">probability {standing.probability.toFixed(2)}</span>
            </p>
          ) : null}
          <p className="mute text-sm">{standing.wouldChange}</p>
        </>
      ) : (
        <p className="mute">No evidence yet.</p>
      )}
    </section>
  )
}

/** Who has left the rule out, or put it everywhere, on this dictation: two words at least. */
function SoFar({ dictation, entryOf }: { dictation: Dictation; entryOf: (pupilId: number, itemId: number) => Entry }) {
  const failing = (outcome: 'UNDER' | 'OVER') =>
    dictation.papers
      .filter(
        (p) =>
          dictation.items.filter((i) =>
            cellOf(entryOf(p.pupil.id, i.id))?.mark?.rules.some((r) => r.rule === dictation.rule && r.outcome === outcome),
          ).length >= 2,
      )
      .map((p) => p.pupil.name)
  const under = failing('UNDER')
  const over = failing('OVER')
  return (
    <section className="sheet p-3">
      <h2 className="mute text-sm font-semibold">So far on this dictation</h2>
      {under.length + over.length === 0 ? <p className="mute">Nobody fails the rule on two words yet.</p> : null}
      {under.length > 0 ? (
        <p>
          Left out: <strong>{under.join(', ')}</strong>
        </p>
      ) : null}
      {over.length > 0 ? (
        <p>
          Put where not due: <strong>{over.join(', ')}</strong>
        </p>
      ) : null}
    </section>
  )
}
