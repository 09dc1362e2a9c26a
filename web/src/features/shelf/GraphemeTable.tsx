import { Link } from 'react-router'
import { useClass } from '../../lib/classContext'
import { Places } from './Places'
import { percent, type GraphemeFigure } from '../../lib/turned'
import { useSounds } from '../../lib/sounds'

/** One spelling's sounds in order of use. */
export function GraphemeTable({ figure }: { figure: GraphemeFigure }) {
  const say = useSounds()
  const { id } = useClass()
  const letters = figure.grapheme.replace('_', '-')
  return (
    <section aria-label={`Sounds of ${letters}`} className="sheet min-h-0 flex flex-col col-span-2">
      <header className="flex items-baseline gap-3 px-4 py-2 border-b border-base-300">
        <h2 className="font-word text-title leading-none">{letters}</h2>
        <span className="mute">{figure.sounds.length === 1 ? 'one sound' : `${figure.sounds.length} sounds`}</span>
      </header>
      <table className="w-full text-left">
        <thead className="mute text-small">
          <tr>
            <th className="pl-4 py-1 font-semibold">sound</th>
            <th className="font-semibold">share</th>
            <th className="font-semibold">where in a word</th>
            <th className="font-semibold">words</th>
          </tr>
        </thead>
        <tbody>
          {figure.sounds.map((s) => (
            <tr key={s.phoneme} className="border-t border-base-300">
              <td className="pl-4 py-1">
                <Link className="font-ipa text-head link link-hover" to={`/class/${id}/sounds?sound=${encodeURIComponent(s.phoneme)}`}>
                  {say(s.phoneme)}
                </Link>{' '}
                <span className="mute text-small">{s.keyword}</span>
              </td>
              <td>{percent(s.share)}</td>
              <td>
                <Places start={s.spelt.start} middle={s.spelt.middle} end={s.spelt.end} />
              </td>
              <td className="text-small font-word pr-3">{s.spelt.examples.slice(0, 6).join(', ')}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  )
}
