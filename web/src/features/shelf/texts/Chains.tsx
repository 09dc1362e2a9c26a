import { useQuery } from '@tanstack/react-query'
import type { ChainQuery, ChainView } from '../../../api/client'
import { ask } from '../../../api/ask'
import { useClass } from '../../../lib/classContext'
import { useUrl } from '../../../lib/useUrl'
import { Failed, Loading } from '../../../ui/Parts'
import { Choice, Row } from '../filters'
import { SendWords } from '../SendWords'

const MOVES: Record<ChainView['moves'][number], string> = {
  FIRST: 'another first sound',
  VOWEL: 'another vowel',
  LAST: 'another last sound',
  ADDED: 'a sound more',
  DROPPED: 'a sound less',
  INSIDE: 'another sound inside',
}

/** Words of which each is one sound from the last. */
export function Chains() {
  const { accent, step } = useClass()
  const url = useUrl()
  const seed = Number(url.get('seed') || 1)
  const chain = useQuery(ask('get', '/api/chains', { params: { query: chainQuery(url.get, accent, step) } }))
  return (
    <div className="grid grid-cols-1 lg:grid-cols-[300px_1fr] gap-4 min-h-0 grow max-lg:min-h-fit">
      <form aria-label="The chain" className="flex flex-col gap-1.5" onSubmit={(e) => e.preventDefault()}>
        <label className="flex flex-col gap-0.5">
          <span className="mute text-small">First word</span>
          <input className="input input-sm w-full font-word text-body" placeholder="any" maxLength={20} value={url.get('start')} onChange={(e) => url.set({ start: e.target.value.trim().toLowerCase() })} />
        </label>
        <Row label="Words">
          <Choice name="How many words" options={[['5', '5'], ['', '8'], ['10', '10'], ['12', '12']]} value={url.get('length')} change={(length) => url.set({ length })} />
        </Row>
        <Row label="Sounds">
          <Choice name="Sounds of each word" options={[['', 'any'], ['3', '3'], ['3-4', '3–4'], ['4-5', '4–5']]} value={url.get('sounds')} change={(sounds) => url.set({ sounds })} />
        </Row>
        <Row label="Doubles">
          <Choice name="Doubled ends" options={[['', 'any'], ['true', 'some'], ['false', 'none']]} value={url.get('doubled')} change={(doubled) => url.set({ doubled })} />
        </Row>
        <button type="button" className="btn btn-sm btn-primary mt-1" onClick={() => url.set({ seed: String(seed + 1) })}>
          Another chain
        </button>
        <p className="mute text-small">Only words of what is taught so far. One sound changes, sometimes with several letters. Doubles are words in ff, ll, ss, zz or ck.</p>
        {chain.data ? <SendWords words={chain.data.words} /> : null}
      </form>
      {/* eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- a scrolling list must be reachable by keyboard */}
      <div role="group" aria-label="The chain found" className="sheet p-4 min-h-0 overflow-auto" tabIndex={0}>
        {chain.isPending ? <Loading rows={8} /> : null}
        {chain.isError ? <Failed error={chain.error} /> : null}
        {chain.data ? (
          <ol>
            {chain.data.words.map((word, i) => {
              const move = chain.data.moves[i - 1]
              return (
                <li key={word} className="flex items-baseline gap-4 border-b border-dotted border-base-300 py-1.5">
                  <span className="mute text-small w-5 text-right">{i + 1}</span>
                  <span className="font-word text-head w-44">{word}</span>
                  <span className="mute">{move ? MOVES[move] : ''}</span>
                </li>
              )
            })}
          </ol>
        ) : null}
      </div>
    </div>
  )
}

export function chainQuery(get: (key: string) => string, accent: string, step: number): ChainQuery {
  return {
    accent,
    step,
    length: Number(get('length') || 8),
    seed: Number(get('seed') || 1),
    ...(get('start') ? { start: get('start') } : {}),
    ...(get('sounds') ? { sounds: get('sounds') } : {}),
    ...(get('doubled') ? { doubled: get('doubled') === 'true' } : {}),
  }
}
