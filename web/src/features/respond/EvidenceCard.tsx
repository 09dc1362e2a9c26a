import { useQuery } from '@tanstack/react-query'
import type { Pupil } from '../../api/client'
import { ask, inPath } from '../../api/ask'
import { useClass } from '../../lib/classContext'
import { Conditions } from '../../ui/Conditions'
import { Failed, Loading } from '../../ui/Parts'
import { spoken } from './standing'

/** The attempts a cell rests on, asked for when it is opened. */
export function EvidenceCard({ pupil, rule, ruleName }: { pupil: Pupil; rule: string; ruleName: string }) {
  const { id } = useClass()
  const found = useQuery(ask('get', '/api/classes/{id}/pupils/{pupilId}/rules/{rule}', inPath({ id, pupilId: pupil.id, rule })))
  const standing = found.data?.standing
  return (
    <section className="sheet p-3" aria-live="polite">
      <h2 className="font-semibold">
        {pupil.name} · {ruleName}
      </h2>
      {found.isPending ? <Loading rows={3} /> : null}
      {found.isError ? <Failed error={found.error} retry={() => void found.refetch()} /> : null}
      {found.data && !standing ? <p className="mute">No word has tested it yet.</p> : null}
      {found.data && standing ? (
        <>
          <p className="text-small mb-1">
            {spoken(standing)}
            {standing.state === 'PATTERN' ? ` · probability ${standing.probability.toFixed(2)}` : ''}
          </p>
          <Conditions title="Broken" marks={standing.broken} />
          {standing.broken.length > 0 ? <Conditions title="Kept" marks={standing.kept} /> : null}
          <ul className="text-body columns-2">
            {found.data.evidence.map((e, i) => (
              <li key={`${e.date} ${e.target} ${i}`} className="font-word truncate">
                {e.target}
                {e.outcome === 'APPLIED' ? <span className="mute"> ✓</span> : <span className="wavy ml-1">{e.attempt || '–'}</span>}
              </li>
            ))}
          </ul>
          {found.data.evidence.length < standing.opportunities ? <p className="mute text-small">The newest {found.data.evidence.length} of {standing.opportunities}.</p> : null}
          <p className="mute text-small mt-1">{standing.wouldChange}.</p>
        </>
      ) : null}
    </section>
  )
}
