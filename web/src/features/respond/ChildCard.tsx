import { useQuery } from '@tanstack/react-query'
import type { Leaning } from '../../api/client'
import { ask, inPath } from '../../api/ask'
import { useClass } from '../../lib/classContext'
import { Failed, Loading } from '../../ui/Parts'
import { Needs } from './Needs'

const SLIPS = 3

/** What one child writes for each sound, beside the rules of the table. */
export function ChildCard({ pupil }: { pupil: { id: number; name: string } }) {
  const { id } = useClass()
  const child = useQuery(ask('get', '/api/classes/{id}/pupils/{pupilId}/leanings', inPath({ id, pupilId: pupil.id })))
  if (child.isPending) return <Loading rows={3} />
  if (child.isError) return <Failed error={child.error} retry={() => void child.refetch()} />
  const patterns = child.data.leanings.filter((l) => l.pattern)
  const slips = child.data.leanings.filter((l) => !l.pattern).slice(0, SLIPS)
  return (
    <section className="sheet p-3 flex flex-col gap-2" aria-live="polite" aria-label={`${pupil.name}, sound by sound`}>
      <h2 className="font-semibold">{pupil.name} · sound by sound</h2>
      {patterns.length === 0 ? <p className="mute">No sound is written otherwise on enough words to call it a pattern.</p> : null}
      {patterns.map((l) => (
        <One key={l.kind + l.sound + l.label} leaning={l} />
      ))}
      {slips.length > 0 ? <h3 className="mute text-small font-semibold">A slip or two</h3> : null}
      {slips.map((l) => (
        <p key={l.kind + l.sound + l.label} className="text-small">
          <Sound leaning={l} />: {l.label}, {l.failures} of {l.opportunities}
        </p>
      ))}
      <Needs needs={child.data.needs} of={`Of what ${pupil.name} gets wrong`} />
    </section>
  )
}

function One({ leaning }: { leaning: Leaning }) {
  return (
    <div>
      <p>
        <Sound leaning={leaning} />: <strong>{leaning.label}</strong>
        <span className="mute text-small">
          {' '}
          · {leaning.failures} of {leaning.opportunities}
        </span>
      </p>
      <p className="text-body flex flex-wrap gap-x-3">
        {leaning.examples.slice(0, 4).map((e) => (
          <span key={e.date + e.target + e.attempt} className="font-word whitespace-nowrap">
            {e.target} <span className="wavy">{e.attempt}</span>
          </span>
        ))}
      </p>
      <p className="mute text-small">{leaning.wouldChange}.</p>
    </div>
  )
}

function Sound({ leaning }: { leaning: Leaning }) {
  return (
    <span className="font-word">
      /{leaning.sound}/{leaning.keyword ? <span className="mute"> as in {leaning.keyword}</span> : null}
    </span>
  )
}
