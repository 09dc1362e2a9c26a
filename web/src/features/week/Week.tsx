import { usePrefetchQuery, useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import type { Summary } from '../../api/client'
import { ask, inPath } from '../../api/ask'
import { useClass, useToday } from '../../lib/classContext'
import { dayName, daysOn, isSchoolDay, mondayOf, schoolWeek } from '../../lib/days'
import { nextStep } from '../../lib/next'
import { useUrl } from '../../lib/useUrl'
import { Failed, Head, Loading, Tag } from '../../ui/Parts'
import { DayCard } from './DayCard'
import { Patterns } from './Patterns'
import { PlanDay } from './PlanDay'
import { useMoves } from './useMoves'
import { useTakeAway } from './useTakeAway'

/** Two weeks before a day and two after it: enough for the week shown and for what is next. */
const around = (id: number, day: string) => ask('get', '/api/classes/{id}/sessions', { params: { path: { id }, query: { from: daysOn(day, -14), to: daysOn(day, 20) } } })

/** The five days of any week with their sessions, what the last papers say, and one next step. */
export function Week() {
  const { id, accent } = useClass()
  const today = useToday()
  const url = useUrl()
  const monday = mondayOf(url.get('week') || today)
  const days = schoolWeek(monday)
  const sessions = useQuery(around(id, monday))
  const now = useQuery(around(id, mondayOf(today)))
  const map = useQuery(ask('get', '/api/classes/{id}/map', inPath({ id })))
  const taking = useTakeAway()
  const moves = useMoves()
  // So that a plan's form is whole when it opens.
  usePrefetchQuery(ask('get', '/api/rules', { params: { query: { accent } } }))
  usePrefetchQuery(ask('get', '/api/sounds', { params: { query: { accent } } }))
  usePrefetchQuery(ask('get', '/api/templates'))
  const turn = (weeks: number) => {
    const to = daysOn(monday, 7 * weeks)
    url.set({ week: to === mondayOf(today) ? '' : to })
  }
  if (sessions.isPending) return <Loading />
  if (sessions.isError) return <Failed error={sessions.error} retry={() => void sessions.refetch()} />
  const on = (day: string) => sessions.data.filter((s) => s.date === day && s.id !== taking.gone?.id)
  const besides = sessions.data.filter((s) => mondayOf(s.date) === monday && !isSchoolDay(s.date))
  return (
    <>
      <Head title={monday === mondayOf(today) ? 'This week' : `Week of ${dayName(monday, true)}`} note={`${dayName(days[0] ?? today, true)} to ${dayName(days[4] ?? today, true)}`}>
        <OpenFile open={moves.file} />
        <a className="btn btn-sm btn-ghost" href={`/api/classes/${id}/week.ics?from=${monday}`} download>
          Calendar
        </a>
        <Turn now={monday === mondayOf(today)} turn={turn} home={() => url.set({ week: '' })} />
      </Head>
      {taking.gone ? <Gone title={taking.gone.title} undo={taking.undo} /> : null}
      {taking.failure ? <Failed error={taking.failure} /> : null}
      {moves.failure ? <Failed error={moves.failure} /> : null}
      {moves.opened ? (
        <p role="status" className="text-small">
          {moves.opened.title} stands on {dayName(moves.opened.date, true)}.
        </p>
      ) : null}
      {now.isError ? <Failed error={now.error} retry={() => void now.refetch()} /> : <NextStep classId={id} all={now.data ?? []} today={today} />}
      <ol className="grid grid-cols-1 sm:grid-cols-2 lg:grid-cols-5 gap-3">
        {days.map((day, i) => (
          <li key={day} className={`sheet p-3 lg:min-h-56 flex flex-col gap-2 ${day === today ? 'border-2 border-primary' : ''}`}>
            <h2 className="font-semibold flex items-baseline justify-between">
              {dayName(day)} {day === today ? <Tag tone="lagoon">today</Tag> : null}
            </h2>
            {on(day).map((s) => (
              <DayCard
                key={s.id}
                classId={id}
                session={s}
                days={days}
                edit={{ takeAway: () => taking.take(s), move: (to) => moves.move({ session: s, day: to }), copy: (to) => moves.copy({ session: s, day: to }) }}
              />
            ))}
            <PlanDay day={day} number={i + 1} />
          </li>
        ))}
      </ol>
      <Besides classId={id} sessions={besides} />
      {map.data ? <Patterns classId={id} map={map.data} /> : map.isError ? <Failed error={map.error} retry={() => void map.refetch()} /> : <Loading rows={2} />}
    </>
  )
}

function NextStep({ classId, all, today }: { classId: number; all: readonly Summary[]; today: string }) {
  const step = nextStep(all, today)
  if (!step) return null
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

/** A session that was kept as a file. */
function OpenFile({ open }: { open: (file: File) => void }) {
  return (
    <label className="btn btn-sm btn-ghost">
      Open a file
      <input
        type="file"
        accept="application/json,.json"
        className="sr-only"
        aria-label="A session from a file"
        onChange={(e) => {
          const [chosen] = e.target.files ?? []
          if (chosen) open(chosen)
          e.target.value = ''
        }}
      />
    </label>
  )
}

/** From week to week. */
function Turn({ now, turn, home }: { now: boolean; turn: (weeks: number) => void; home: () => void }) {
  return (
    <div className="join">
      <button type="button" className="btn btn-sm join-item" aria-label="The week before" onClick={() => turn(-1)}>
        ‹
      </button>
      <button type="button" className="btn btn-sm join-item" disabled={now} onClick={home}>
        This week
      </button>
      <button type="button" className="btn btn-sm join-item" aria-label="The week after" onClick={() => turn(1)}>
        ›
      </button>
    </div>
  )
}

function Gone({ title, undo }: { title: string; undo: () => void }) {
  return (
    <div role="status" className="alert py-2 bg-base-100 border-base-300">
      {title} is taken away.
      <button type="button" className="btn btn-sm" onClick={undo}>
        Undo
      </button>
    </div>
  )
}

/** What a week holds beside its school days. */
function Besides({ classId, sessions }: { classId: number; sessions: readonly Summary[] }) {
  if (sessions.length === 0) return null
  return (
    <p className="text-small">
      At the weekend:{' '}
      {sessions.map((s) => (
        <Link key={s.id} className="link mr-3" to={`/class/${classId}/prepare/${s.id}`}>
          {dayName(s.date)}, {s.title}
        </Link>
      ))}
    </p>
  )
}
