import { useQuery } from '@tanstack/react-query'
import type { SoundView } from '../../api/client'
import { ask } from '../../api/ask'
import { useClass } from '../../lib/classContext'
import { Failed, Head, Loading } from '../../ui/Parts'
import { GraphemeTable } from './GraphemeTable'
import { Rivals } from './Rivals'
import { SoundTable } from './SoundTable'
import { graphemesOf } from '../../lib/turned'
import { useSounds } from '../../lib/sounds'
import { useUrl } from '../../lib/useUrl'

/** Every sound with its spellings, every spelling with its sounds, and words for rival spellings. */
export function Sounds() {
  const { accent } = useClass()
  const sounds = useQuery(ask('get', '/api/sounds', { params: { query: { accent } } }))
  if (sounds.isPending) return <Loading rows={12} />
  if (sounds.isError) return <Failed error={sounds.error} retry={() => void sounds.refetch()} />
  return <Shelf sounds={sounds.data} />
}

function Shelf({ sounds }: { sounds: readonly SoundView[] }) {
  const url = useUrl()
  const turned = url.get('way') === 'graphemes'
  const graphemes = graphemesOf(sounds)
  const sound = sounds.find((s) => s.phoneme === url.get('sound')) ?? sounds.find((s) => s.phoneme.startsWith('e')) ?? sounds[0]
  const grapheme = graphemes.find((g) => g.grapheme === url.get('grapheme')) ?? graphemes[0]
  return (
    <>
      <Head title="Sounds" note={turned ? 'from a spelling to its sounds' : 'from a sound to its spellings'}>
        <Turn on={!turned} label="By sound" go={() => url.set({ way: '' })} />
        <Turn on={turned} label="By spelling" go={() => url.set({ way: 'graphemes' })} />
      </Head>
      <div className="grid grid-cols-1 lg:grid-cols-[232px_1fr_330px] gap-4 min-h-0 grow max-lg:min-h-fit">
        <nav aria-label={turned ? 'Spellings' : 'Sounds of the accent'} className="overflow-auto min-h-0 pr-1">
          {turned ? (
            <ul className="flex flex-wrap gap-1">
              {graphemes.map((g) => (
                <li key={g.grapheme}>
                  <Choice on={g.grapheme === grapheme?.grapheme} label={g.grapheme.replace('_', '-')} pick={() => url.set({ grapheme: g.grapheme })} />
                </li>
              ))}
            </ul>
          ) : (
            <>
              <SoundGroup title="Vowels" sounds={sounds.filter((s) => s.vowel && s.keyword)} chosen={sound} pick={(s) => url.set({ sound: s, tick: '', seed: '' })} />
              <SoundGroup title="Consonants" sounds={sounds.filter((s) => !s.vowel && s.keyword)} chosen={sound} pick={(s) => url.set({ sound: s, tick: '', seed: '' })} />
              <SoundGroup title="Two sounds in one" sounds={sounds.filter((s) => !s.keyword)} chosen={sound} pick={(s) => url.set({ sound: s, tick: '', seed: '' })} />
            </>
          )}
        </nav>
        {turned && grapheme ? <GraphemeTable figure={grapheme} /> : null}
        {!turned && sound ? <SoundTable key={sound.phoneme} sound={sound} /> : null}
        {!turned && sound ? <Rivals sound={sound} /> : null}
      </div>
    </>
  )
}

function Turn({ on, label, go }: { on: boolean; label: string; go: () => void }) {
  return (
    <button type="button" aria-pressed={on} className={`btn btn-sm ${on ? 'btn-primary' : ''}`} onClick={go}>
      {label}
    </button>
  )
}

function SoundGroup({
  title,
  sounds,
  chosen,
  pick,
}: {
  title: string
  sounds: readonly SoundView[]
  chosen: SoundView | undefined
  pick: (phoneme: string) => void
}) {
  const say = useSounds()
  return (
    <section className="mb-3">
      <h2 className="mute text-small font-semibold mb-1">{title}</h2>
      <ul className="flex flex-wrap gap-1">
        {sounds.map((s) => (
          <li key={s.phoneme}>
            <button
              type="button"
              aria-pressed={s === chosen}
              aria-label={`${say(s.phoneme)}${s.keyword ? ` as in ${s.keyword}` : ''}`}
              className={`rounded-lg border px-1.5 py-0.5 min-w-12 flex flex-col items-center ${s === chosen ? 'bg-primary text-primary-content border-primary' : 'bg-base-100 border-base-300 hover:border-primary'}`}
              onClick={() => pick(s.phoneme)}
            >
              <span className="font-ipa text-body leading-tight">{say(s.phoneme)}</span>
              <span className={`text-small leading-tight ${s === chosen ? '' : 'mute'}`}>{s.keyword || s.graphemes[0]?.examples[0]}</span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  )
}

function Choice({ on, label, pick }: { on: boolean; label: string; pick: () => void }) {
  return (
    <button
      type="button"
      aria-pressed={on}
      className={`rounded-lg border px-2 py-0.5 min-w-9 font-word ${on ? 'bg-primary text-primary-content border-primary' : 'bg-base-100 border-base-300 hover:border-primary'}`}
      onClick={pick}
    >
      {label}
    </button>
  )
}
