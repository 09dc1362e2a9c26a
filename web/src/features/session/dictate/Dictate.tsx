import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { useHotkeys } from 'react-hotkeys-hook'
import { Link, useNavigate, useParams } from 'react-router'
import { client, dataOf, ifMatch, type Item, type Session } from '../../../api/client'
import { ask, classChanged, inPath } from '../../../api/ask'
import { isShown, type Call } from '../../../kinds'
import { useClass, useKinds } from '../../../lib/classContext'
import { dayName } from '../../../lib/days'
import { Empty } from '../../../ui/Empty'
import { MarksLegend } from '../../../ui/MarksLegend'
import { Failed, Head, Key, Loading } from '../../../ui/Parts'
import { useBlockClock } from './useBlockClock'
import { MoreTime } from './MoreTime'
import { PointsBar } from './PointsBar'
import { Onward } from './Onward'
import { Steps } from './Steps'
import { Stumblers } from './Stumblers'
import { calls, isCounted, moved } from './script'
import { FREE, useGiving } from './useGiving'
import { useTerms } from '../../../lib/terms'

/** Gives a session, one item and one step at a time. */
export function Dictate() {
  const { id } = useParams()
  const session = useQuery(ask('get', '/api/sessions/{id}', inPath({ id: Number(id) })))
  if (session.isPending) return <Loading />
  if (session.isError) return <Failed error={session.error} retry={() => void session.refetch()} />
  return <Giving key={session.data.id} session={session.data} />
}

function Giving({ session }: { session: Session }) {
  const of = useClass()
  const classId = of.id
  const navigate = useNavigate()
  const queries = useQueryClient()
  const kinds = useKinds()
  const all = useMemo(() => calls(session, of.choices, kinds), [session, of.choices, kinds])
  const { place, repeats, hidden, played, goTo, again, skip, hide, play } = useGiving(all)
  const inTerms = useTerms()
  const here = all[place.call]
  const clock = useBlockClock(session.id, here?.block)
  const stumbling = useStumbling(session.id, here)
  const playing = played || session.points !== undefined
  const finish = useMutation({
    mutationFn: () => dataOf(client.PUT('/api/sessions/{id}/state', { params: { path: { id: session.id }, header: ifMatch(session.version) }, body: { state: 'GIVEN', took: clock.took() } })),
    onSuccess: async (given) => {
      queries.setQueryData(ask('get', '/api/sessions/{id}', inPath({ id: session.id })).queryKey, given)
      await classChanged(queries, classId)
      await navigate(`/class/${classId}/mark/${session.id}`)
    },
    onError: () => queries.invalidateQueries({ queryKey: ask('get', '/api/sessions/{id}', inPath({ id: session.id })).queryKey }),
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
  const { Caller, spoken } = here.kind
  const to = (by: 1 | -1) => {
    const there = moved(place, by, all)
    return there.call === place.call && there.step === place.step ? undefined : there
  }
  const [before, after] = [to(-1), to(1)]
  const done = (size: string) => <Done size={size} busy={finish.isPending} done={() => finish.mutate()} />
  return (
    <>
      <Head title={`${dayName(session.date)}: ${session.title}`} note={`${place.call + 1} of ${all.length}`}>
        <label className="flex items-center gap-2 cursor-pointer min-h-11 px-2">
          <input type="checkbox" className="toggle toggle-primary rounded-full border-base-content/60 before:rounded-full" checked={hidden} onChange={hide} />
          Hide the word until it is shown <Key>H</Key>
        </label>
        {after ? done('btn-sm') : null}
      </Head>
      {finish.isError ? <Failed error={finish.error} retry={() => finish.mutate()} /> : null}
      <Steps steps={steps} step={place.step} go={(step) => goTo((from) => ({ call: from.call, step }))} />
      <div className="grow flex flex-col items-center gap-6 min-h-0 overflow-auto pt-6">
        <Caller key={place.call} item={here.item} step={steps[place.step] ?? ''} repeats={repeats} counted={isCounted(steps, place.step)} hidden={hidden} />
        {isShown(steps[place.step] ?? '') ? <MarksLegend entries={session.legend.filter((entry) => here.item.drawing?.lines.some((line) => line.shape === entry.shape))} /> : null}
        {steps[place.step] === 'write' ? <MoreTime seconds={here.item.pause} /> : null}
      </div>
      {playing && !spoken ? <PointsBar key={here.item.id} session={session} item={here.item} /> : null}
      <div className="flex flex-wrap items-center gap-2 shrink-0">
        <Quiet keyName="R" says="say again" press={again} />
        <Quiet keyName="S" says="skip" press={skip} />
        {spoken ? <Stumbled item={here.item} stumbling={stumbling} /> : null}
        {playing ? null : <Quiet keyName="P" says="play for points" press={play} />}
      </div>
      <Onward
        back={before ? () => goTo((from) => moved(from, -1, all)) : undefined}
        next={after ? () => goTo((from) => moved(from, 1, all)) : undefined}
        nextName={after ? (after.call === place.call ? inTerms(steps[after.step] ?? '') : nameOf(all[after.call] ?? here, hidden)) : ''}
        end={done('btn-lg h-16 text-large')}
      />
    </>
  )
}

/** Notes that the class, or some of it, stumbled on what is answered aloud. */
function useStumbling(session: number, here: Call | undefined) {
  const queries = useQueryClient()
  const [naming, setNaming] = useState(false)
  const note = useMutation({
    mutationFn: ({ item, pupils }: { item: Item; pupils?: readonly number[] }) => dataOf(client.PUT('/api/sessions/{id}/items/{itemId}/stumble', { params: { path: { id: session, itemId: item.id } }, body: { stumbled: pupils ? pupils.length > 0 || item.stumbled : !item.stumbled, pupils: [...(pupils ?? [])] } })),
    onSettled: () => queries.invalidateQueries({ queryKey: ask('get', '/api/sessions/{id}', inPath({ id: session })).queryKey, exact: true }),
  })
  useHotkeys('x', () => (here?.kind.spoken && !note.isPending ? note.mutate({ item: here.item }) : undefined), FREE)
  useHotkeys('n', () => (here?.kind.spoken ? setNaming(true) : undefined), FREE)
  return { note, naming, setNaming }
}

function Stumbled({ item, stumbling }: { item: Item; stumbling: ReturnType<typeof useStumbling> }) {
  const { pupils } = useClass()
  const { note, naming, setNaming } = stumbling
  const who = pupils.filter((p) => item.stumblers.includes(p.id)).map((p) => p.name)
  return (
    <>
      <Quiet keyName="X" says={item.stumbled ? 'stumbled: it comes back' : 'they stumbled'} pressed={item.stumbled} press={() => note.mutate({ item })} />
      <Quiet keyName="N" says={who.length > 0 ? who.join(', ') : 'who?'} press={() => setNaming(true)} />
      {note.isError ? <span className="text-error">{note.error.message}</span> : null}
      {naming ? <Stumblers item={item} pupils={pupils} note={(some) => note.mutate({ item, pupils: some })} close={() => setNaming(false)} /> : null}
    </>
  )
}

function Done({ size, busy, done }: { size: string; busy: boolean; done: () => void }) {
  return (
    <button type="button" className={`btn btn-primary ${size}`} disabled={busy} onClick={done}>
      Done: mark the papers
    </button>
  )
}

/** A key that is a button too, for whoever gives with a finger. */
function Quiet({ keyName, says, press, pressed }: { keyName: string; says: string; press: () => void; pressed?: boolean }) {
  return (
    <button type="button" className="btn min-h-11 text-body font-normal" aria-pressed={pressed} onClick={press}>
      <Key>{keyName}</Key> {says}
    </button>
  )
}

/** What comes after this; a word that is hidden is not named. */
function nameOf(call: Call, hidden: boolean): string {
  if (call.kind.wide) return `the ${call.kind.title.toLowerCase()}`
  return hidden ? 'the next one' : call.item.asks
}
