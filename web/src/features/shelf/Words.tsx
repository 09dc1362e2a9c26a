import { useQuery } from '@tanstack/react-query'
import { useVirtualizer } from '@tanstack/react-virtual'
import { useRef } from 'react'
import type { ConditionView, WordQuery, WordView } from '../../api/client'
import { ask } from '../../api/ask'
import { useClass } from '../../lib/classContext'
import { Failed, Head, Loading } from '../../ui/Parts'
import { OwnWord } from './OwnWord'
import { OwnWords } from './OwnWords'
import { Tray } from './Tray'
import { useUrl } from '../../lib/useUrl'
import { WordFilters } from './WordFilters'
import { WordRow } from './WordRow'

const FIRST = 60
const MOST = 1000

/** Every word that may be proposed, found by letters, sound, rule and the rest; a tray to send on. */
export function Words() {
  const { accent, step } = useClass()
  const url = useUrl()
  const shown = Number(url.get('shown') || FIRST)
  const found = useQuery(ask('get', '/api/words', { params: { query: { ...query(url.get, accent, step), limit: Math.min(MOST, shown) } } }))
  const picked = url.list('picked')
  const pick = (word: string) => url.set({ picked: (picked.includes(word) ? picked.filter((w) => w !== word) : [...picked, word]).join(',') })
  const own = url.get('own')
  const letters = url.get('pattern')
  const exact = found.data?.words.filter((w) => w.spelling === letters.toLowerCase()) ?? []
  const unknown = /^[a-z]{2,40}$/i.test(letters) && found.data && exact.length === 0
  return (
    <>
      <Head title="Words" note={found.data ? `${found.data.total.toLocaleString('en-GB')} fit` : ''}>
        <button type="button" aria-pressed={url.get('ours') === 'yes'} className={`btn btn-sm ${url.get('ours') ? 'btn-primary' : ''}`} onClick={() => url.set({ ours: url.get('ours') ? '' : 'yes', own: '' })}>
          Our own words
        </button>
      </Head>
      <div className="grid grid-cols-1 lg:grid-cols-[248px_1fr_330px] gap-4 min-h-0 grow max-lg:min-h-fit">
        <WordFilters />
        <section aria-label="Words found" className="sheet min-h-0 flex flex-col">
          {unknown ? (
            <p className="px-4 py-2 soft border-b border-base-300 flex items-center gap-3">
              <span>
                <span className="font-word text-large">{letters.toLowerCase()}</span> is not in our list.
              </span>
              <button type="button" className="btn btn-sm btn-primary ml-auto" onClick={() => url.set({ own: letters.toLowerCase(), ours: '' })}>
                Add it as our own
              </button>
            </p>
          ) : null}
          {exact.length > 1 ? (
            <p className="px-4 py-2 soft border-b border-base-300 flex items-center gap-3">
              <span>
                <span className="font-word text-large">{letters.toLowerCase()}</span> is read in {exact.length} ways; dictations mean “{exact[0]?.clue}”.
              </span>
              <button type="button" className="btn btn-sm ml-auto" onClick={() => url.set({ own: letters.toLowerCase(), ours: '' })}>
                Choose which
              </button>
            </p>
          ) : null}
          {found.isPending ? <Loading rows={10} /> : null}
          {found.isError ? <Failed error={found.error} retry={() => void found.refetch()} /> : null}
          {found.data ? <Found words={found.data.words} total={found.data.total} picked={picked} pick={pick} more={() => url.set({ shown: String(shown + 120) })} /> : null}
        </section>
        {own ? <OwnWord key={own} spelling={own} close={() => url.set({ own: '' })} /> : url.get('ours') ? <OwnWords edit={(w) => url.set({ own: w })} /> : <Tray picked={picked} drop={pick} clear={() => url.set({ picked: '' })} />}
      </div>
    </>
  )
}

/** Room for one row of two words, in px. */
const ROW = 66

/** Two columns of words; only those in view are drawn. */
function Found({
  words,
  total,
  picked,
  pick,
  more,
}: {
  words: readonly WordView[]
  total: number
  picked: readonly string[]
  pick: (word: string) => void
  more: () => void
}) {
  const frame = useRef<HTMLDivElement>(null)
  // eslint-disable-next-line react-hooks/incompatible-library -- nothing here is memoized by a compiler
  const rows = useVirtualizer({
    count: Math.ceil(words.length / 2),
    getScrollElement: () => frame.current,
    estimateSize: () => ROW,
    overscan: 12,
    initialRect: { width: 600, height: 700 },
  })
  if (total === 0) return <p className="p-4 mute">No word fits all of this. Loosen a filter.</p>
  return (
    <div ref={frame} className="overflow-auto px-3 min-h-0 grow max-lg:max-h-[65vh]">
      <ul className="relative" style={{ height: rows.getTotalSize() }}>
        {rows.getVirtualItems().map((row) => (
          <li
            key={row.key}
            className="absolute left-0 w-full"
            style={{ transform: `translateY(${row.start}px)` }}
          >
            <ul className="grid grid-cols-2 gap-x-4">
              {words.slice(2 * row.index, 2 * row.index + 2).map((w, i) => (
                <WordRow key={w.spelling + i} word={w} picked={picked.includes(w.spelling)} pick={() => pick(w.spelling)} />
              ))}
            </ul>
          </li>
        ))}
      </ul>
      {words.length < total && words.length < MOST ? (
        <p className="py-3 text-center">
          <button type="button" className="btn btn-sm" onClick={more}>
            Show more of {total.toLocaleString('en-GB')}
          </button>
        </p>
      ) : null}
    </div>
  )
}

/** The filters of the address as the API wants them. */
export function query(get: (key: string) => string, accent: string, step: number): WordQuery {
  const sounds = Number(get('sounds'))
  const beats = get('beats')
  return {
    accent,
    ...(get('pattern') ? { pattern: get('pattern') } : {}),
    ...(get('sound') ? { sound: get('sound') } : {}),
    ...(get('grapheme') ? { grapheme: get('grapheme') } : {}),
    ...(get('place') ? { position: get('place') as 'START' | 'MIDDLE' | 'END' } : {}),
    ...(get('cluster') ? { cluster: get('cluster') as 'START' | 'MIDDLE' | 'END' } : {}),
    ...(sounds ? { minSounds: sounds, ...(sounds < 7 ? { maxSounds: sounds } : {}) } : {}),
    ...(beats ? { minBeats: Number(beats), ...(beats === '3' ? {} : { maxBeats: Number(beats) }) } : {}),
    ...(get('rule') ? { rule: get('rule') } : {}),
    ...(get('rule') && get('side') ? { side: get('side') as ConditionView['side'] } : {}),
    ...(get('common') ? { commonness: Number(get('common')) } : {}),
    ...(get('taught') ? { taughtBy: step } : {}),
    ...(get('alike') ? { homophone: true } : {}),
    ...(get('joined') ? { compound: true } : {}),
    ...(get('ending') ? { ending: get('ending') } : {}),
  }
}
