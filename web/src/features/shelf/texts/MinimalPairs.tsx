import { useQuery } from '@tanstack/react-query'
import { ask } from '../../../api/ask'
import { useClass } from '../../../lib/classContext'
import { useUrl } from '../../../lib/useUrl'
import { Failed, Loading } from '../../../ui/Parts'
import { Row } from '../filters'
import { SendWords } from '../SendWords'
import { useTerms } from '../../../lib/terms'
import { useSounds } from '../../../lib/sounds'

const CONTRASTS = [
  ['split-vowel', 'silent e or none: hop, hope'],
  ['voicing', 'with and without the voice: back, bag'],
  ['vowel:TRAP-DRESS', 'a or e: man, men'],
  ['vowel:DRESS-KIT', 'e or i: pen, pin'],
  ['vowel:LOT-STRUT', 'o or u: hot, hut'],
  ['vowel:KIT-FLEECE', 'short i or long ee: chip, cheap'],
  ['sound:tʃ-ʃ', 'ch or sh: chip, ship'],
  ['sound:f-θ', 'f or th: fin, thin'],
  ['sound:p-b', 'p or b: cap, cab'],
  ['sound:t-d', 't or d: bat, bad'],
  ['sound:k-ɡ', 'k or g: back, bag'],
] as const
/** Rules whose two sides short words can show. */
const SIDED = ['final-k', 'final-ch', 'final-j', 'final-double', 'c-or-k']

/** Two words that differ by one sound. */
export function MinimalPairs() {
  const say = useSounds()
  const { accent, step } = useClass()
  const url = useUrl()
  const inTerms = useTerms()
  const rules = useQuery(ask('get', '/api/rules', { params: { query: { accent } } }))
  const contrast = url.get('contrast') || 'split-vowel'
  const word = url.get('word')
  const found = useQuery(ask('get', '/api/pairs', { params: { query: { accent, contrast, word, step, limit: 60 } } }))
  const words = [...new Set((found.data?.pairs ?? []).slice(0, 6).flatMap((p) => [p.a, p.b]))]
  return (
    <div className="grid grid-cols-1 lg:grid-cols-[360px_1fr] gap-4 min-h-0 grow max-lg:min-h-fit">
      <form aria-label="The contrast" className="flex flex-col gap-2" onSubmit={(e) => e.preventDefault()}>
        <Row label="Contrast">
          <select aria-label="Contrast" className="select select-sm w-full" value={contrast} onChange={(e) => url.set({ contrast: e.target.value })}>
            {CONTRASTS.map(([id, name]) => (
              <option key={id} value={id}>
                {inTerms(name)}
              </option>
            ))}
            {SIDED.map((id) => (
              <option key={id} value={id}>
                {rules.data?.find((r) => r.id === id)?.name ?? id}: both sides
              </option>
            ))}
          </select>
        </Row>
        <label className="flex flex-col gap-0.5">
          <span className="mute text-small">Or every pair of one word</span>
          <input className="input input-sm w-full font-word text-body" placeholder="any" maxLength={20} value={word} onChange={(e) => url.set({ word: e.target.value.trim().toLowerCase() })} />
        </label>
        <p className="mute text-small">Only words of what is taught so far, the commonest first. The first six pairs go on the sheet.</p>
        <SendWords words={words} />
      </form>
      {/* eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- a scrolling list must be reachable by keyboard */}
      <div role="group" aria-label="Pairs found" className="sheet p-4 min-h-0 overflow-auto" tabIndex={0}>
        {found.isPending ? <Loading rows={8} /> : null}
        {found.isError ? <Failed error={found.error} retry={() => void found.refetch()} /> : null}
        {found.data?.total === 0 ? <p className="mute">{word ? `No short taught word is one sound from ${word}.` : 'No taught pair shows this contrast yet.'}</p> : null}
        <ul className="grid grid-cols-1 xl:grid-cols-2 gap-x-8">
          {found.data?.pairs.map((p) => (
            <li key={`${p.a} ${p.b}`} className="flex items-baseline gap-3 border-b border-dotted border-base-300 py-1">
              <span className="font-word text-head w-28">{p.a}</span>
              <span className="font-word text-head w-28">{p.b}</span>
              <span className="mute">{p.differs.split('-').map(say).join(' or ')}</span>
            </li>
          ))}
        </ul>
      </div>
    </div>
  )
}
