import { Link } from 'react-router'
import type { SoundView, Spelt } from '../../api/client'
import { useClass } from '../../lib/classContext'
import { Places } from './Places'
import { percent } from '../../lib/turned'
import { useUrl } from '../../lib/useUrl'
import { useSounds } from '../../lib/sounds'

/** One sound's spellings in order of use, with share, places, step and examples; some can be ticked. */
export function SoundTable({ sound }: { sound: SoundView }) {
  const say = useSounds()
  const { id, step } = useClass()
  const url = useUrl()
  const ticked = url.list('tick')
  const tick = (grapheme: string) => {
    const next = ticked.includes(grapheme) ? ticked.filter((g) => g !== grapheme) : [...ticked, grapheme]
    url.set({ sound: sound.phoneme, tick: next.join(','), seed: '' })
  }
  return (
    <section aria-label={`Spellings of ${say(sound.phoneme)}`} className="sheet min-h-0 flex flex-col">
      <header className="flex items-baseline gap-3 px-4 py-2 border-b border-base-300">
        <h2 className="font-ipa text-title leading-none">{say(sound.phoneme)}</h2>
        <span className="mute">{sound.keyword ? `as in ${sound.keyword}` : 'two sounds, one spelling'}</span>
        <span className="mute ml-auto text-small">{sound.count.toLocaleString('en-GB')} places in the words we propose</span>
      </header>
      {/* eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- a scrolling list must be reachable by keyboard */}
      <div className="overflow-auto" tabIndex={0} role="group" aria-label="Table of spellings">
        <table className="w-full text-left table-fixed">
          <colgroup>
            <col className="w-11" />
            <col className="w-18" />
            <col className="w-36" />
            <col className="w-22" />
            <col />
          </colgroup>
          <thead className="mute text-small">
            <tr>
              <th className="pl-4 py-1 font-semibold">
                <span className="sr-only">tick</span>
              </th>
              <th className="font-semibold">spelling</th>
              <th className="font-semibold">share</th>
              <th className="font-semibold">where</th>
              <th className="font-semibold">words</th>
            </tr>
          </thead>
          <tbody>
            {sound.graphemes.map((g) => (
              <Row key={g.grapheme} spelt={g} ticked={ticked.includes(g.grapheme)} tick={() => tick(g.grapheme)} step={step} classId={id} phoneme={sound.phoneme} />
            ))}
          </tbody>
        </table>
      </div>
    </section>
  )
}

function Row({
  spelt,
  ticked,
  tick,
  step,
  classId,
  phoneme,
}: {
  spelt: Spelt
  ticked: boolean
  tick: () => void
  step: number
  classId: number
  phoneme: string
}) {
  const letters = spelt.grapheme.replace('_', '-')
  return (
    <tr className={`border-t border-base-300 ${ticked ? 'soft' : ''}`}>
      <td className="pl-4">
        <input type="checkbox" className="checkbox checkbox-sm" aria-label={`Tick ${letters}`} checked={ticked} onChange={tick} />
      </td>
      <td className="font-word text-head leading-tight py-1">{letters}</td>
      <td className="whitespace-nowrap leading-tight">
        <span className="inline-block w-14 h-2 bg-base-200 rounded align-middle mr-2">
          <span className="block h-2 bg-accent rounded" style={{ width: `${Math.max(2, spelt.share * 100)}%` }} />
        </span>
        {percent(spelt.share)}
        <span className="mute text-small block">{spelt.step === 0 ? 'learnt word by word' : spelt.step <= step ? 'taught' : `taught at step ${spelt.step}`}</span>
      </td>
      <td>
        <Places start={spelt.start} middle={spelt.middle} end={spelt.end} />
      </td>
      <td className="text-small pr-3 leading-snug">
        <span className="font-word">{spelt.examples.slice(0, 5).join(', ')}</span>{' '}
        <Link className="link text-primary whitespace-nowrap" to={`/class/${classId}/words?sound=${encodeURIComponent(phoneme)}&grapheme=${spelt.grapheme}`}>
          all {spelt.count}
        </Link>
      </td>
    </tr>
  )
}
