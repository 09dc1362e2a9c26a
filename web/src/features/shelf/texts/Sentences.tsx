import { useQuery } from '@tanstack/react-query'
import type { BankSentence, SentenceQuery } from '../../../api/client'
import { ask } from '../../../api/ask'
import { useClass } from '../../../lib/classContext'
import { useUrl } from '../../../lib/useUrl'
import { Failed, Loading } from '../../../ui/Parts'
import { Tray } from '../Tray'
import { Marked } from './Marked'
import { DropOwn, OwnText } from './OwnTexts'
import { SentenceFilters } from './SentenceFilters'

const FIRST = 60
/** Picked sentences stand in the address, each on its own line. */
const LINE = '\n'

/** Our sentences, found by what their words ask; a tray to send on. */
export function Sentences() {
  const { accent, step } = useClass()
  const url = useUrl()
  const shown = Number(url.get('shown') || FIRST)
  const found = useQuery(ask('get', '/api/sentences', { params: { query: { ...sentenceQuery(url.get, accent, step), limit: Math.min(500, shown) } } }))
  const picked = url.get('picked').split(LINE).filter(Boolean)
  const keep = (texts: readonly string[]) => url.set({ picked: texts.join(LINE) })
  const pick = (text: string) => keep(picked.includes(text) ? picked.filter((t) => t !== text) : [...picked, text])
  return (
    <div className="grid grid-cols-1 lg:grid-cols-[248px_1fr_330px] gap-4 min-h-0 grow max-lg:min-h-fit">
      <div className="flex flex-col gap-2 min-h-0 overflow-auto">
        <SentenceFilters />
        <OwnText titled={false} />
      </div>
      <section aria-label="Sentences found" className="sheet min-h-0 flex flex-col">
        {found.isPending ? <Loading rows={10} /> : null}
        {found.isError ? <Failed error={found.error} retry={() => void found.refetch()} /> : null}
        {found.data ? (
          <>
            <p className="px-4 py-2 border-b border-base-300 mute text-small">
              {found.data.total === 1 ? '1 sentence fits' : `${found.data.total.toLocaleString('en-GB')} sentences fit`}
              {url.get('taught') === 'all' ? '' : ', all taught so far'}
            </p>
            {found.data.total === 0 ? <p className="p-4 mute">No sentence fits all of this. Loosen a filter, or allow what is not taught yet.</p> : null}
            <ul className="overflow-auto min-h-0 px-2">
              {found.data.sentences.map((s) => (
                <Line key={s.text} sentence={s} picked={picked.includes(s.text)} pick={() => pick(s.text)} phrases={url.get('phrases') === 'yes'} />
              ))}
              {found.data.sentences.length < Math.min(500, found.data.total) ? (
                <li className="py-3 text-center">
                  <button type="button" className="btn btn-sm" onClick={() => url.set({ shown: String(shown + 120) })}>
                    Show more of {found.data.total.toLocaleString('en-GB')}
                  </button>
                </li>
              ) : null}
            </ul>
          </>
        ) : null}
      </section>
      <Tray picked={picked} drop={pick} clear={() => keep([])} sentences />
    </div>
  )
}

/** Words to be said in one breath. */
function Phrase({ text }: { text: string }) {
  return <span className="inline-block border-b-2 border-accent rounded-b-lg px-1 mr-2">{text}</span>
}

function Line({ sentence, picked, pick, phrases }: { sentence: BankSentence; picked: boolean; pick: () => void; phrases: boolean }) {
  const untaught = [...new Set(sentence.untaught.flatMap((u) => u.graphemes))]
  return (
    <li className="border-b border-dotted border-base-300 flex items-center">
      <label className="grow flex items-center gap-3 min-h-11 px-2 py-1 cursor-pointer hover:bg-base-200 rounded">
        <input type="checkbox" className="checkbox checkbox-sm" checked={picked} onChange={pick} aria-label={`Pick: ${sentence.text}`} />
        <span className="font-word text-large leading-snug grow">
          {phrases ? sentence.phrases.map((phrase) => <Phrase key={phrase} text={phrase} />) : <Marked text={sentence.text} spans={sentence.asked} />}
        </span>
        {untaught.length > 0 ? <span className="text-small mute whitespace-nowrap">needs {untaught.map((g) => g.replace('_', '-')).join(', ')}</span> : null}
        <span className="mute text-small w-16 text-right whitespace-nowrap">{sentence.words} words</span>
      </label>
      {sentence.own ? <DropOwn id={sentence.own} name={sentence.text} /> : null}
    </li>
  )
}

/** The filters of the address as the API wants them; only what is taught, unless asked otherwise. */
export function sentenceQuery(get: (key: string) => string, accent: string, step: number): SentenceQuery {
  return {
    accent,
    ...(get('taught') === 'all' ? {} : { step }),
    ...(get('rule') ? { rule: get('rule') } : {}),
    ...(get('rule') && get('condition') ? { condition: get('condition') } : {}),
    ...(get('sound') ? { sound: get('sound') } : {}),
    ...(get('grapheme') ? { grapheme: get('grapheme') } : {}),
    ...(get('words') ? { words: get('words') } : {}),
    ...(get('kind') ? { kind: get('kind') as 'STATEMENT' | 'QUESTION' | 'EXCLAMATION' } : {}),
    ...(get('names') ? { names: get('names') === 'yes' } : {}),
    ...(get('text') ? { text: get('text') } : {}),
  }
}
