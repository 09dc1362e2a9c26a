import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useMemo, useState } from 'react'
import { useNavigate, useParams, useSearchParams } from 'react-router'
import { api, type Dictation, type Item } from '../../api/client'
import { useClass } from '../../app/classContext'
import { Failed, Head, Key, Loading, Tag } from '../../ui/Parts'
import { Frames, Strip } from '../../ui/Strip'
import { dayName } from '../week/days'
import { calls, counted, moved, steps, type Call, type Place } from './script'

/** Gives a dictation, one item and one step at a time. */
export function Dictate() {
  const { id } = useParams()
  const dictation = useQuery({ queryKey: ['dictation', Number(id)], queryFn: () => api.dictation(Number(id)) })
  if (dictation.isPending) return <Loading />
  if (dictation.isError) return <Failed error={dictation.error} retry={() => void dictation.refetch()} />
  return <Session dictation={dictation.data} />
}

function Session({ dictation }: { dictation: Dictation }) {
  const { id: classId } = useClass()
  const navigate = useNavigate()
  const queries = useQueryClient()
  const [params, setParams] = useSearchParams()
  const all = useMemo(() => calls(dictation), [dictation])
  const [place, setPlace] = useState<Place>(() => ({
    call: Number(params.get('item') ?? '1') - 1,
    step: Number(params.get('step') ?? '1') - 1,
  }))
  const [repeats, setRepeats] = useState(0)
  const here = all[place.call]
  // The address follows the place, so that a reload stays here.
  useEffect(() => {
    setParams({ item: String(place.call + 1), step: String(place.step + 1) }, { replace: true })
    // eslint-disable-next-line react-hooks/exhaustive-deps -- setParams is new with every address
  }, [place])
  const goTo = useCallback((next: (from: Place) => Place) => {
    setRepeats(0)
    setPlace(next)
  }, [])
  const go = useCallback((by: 1 | -1) => goTo((from) => moved(from, by, all)), [all, goTo])
  const skip = useCallback(
    () => goTo((from) => ({ call: Math.min(from.call + 1, all.length - 1), step: 0 })),
    [all, goTo],
  )
  useEffect(() => {
    const keys = (e: KeyboardEvent) => {
      const inControl = (e.target as HTMLElement).closest('a, button, input, select, textarea')
      if (inControl && (e.key === ' ' || e.key === 'Enter')) return
      if (e.key === ' ' || e.key === 'ArrowRight') go(1)
      else if (e.key === 'ArrowLeft') go(-1)
      else if (e.key.toLowerCase() === 'r') setRepeats((n) => n + 1)
      else if (e.key.toLowerCase() === 's') skip()
      else return
      e.preventDefault()
    }
    window.addEventListener('keydown', keys)
    return () => window.removeEventListener('keydown', keys)
  }, [go, skip])
  const finish = async () => {
    await api.become(dictation.id, 'GIVEN')
    await queries.invalidateQueries()
    await navigate(`/class/${classId}/mark/${dictation.id}`)
  }
  if (!here) {
    return (
      <div className="sheet p-6">
        <p className="mb-3">There is nothing on this sheet yet.</p>
        <a className="btn btn-primary" href={`/class/${classId}/prepare/${dictation.id}`}>
          Choose words
        </a>
      </div>
    )
  }
  const next = all[place.call + 1]
  return (
    <>
      <Head title={`${dayName(dictation.date)}: ${dictation.ruleName}`} note={`${place.call + 1} of ${all.length}`}>
        <button type="button" className="btn btn-sm btn-primary" onClick={() => void finish()}>
          Done: mark the papers
        </button>
      </Head>
      <div className="grow flex flex-col items-center justify-center gap-6 min-h-0">
        <Steps call={here} step={place.step} />
        {here.kind === 'word' ? (
          <WordCall key={here.item.id} item={here.item} step={steps(here)[place.step] ?? ''} repeats={repeats} />
        ) : (
          <SentenceCall text={here.text} step={steps(here)[place.step] ?? ''} />
        )}
      </div>
      <footer className="flex items-center gap-5 mute text-sm">
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
        <span className="ml-auto">
          {next ? `Next: ${next.kind === 'word' ? next.item.word : 'the sentence'}` : 'The last one'}
        </span>
      </footer>
    </>
  )
}

function Steps({ call, step }: { call: Call; step: number }) {
  return (
    <ol className="flex gap-2" aria-label="Steps">
      {steps(call).map((name, i) => (
        <li
          key={name}
          aria-current={i === step ? 'step' : undefined}
          className={`rounded-full px-3.5 py-1 border ${i === step ? 'bg-primary text-primary-content border-primary' : 'border-base-300 mute'}`}
        >
          {name}
        </li>
      ))}
    </ol>
  )
}

function WordCall({ item, step, repeats }: { item: Item; step: string; repeats: number }) {
  const shown = step === 'show' || step === 'check and fix'
  const count = item.units.length
  const capital = (text: string) => (text[0]?.toUpperCase() ?? '') + text.slice(1)
  return (
    <div className="flex flex-col items-center gap-6" aria-live="polite">
      <p className="font-word font-bold text-8xl leading-tight">{item.word}</p>
      <p className="text-2xl">
        {item.clue ? (
          <>
            “{capital(item.clue)}. <strong>{capital(item.word)}.</strong>”
          </>
        ) : (
          'Say it in a sentence of your own, then alone.'
        )}
        {repeats > 0 ? <span className="mute text-base"> said again {repeats}×</span> : null}
      </p>
      {shown ? (
        <Strip units={item.units} size="xl" focus={item.focus} label={item.word} />
      ) : (
        <Frames count={count} label={counted(count, 'sound')} />
      )}
      {shown && item.why ? (
        <p className="text-xl flex items-center gap-3">
          <Tag tone={item.side === 'DUE' ? 'gold' : 'lagoon'}>{item.due}</Tag> {item.why}
        </p>
      ) : (
        <p className="mute text-lg">
          {counted(count, 'sound')} · {counted(item.word.length, 'letter')} · about {item.pause} seconds to write
        </p>
      )}
      {step === 'write' ? <Pause key={item.id} seconds={item.pause} /> : <div className="h-2" />}
    </div>
  )
}

/** The writing time as a quiet bar. */
function Pause({ seconds }: { seconds: number }) {
  const [gone, setGone] = useState(0)
  useEffect(() => {
    const timer = window.setInterval(() => setGone((n) => Math.min(n + 0.25, seconds)), 250)
    return () => window.clearInterval(timer)
  }, [seconds])
  return <progress className="progress progress-accent w-[520px]" value={gone} max={seconds} aria-label="Writing time" />
}

function SentenceCall({ text, step }: { text: string; step: string }) {
  const words = text.split(/\s+/).length
  const shown = step === 'show' || step === 'check and fix'
  return (
    <div className="flex flex-col items-center gap-6 max-w-4xl text-center" aria-live="polite">
      <p className="font-word font-bold text-5xl leading-snug">{text}</p>
      <p className="text-xl mute">
        {counted(words, 'word')}
        {shown ? ' · capital at the start, spaces, end mark, then each word' : ' · said twice, counted, held in memory, written'}
      </p>
    </div>
  )
}
