import { useQuery } from '@tanstack/react-query'
import type { Rival, SoundView } from '../../api/client'
import { ask, inPath } from '../../api/ask'
import { useClass } from '../../lib/classContext'
import { Failed, Loading, Tag } from '../../ui/Parts'
import { Strip } from '../../ui/Strip'
import { SendWords } from './SendWords'
import { useUrl } from '../../lib/useUrl'
import { useSounds } from '../../lib/sounds'

/** A mixed list of words for the ticked spellings of one sound, as many of each. */
export function Rivals({ sound }: { sound: SoundView }) {
  const say = useSounds()
  const { id } = useClass()
  const url = useUrl()
  const ticked = url.list('tick').filter((g) => sound.graphemes.some((s) => s.grapheme === g))
  const count = Number(url.get('n') || '12')
  const taught = url.get('taught') !== 'no'
  const seed = Number(url.get('seed') || '0')
  const list = useQuery({ ...ask('post', '/api/classes/{id}/rivals', { ...inPath({ id }), body: { sound: sound.phoneme, graphemes: ticked, count, taught, without: [], seed } }), enabled: seed > 0 && ticked.length > 0 })
  return (
    <section aria-label="Words for rival spellings" className="sheet p-3 flex flex-col gap-2 min-h-0">
      <h2 className="font-semibold">Words for rival spellings</h2>
      <p className="text-small">
        {ticked.length === 0 ? (
          <span className="mute">Tick two or more spellings. You get as many words of each, mixed so that nobody can guess.</span>
        ) : (
          <>
            <span className="font-word text-body">{ticked.map((g) => g.replace('_', '-')).join(' · ')}</span> for{' '}
            <span className="font-ipa">{say(sound.phoneme)}</span>
          </>
        )}
      </p>
      <div className="flex flex-wrap items-center gap-2">
        <label className="flex items-center gap-1 text-small whitespace-nowrap">
          How many
          <select className="select select-sm w-16 pr-6" value={count} onChange={(e) => url.set({ n: e.target.value })}>
            {[6, 8, 10, 12, 16, 20].map((n) => (
              <option key={n}>{n}</option>
            ))}
          </select>
        </label>
        <button type="button" aria-pressed={taught} className={`btn btn-xs rounded-full ${taught ? 'btn-primary' : ''}`} onClick={() => url.set({ taught: taught ? 'no' : '' })}>
          taught so far
        </button>
        <button type="button" className="btn btn-sm btn-primary ml-auto" disabled={ticked.length === 0} onClick={() => url.set({ seed: String(seed + 1) })}>
          {seed > 0 ? 'Others' : 'Get words'}
        </button>
      </div>
      {list.isLoading ? <Loading rows={5} /> : null}
      {list.isError ? <Failed error={list.error} retry={() => void list.refetch()} /> : null}
      {list.data ? <Chosen words={list.data} wanted={count} /> : null}
    </section>
  )
}

function Chosen({ words, wanted }: { words: readonly Rival[]; wanted: number }) {
  return (
    <>
      {words.length < wanted ? (
        <p className="text-small rounded-lg px-2 py-1 bg-warning text-warning-content">
          {words.length === 0 ? 'No word fits. Tick other spellings, or let untaught ones in.' : `Only ${words.length} words fit.`}
        </p>
      ) : null}
      {/* eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- a scrolling list must be reachable by keyboard */}
      <ol className="overflow-auto min-h-0" tabIndex={0} aria-label="Chosen words">
        {words.map((w, i) => (
          <li key={w.word} className="flex items-center gap-2 border-b border-dotted border-base-300">
            <span className="mute text-small w-5">{i + 1}</span>
            <Strip units={w.units} size="sm" focus={w.focus} label={w.word} />
            <span className="ml-auto">
              <Tag tone="lagoon">{w.grapheme.replace('_', '-')}</Tag>
            </span>
          </li>
        ))}
      </ol>
      <div className="mt-auto">
        <SendWords words={words.map((w) => w.word)} />
      </div>
    </>
  )
}
