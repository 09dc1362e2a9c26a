import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { api, type ClassMap, type Summary } from '../../api/client'
import { useClass } from '../../app/classContext'
import { Failed, Head, Loading, Tag } from '../../ui/Parts'
import { dayName, isoDay, schoolWeek } from './days'

const STATES = { PLANNED: 'planned', GIVEN: 'given', ANSWERED: 'answered' } as const
const KINDS = { UNDER: 'left out', OVER: 'put too often', MIXED: 'guessing' } as const

/** The five days with their dictations, what the last papers say, and one next step. */
export function Week() {
  const { id, accent } = useClass()
  const dictations = useQuery({ queryKey: ['dictations', id], queryFn: () => api.dictations(id) })
  const map = useQuery({ queryKey: ['map', id], queryFn: () => api.map(id) })
  if (dictations.isPending) return <Loading />
  if (dictations.isError) return <Failed error={dictations.error} retry={() => void dictations.refetch()} />
  const today = isoDay(new Date())
  const days = schoolWeek(new Date())
  return (
    <>
      <Head title="This week" note={`${dayName(days[0] ?? today, true)} to ${dayName(days[4] ?? today, true)}`} />
      <NextStep classId={id} all={dictations.data} />
      <ol className="grid grid-cols-5 gap-3">
        {days.map((day) => (
          <li key={day} className={`sheet p-3 min-h-56 flex flex-col gap-2 ${day === today ? 'border-2 border-primary' : ''}`}>
            <h2 className="font-semibold flex items-baseline justify-between">
              {dayName(day)} {day === today ? <Tag tone="lagoon">today</Tag> : null}
            </h2>
            {dictations.data
              .filter((d) => d.date === day)
              .map((d) => (
                <DayCard key={d.id} classId={id} dictation={d} />
              ))}
            <PlanDay classId={id} accent={accent} day={day} />
          </li>
        ))}
      </ol>
      {map.data ? <Patterns classId={id} map={map.data} /> : map.isError ? <Failed error={map.error} /> : <Loading rows={2} />}
    </>
  )
}

function DayCard({ classId, dictation: d }: { classId: number; dictation: Summary }) {
  const to = d.state === 'PLANNED' ? `prepare/${d.id}` : `mark/${d.id}`
  return (
    <Link to={`/class/${classId}/${to}`} className="block rounded-lg border border-base-300 p-2 hover:border-primary">
      <span className="font-semibold block leading-snug">{d.ruleName}</span>
      <span className="mute text-sm block">
        {d.words} words · {STATES[d.state]}
      </span>
      {d.state === 'PLANNED' ? null : (
        <>
          <progress
            className="progress progress-primary h-1.5"
            value={d.marked}
            max={d.papers}
            aria-label={`${d.marked} of ${d.papers} papers marked`}
          />
          <span className="mute text-sm">
            {d.marked} of {d.papers} papers marked
          </span>
        </>
      )}
    </Link>
  )
}

function PlanDay({ classId, accent, day }: { classId: number; accent: string; day: string }) {
  const navigate = useNavigate()
  const [failure, setFailure] = useState('')
  const rules = useQuery({ queryKey: ['rules', accent], queryFn: () => api.rules(accent), staleTime: Infinity })
  const plan = async (rule: string) => {
    try {
      const made = await api.plan(classId, day, rule)
      await navigate(`/class/${classId}/prepare/${made.id}`)
    } catch (problem) {
      setFailure(problem instanceof Error ? problem.message : 'Try again.')
    }
  }
  return (
    <div className="mt-auto">
      <label className="sr-only" htmlFor={`plan-${day}`}>
        Plan a dictation on {dayName(day, true)}
      </label>
      <select
        id={`plan-${day}`}
        className="select select-sm w-full"
        value=""
        onChange={(e) => void plan(e.target.value)}
        disabled={!rules.data}
      >
        <option value="">Plan a dictation…</option>
        {rules.data?.map((r) => (
          <option key={r.id} value={r.id}>
            {r.name}
          </option>
        ))}
      </select>
      {failure ? (
        <p role="alert" className="text-error text-sm">
          {failure}
        </p>
      ) : null}
    </div>
  )
}

function NextStep({ classId, all }: { classId: number; all: readonly Summary[] }) {
  const half = all.filter((d) => d.state !== 'PLANNED' && d.marked < d.papers).at(-1)
  const planned = all.find((d) => d.state === 'PLANNED')
  if (!half && !planned) return null
  const step = half
    ? { to: `mark/${half.id}`, text: `Mark the other ${half.papers - half.marked} papers on ${half.ruleName}` }
    : { to: `dictate/${planned?.id}`, text: `Give the dictation on ${planned?.ruleName}` }
  return (
    <Link to={`/class/${classId}/${step.to}`} className="sheet soft p-3 flex items-center gap-3 hover:border-primary">
      <span className="text-primary font-semibold">Next</span>
      <span>{step.text}</span>
      <span aria-hidden className="ml-auto text-primary">
        →
      </span>
    </Link>
  )
}

function Patterns({ classId, map }: { classId: number; map: ClassMap }) {
  return (
    <section className="sheet p-4" aria-label="What the last papers say">
      <h2 className="font-semibold mb-2">What the last papers say</h2>
      {map.groups.length === 0 ? (
        <p className="mute">Nothing that is a pattern yet. A pattern needs failures on at least two different words.</p>
      ) : (
        <ul className="grid grid-cols-2 gap-x-8 gap-y-1.5">
          {map.groups.slice(0, 9).map((g) => (
            <li key={g.rule + g.kind} className="flex items-center gap-2 min-w-0">
              <span className="w-6 text-right font-semibold">{g.pupils.length}</span>
              <Link className="link link-hover whitespace-nowrap" to={`/class/${classId}/respond?rule=${g.rule}&pupil=${g.pupils[0] ?? ''}`}>
                {g.ruleName}
              </Link>
              <Tag tone={g.kind === 'OVER' ? 'plum' : g.kind === 'UNDER' ? 'gold' : 'plain'}>{KINDS[g.kind]}</Tag>
              <span className="mute text-sm truncate">
                <span className="font-word">{g.exampleTarget}</span> as <span className="font-word">{g.exampleAttempt}</span>
              </span>
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}
