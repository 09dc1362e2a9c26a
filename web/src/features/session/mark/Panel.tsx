import { useQuery } from '@tanstack/react-query'
import { memo } from 'react'
import type { Item, Paper, Pupil, Session } from '../../../api/client'
import { ask, inPath } from '../../../api/ask'
import { useClass } from '../../../lib/classContext'
import { daysOn } from '../../../lib/days'
import { ruleOf } from '../../../lib/focus'
import { Explained } from '../../../ui/Explained'
import { ExplainedSentence } from '../../../ui/ExplainedSentence'
import { Tag } from '../../../ui/Parts'
import { MarkStrip, Strip } from '../../../ui/Strip'
import { KINDS, SIGNS } from '../../../ui/words'
import type { Column } from './columns'
import { Judgement } from './Judgement'
import type { Entry } from './cells'
import type { PaperStore } from './paperStore'
import { onThisPaper, slips } from './tally'
import { useCell, useRevision } from './usePapers'

/** Explains the open attempt: strip, rule, how it reads, what is known of the child beside it. */
export function Panel({
  pupil,
  column,
  session,
  papers,
  store,
}: {
  pupil: Pupil
  column: Column
  session: Session
  papers: readonly Paper[]
  store: PaperStore
}) {
  const entry = useCell(store, pupil.id, column.item.id)
  const rule = column.item.rule ?? ruleOf(session.focus)
  return (
    <aside aria-label="About this attempt" className="flex flex-col gap-3 min-h-0 max-lg:min-h-fit overflow-auto [contain:layout_paint]">
      <section className="sheet p-3 flex flex-col gap-2 items-start" aria-live="polite">
        <h2 className="mute text-small font-semibold">
          {pupil.name} · {column.item.head}
        </h2>
        {entry.status === 'refused' ? <Quarrel entry={entry} pupil={pupil} column={column} store={store} /> : <Attempt entry={entry} column={column} store={store} />}
      </section>
      {rule ? <ChildAndRule pupil={pupil} rule={rule} condition={column.item.condition} session={session} store={store} /> : null}
      <SoFar session={session} papers={papers} store={store} />
    </aside>
  )
}

/** What was written, explained; what explains an attempt of another day is asked for when it is opened. */
function Attempt({ entry, column, store }: { entry: Entry; column: Column; store: PaperStore }) {
  const kept = entry.kept
  const right = !kept || kept.state !== 'WRITTEN' || kept.mark?.result === 'RIGHT'
  const told = kept?.mark?.facts !== undefined || kept?.sentence?.words.some((w) => w.mark?.facts) === true
  const explained = ask('get', '/api/attempts/{id}', inPath({ id: kept?.attemptId ?? 0 }))
  const asked = useQuery({ ...explained, queryKey: [...explained.queryKey, kept?.version], enabled: !right && !told && !entry.draft })
  const cell = told ? kept : (asked.data ?? kept)
  const { item } = column
  const { Told } = column.kind
  if (!cell || cell.state === 'EMPTY' || cell.state === 'UNSURE') {
    return (
      <>
        {item.units.length > 0 ? <Strip units={item.units} focus={item.focus} label={item.text} /> : <p className="font-word text-large">{wanted(item)}</p>}
        <p className="mute">{item.why || 'Type what stands on the paper.'}</p>
      </>
    )
  }
  if (cell.sentence) {
    return (
      <>
        {Told ? <Told cell={cell} /> : <ExplainedSentence mark={cell.sentence} text={wanted(item)} />}
        {cell.result === 'RIGHT' && !cell.override ? null : <Judgement cell={cell} replace={(c) => store.replace(c)} />}
      </>
    )
  }
  const mark = cell.mark
  return (
    <>
      {cell.corrected ? (
        <p className="text-small">
          <span className="mute">corrected:</span> <span className="font-word">{cell.corrected}</span> {cell.corrected === (item.answer[0] ?? item.text) ? '✓' : '✗'}
        </p>
      ) : null}
      {mark && mark.result !== 'RIGHT' && mark.result !== 'BLANK' ? <MarkStrip mark={mark} /> : <Strip units={item.units} focus={item.focus} label={item.text} />}
      {mark ? <Explained mark={mark} /> : null}
      {asked.isError ? <p className="mute text-small">The explanation cannot be had just now.</p> : null}
      {mark && mark.result !== 'RIGHT' ? <Judgement cell={cell} replace={(c) => store.replace(c)} /> : null}
    </>
  )
}

/** Somebody else wrote in the same cell: both stand here, and she chooses. */
function Quarrel({ entry, pupil, column, store }: { entry: Entry; pupil: Pupil; column: Column; store: PaperStore }) {
  const theirs = entry.theirs?.written
  return (
    <>
      <p>
        Somebody else wrote <strong className="font-word">{theirs || 'nothing'}</strong> here; you typed{' '}
        <strong className="font-word">{entry.draft?.written || 'nothing'}</strong>.
      </p>
      <div className="flex gap-2">
        <button type="button" className="btn btn-sm btn-primary" onClick={() => store.settle(pupil.id, column.item.id, 'mine')}>
          Keep mine
        </button>
        <button type="button" className="btn btn-sm" onClick={() => store.settle(pupil.id, column.item.id, 'theirs')}>
          Take theirs
        </button>
      </div>
    </>
  )
}

const ChildAndRule = memo(function ChildAndRule({ pupil, rule, condition, session, store }: { pupil: Pupil; rule: string; condition: string | undefined; session: Session; store: PaperStore }) {
  const { id } = useClass()
  useRevision(store)
  const before = useQuery(ask('get', '/api/classes/{id}/pupils/{pupilId}/rules/{rule}', { params: { path: { id, pupilId: pupil.id, rule }, query: { asOf: daysOn(session.date, -1) } } }))
  const standing = before.data?.standing
  const today = onThisPaper(session, pupil.id, rule, store)
  const ground = standing && [...standing.broken, ...standing.kept].find((c) => c.condition === condition)
  return (
    <section className="sheet p-3">
      <h2 className="mute text-small font-semibold">{pupil.name} and this rule</h2>
      {before.isError ? <p className="mute text-small">What was known before cannot be had just now.</p> : null}
      {standing ? (
        <>
          <p>
            Before this session:{' '}
            {standing.failures === 0
              ? `kept ${standing.opportunities} of ${standing.opportunities} times.`
              : `${KINDS[standing.kind]} ${standing.failures} of ${standing.opportunities} times.`}
          </p>
          {ground ? (
            <p className="text-small leading-snug line-clamp-2" title={ground.says}>
              <strong>
                kept {ground.opportunities - ground.failures} of {ground.opportunities}
              </strong>{' '}
              <span className="mute">on this ground: {ground.says}</span>
            </p>
          ) : null}
          {standing.state === 'PATTERN' ? (
            <p className="flex gap-2 items-center mt-1">
              <Tag tone="lagoon">a pattern, not a slip</Tag>
              <span className="mute text-small">probability {standing.probability.toFixed(2)}</span>
            </p>
          ) : null}
        </>
      ) : before.isPending ? null : (
        <p className="mute">Nothing known before this session.</p>
      )}
      {today.tested > 0 ? (
        <p>
          On this paper: {today.failed === 0 ? 'kept' : 'failed'} {today.failed || today.tested} of {today.tested}.
        </p>
      ) : null}
    </section>
  )
})

const SLIPS = 3
const NAMED = 5

/** What most children break in this session, on which ground. */
const SoFar = memo(function SoFar({ session, papers, store }: { session: Session; papers: readonly Paper[]; store: PaperStore }) {
  const { accent } = useClass()
  useRevision(store)
  const rules = useQuery(ask('get', '/api/rules', { params: { query: { accent } } }))
  const all = slips(session, papers, store)
  const says = (id: string) => rules.data?.flatMap((r) => r.conditions).find((c) => c.id === id)?.says ?? ''
  return (
    <section className="sheet p-3" aria-label="So far in this session">
      <h2 className="mute text-small font-semibold">So far in this session</h2>
      {all.length === 0 ? <p className="mute">No rule is broken yet.</p> : null}
      <ul className="flex flex-col gap-1">
        {all.slice(0, SLIPS).map((slip) => (
          <li key={slip.condition + slip.outcome} className="text-small leading-snug line-clamp-2" title={says(slip.condition)}>
            <span aria-hidden="true">{SIGNS[slip.outcome]}</span> <strong>{named(slip.names)}</strong> <span className="mute">{KINDS[slip.outcome]}:</span> {says(slip.condition)}
          </li>
        ))}
      </ul>
    </section>
  )
})

function named(names: readonly string[]): string {
  return names.length > NAMED ? `${names.slice(0, NAMED).join(', ')} and ${names.length - NAMED} more` : names.join(', ')
}

/** What is asked, and with it what is right where the item carries that. */
function wanted(item: Item): string {
  return item.right ? `${item.asks} → ${item.right.replaceAll(';', ',')}` : item.text
}
