import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Fragment, type KeyboardEvent } from 'react'
import { asText, client, dataOf, said, type Choices, type PathUnit, type Profile, type TeachingPath } from '../../api/client'
import { ask, inPath } from '../../api/ask'
import { useClass } from '../../lib/classContext'
import { FieldError } from '../../ui/FieldError'
import { Failed, Key, Loading } from '../../ui/Parts'
import { useProfile } from './useProfile'
import { useSounds } from '../../lib/sounds'

/** What is taught: the path with the step the class has come to, what it is ahead with and what waits. */
export function PathForm({ profile }: { profile: Profile }) {
  const { id } = useClass()
  const path = useQuery(ask('get', '/api/classes/{id}/sequence', inPath({ id })))
  const { save, change, choose } = useProfile(profile)
  if (path.isPending) return <Loading rows={8} />
  if (path.isError) return <Failed error={path.error} retry={() => void path.refetch()} />
  const { step, steps, taught, units } = path.data
  return (
    <section aria-label="What is taught" className="sheet p-4 flex flex-col gap-3 min-h-0 grow">
      <div className="flex flex-wrap items-baseline gap-x-6 gap-y-1">
        <p>
          <strong>
            {taught} of {units}
          </strong>{' '}
          taught
        </p>
        <Order path={path.data} />
      </div>
      <p className="mute text-small">
        Choose a number for how far the class has come. Choose letters that it knows already, or that must wait, against the order. <Key>←</Key> <Key>→</Key> go. Children write only words whose letters are taught, names among them, and words they have learnt by heart.
      </p>
      <FieldError says={save.isError ? said(save.error) : ''} />
      {/* eslint-disable-next-line jsx-a11y/no-noninteractive-element-interactions -- arrows go through the buttons in it */}
      <ol aria-label="Steps" className="relative flex flex-wrap gap-x-3 gap-y-1.5 overflow-auto min-h-0 content-start" onKeyDown={go}>
        {steps.map((s, i) => (
          <Fragment key={s.step}>
            {s.stage && s.stage !== steps[i - 1]?.stage ? (
              <li className="basis-full font-semibold text-small pt-1.5 first-letter:uppercase">{s.stage}</li>
            ) : null}
            <li className="flex flex-wrap items-center gap-1">
              <button
                ref={s.step === step ? inSight : undefined}
                type="button"
                aria-label={`Taught up to step ${s.step}`}
                aria-pressed={s.step === step}
                className={`btn btn-xs w-9 ${s.step === step ? 'btn-primary' : s.step < step ? 'btn-ghost' : 'btn-ghost mute'}`}
                onClick={() => change({ step: s.step })}
              >
                {s.step}
              </button>
              {s.units.map((unit) => (
                <Letters key={unit.id} unit={unit} toggle={() => choose((now) => ({ ticks: ticked(now, unit, s.step <= step) }))} />
              ))}
              {s.byHeart.length > 0 ? <ByHeart words={s.byHeart} taught={s.step <= step} /> : null}
            </li>
          </Fragment>
        ))}
      </ol>
      <p className="mute text-small flex flex-wrap gap-x-5">
        <span>
          <Sign taught ticked={false} /> taught
        </span>
        <span>
          <Sign taught={false} ticked={false} /> not yet
        </span>
        <span>
          <Sign taught ticked /> taught already, ahead of the order
        </span>
        <span>
          <Sign taught={false} ticked /> waits, though the order has passed it
        </span>
        <span>
          <ByHeart words={['was']} taught /> learnt by heart
        </span>
      </p>
    </section>
  )
}

/** The step that the class has come to is in sight when the page opens. */
const inSight = (button: HTMLButtonElement | null) => {
  button?.scrollIntoView({ block: 'nearest' })
}

/** The order that the path follows: ours, or the school's own as CSV. */
function Order({ path }: { path: TeachingPath }) {
  const { id } = useClass()
  const queries = useQueryClient()
  const settled = { onSuccess: () => queries.invalidateQueries() }
  const take = useMutation({ mutationFn: (csv: string) => dataOf(client.PUT('/api/classes/{id}/sequence', { params: { path: { id } }, body: csv, ...asText('text/csv') })), ...settled })
  const drop = useMutation({
    // What is given up can be taken back.
    mutationFn: async () => {
      const kept = await dataOf(client.GET('/api/classes/{id}/sequence.csv', { params: { path: { id } }, parseAs: 'text' }))
      await dataOf(client.DELETE('/api/classes/{id}/sequence', inPath({ id })))
      return kept
    },
    ...settled,
  })
  return (
    <div className="flex flex-wrap items-baseline gap-x-4 text-small">
      <span>{path.own ? 'In the order of your school' : 'In our order: from simple to hard in stages, and within a stage first what makes most common words writable'}</span>
      <a className="link" href={`/api/classes/${id}/sequence.csv`} download>
        The order as CSV
      </a>
      <label className="link cursor-pointer focus-within:outline-2">
        Take in your own
        <input
          type="file"
          accept=".csv,text/csv"
          className="sr-only"
          onChange={(e) => {
            const file = e.target.files?.[0]
            if (file) void file.text().then((csv) => take.mutate(csv))
            e.target.value = ''
          }}
        />
      </label>
      {path.own ? (
        <button type="button" className="link" onClick={() => drop.mutate()}>
          Back to ours
        </button>
      ) : null}
      {!path.own && drop.data ? (
        <button type="button" className="link" onClick={() => take.mutate(drop.data)}>
          Undo
        </button>
      ) : null}
      <FieldError says={take.isError ? said(take.error) : drop.isError ? said(drop.error) : ''} />
    </div>
  )
}

function Letters({ unit, toggle }: { unit: PathUnit; toggle: () => void }) {
  const say = useSounds()
  const letters = unit.grapheme.replace('_', '-')
  return (
    <button
      type="button"
      aria-pressed={unit.taught}
      aria-label={`${letters}, ${say(unit.phoneme)} as in ${unit.example}${unit.ticked ? (unit.taught ? ', ahead of the order' : ', waits') : ''}`}
      title={`${say(unit.phoneme)} as in ${unit.example}`}
      className={`rounded-lg border border-base-300 px-1.5 h-7 flex items-baseline gap-1 cursor-pointer hover:border-primary ${unit.taught ? 'soft' : 'border-dashed'} ${unit.ticked ? 'ring-2 ring-accent' : ''}`}
      onClick={toggle}
    >
      <span className="font-word">{letters}</span>
      <span className="font-ipa text-small mute">{say(unit.phoneme)}</span>
      {unit.ticked ? <span aria-hidden="true">{unit.taught ? '▸' : '◂'}</span> : null}
    </button>
  )
}

/** Words that are known whole from a step on. */
function ByHeart({ words, taught }: { words: readonly string[]; taught: boolean }) {
  return (
    <span title="Learnt by heart" className={`font-word px-1.5 border-l-4 ${taught ? 'border-accent' : 'border-base-300 mute'}`}>
      <span className="sr-only">by heart: </span>
      {words.join(', ')}
    </span>
  )
}

function Sign({ taught, ticked }: { taught: boolean; ticked: boolean }) {
  return (
    <span aria-hidden="true" className={`inline-block rounded px-1.5 border border-base-300 text-base-content ${taught ? 'soft' : 'border-dashed'} ${ticked ? 'ring-2 ring-accent' : ''}`}>
      sh{ticked ? (taught ? '▸' : '◂') : ''}
    </span>
  )
}

/** The ticks with one more, or without it. */
function ticked(now: Choices, unit: PathUnit, reached: boolean): Choices['ticks'] {
  const turned = (some: readonly string[]) => (some.includes(unit.id) ? some.filter((u) => u !== unit.id) : [...some, unit.id])
  const without = (some: readonly string[]) => some.filter((u) => u !== unit.id)
  const { early, later } = now.ticks
  return reached ? { early: without(early), later: turned(later) } : { early: turned(early), later: without(later) }
}

const AWAY: Record<string, 1 | -1 | undefined> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }

/** Arrows go from one to the next. */
function go(e: KeyboardEvent<HTMLOListElement>) {
  const by = AWAY[e.key]
  if (!by) return
  const all = [...e.currentTarget.querySelectorAll('button')]
  all[all.indexOf(document.activeElement as HTMLButtonElement) + by]?.focus()
  e.preventDefault()
}
