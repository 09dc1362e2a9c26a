import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useMemo, useState } from 'react'
import { useHotkeys } from 'react-hotkeys-hook'
import { Link, useNavigate, useParams, useSearchParams } from 'react-router'
import { api, type Item, type Session } from '../../../api/client'
import { ask, classChanged } from '../../../api/queries'
import { askedOf, isShown, type Call } from '../../../blocks'
import { useClass } from '../../../lib/classContext'
import { dayName } from '../../../lib/days'
import { Empty } from '../../../ui/Empty'
import { MarksLegend } from '../../../ui/MarksLegend'
import { Failed, Head, Key, Loading } from '../../../ui/Parts'
import { useBlockClock } from './useBlockClock'
import { MoreTime } from './MoreTime'
import { PointsBar } from './PointsBar'
import { Stumblers } from './Stumblers'
import { calls, isCounted, moved, within, type Place } from './script'
import { useTerms } from '../../../lib/terms'

/** Gives a session, one item and one step at a time. */
export function Dictate() {
  const { id } = useParams()
  const session = useQuery(ask.session(Number(id)))
  if (session.isPending) return <Loading />
  if (session.isError) return <Failed error={session.error} retry={() => void session.refetch()} />
  return <Giving key={session.data.id} session={session.data} />
}

function Giving({ session }: { session: Session }) {
  const of = useClass()
  const classId = of.id
  const navigate = useNavigate()
  const queries = useQueryClient()
  const [params, setParams] = useSearchParams()
  const all = useMemo(() => calls(session, of.choices), [session, of.choices])
  const [place, setPlace] = useState<Place>(() =>
    within({ call: Number(params.get('item') ?? '1') - 1 || 0, step: Number(params.get('step') ?? '1') - 1 || 0 }, all),
  )
  const [repeats, setRepeats] = useState(0)
  const [played, setPlayed] = useState(() => params.get('points') === '1')
  // The address follows the place, so that a reload stays here.
  useEffect(() => {
    setParams({ item: String(place.call + 1), step: String(place.step + 1), ...(played ? { points: '1' } : {}) }, { replace: true })
    // eslint-disable-next-line react-hooks/exhaustive-deps -- setParams is new with every address
  }, [place, played])
  const goTo = (next: (from: Place) => Place) => {
    setRepeats(0)
    setPlace(next)
  }
  // A key that presses a focused button or link is that button's.
  const free = { preventDefault: true, ignoreEventWhen: (e: KeyboardEvent) => e.key === ' ' && (e.target as HTMLElement).closest('a, button') !== null }
  useHotkeys('space, right', () => goTo((from) => moved(from, 1, all)), free)
  useHotkeys('left', () => goTo((from) => moved(from, -1, all)), free)
  useHotkeys('r', () => setRepeats((n) => n + 1), free)
  useHotkeys('s', () => goTo((from) => ({ call: Math.min(from.call + 1, all.length - 1), step: 0 })), free)
  const here = all[place.call]
  const clock = useBlockClock(session.id, here?.block)
  const [naming, setNaming] = useState(false)
  const playing = played || session.points !== undefined
  const stumble = useMutation({
    mutationFn: ({ item, pupils }: { item: Item; pupils?: readonly number[] }) => api.stumble(session.id, item.id, pupils ? pupils.length > 0 || item.stumbled : !item.stumbled, pupils ?? []),
    onSettled: () => queries.invalidateQueries({ queryKey: ask.session(session.id).queryKey, exact: true }),
  })
  useHotkeys('x', () => (here?.kind.isSpoken && !stumble.isPending ? stumble.mutate({ item: here.item }) : undefined), free)
  useHotkeys('n', () => (here?.kind.isSpoken ? setNaming(true) : undefined), free)
  useHotkeys('p', () => setPlayed(true), free)
  const finish = useMutation({
    mutationFn: () => api.become(session.id, session.version, 'GIVEN', clock.took()),
    onSuccess: async (given) => {
      queries.setQueryData(ask.session(session.id).queryKey, given)
      await classChanged(queries, classId)
      await navigate(`/class/${classId}/mark/${session.id}`)
    },
    onError: () => queries.invalidateQueries({ queryKey: ask.session(session.id).queryKey }),
  })
  if (!here) {
    return (
      <Empty says="There is nothing on this sheet yet.">
        <Link className="btn btn-primary" to={`/class/${classId}/prepare/${session.id}`}>
          Choose words
        </Link>
      </Empty>
    )
  }
  const { steps } = here
  const { Caller, isSpoken } = here.kind
  const next = all[place.call + 1]
  return (
    <>
      <Head title={`${dayName(session.date)}: ${session.title}`} note={`${place.call + 1} of ${all.length}`}>
        <button type="button" className="btn btn-sm btn-primary" disabled={finish.isPending} onClick={() => finish.mutate()}>
          Done: mark the papers
        </button>
      </Head>
      {finish.isError ? <Failed error={finish.error} retry={() => finish.mutate()} /> : null}
      <div className="grow flex flex-col items-center justify-center gap-6 min-h-0">
        <Steps steps={steps} step={place.step} />
        <Caller key={place.call} item={here.item} step={steps[place.step] ?? ''} repeats={repeats} counted={isCounted(steps, place.step)} />
        {isShown(steps[place.step] ?? '') ? <MarksLegend entries={session.legend.filter((entry) => here.item.drawing?.lines.some((line) => line.shape === entry.shape))} /> : null}
        {steps[place.step] === 'write' ? <MoreTime seconds={here.item.pause} /> : null}
      </div>
      {playing && !isSpoken ? <PointsBar key={here.item.id} session={session} item={here.item} /> : null}
      {naming ? <Stumblers item={here.item} pupils={of.pupils} note={(pupils) => stumble.mutate({ item: here.item, pupils })} close={() => setNaming(false)} /> : null}
      <footer className="flex flex-wrap items-center gap-x-5 mute text-sm">
        <span>
          <Key>Space</Key> next step
        </span>
        <span>
          <Key>←</Key> back
        </span>
        <span>
          <Key>R</Key> say again
        </span>
        <span>
          <Key>S</Key> skip
        </span>
        {isSpoken ? (
          <button type="button" className="flex items-center gap-1" aria-pressed={here.item.stumbled} onClick={() => stumble.mutate({ item: here.item })}>
            <Key>X</Key> {here.item.stumbled ? 'stumbled: it comes back' : 'they stumbled'}
          </button>
        ) : null}
        {isSpoken ? (
          <button type="button" className="flex items-center gap-1" onClick={() => setNaming(true)}>
            <Key>N</Key> {here.item.stumblers.length > 0 ? of.pupils.filter((p) => here.item.stumblers.includes(p.id)).map((p) => p.name).join(', ') : 'who?'}
          </button>
        ) : null}
        {playing ? null : (
          <button type="button" className="flex items-center gap-1" onClick={() => setPlayed(true)}>
            <Key>P</Key> play for points
          </button>
        )}
        {stumble.isError ? <span className="text-error">{stumble.error.message}</span> : null}
        <span className="ml-auto">{next ? `Next: ${nameOf(next)}` : 'The last one'}</span>
      </footer>
    </>
  )
}

function nameOf(call: Call): string {
  return call.kind.long ? `the ${call.kind.name.toLowerCase()}` : (askedOf(call.item.text)?.says ?? call.item.text)
}

function Steps({ steps, step }: { steps: readonly string[]; step: number }) {
  const inTerms = useTerms()
  return (
    <ol className="flex flex-wrap justify-center gap-2" aria-label="Steps">
      {steps.map((name, i) => (
        <li
          key={name}
          aria-current={i === step ? 'step' : undefined}
          className={`rounded-full px-3.5 py-1 border ${i === step ? 'bg-primary text-primary-content border-primary' : 'border-base-300 mute'}`}
        >
          {inTerms(name)}
        </li>
      ))}
    </ol>
  )
}
