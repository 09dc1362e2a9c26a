import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import type { ClassMap } from '../../api/client'
import { ask, inPath } from '../../api/ask'
import { useClass } from '../../lib/classContext'
import { dayName } from '../../lib/days'
import { useUrl } from '../../lib/useUrl'
import { Empty } from '../../ui/Empty'
import { Failed, Head, Loading } from '../../ui/Parts'
import { ChildCard } from './ChildCard'
import { EvidenceCard } from './EvidenceCard'
import { Groups } from './Groups'
import { MapTable } from './MapTable'
import { Needs } from './Needs'

/** Children against rules; a cell opens its evidence, a group its next words. */
export function Respond() {
  const { id, differentWords } = useClass()
  const map = useQuery(ask('get', '/api/classes/{id}/map', inPath({ id })))
  if (map.isPending) return <Loading rows={10} />
  if (map.isError) return <Failed error={map.error} retry={() => void map.refetch()} />
  if (map.data.attempts === 0) {
    return (
      <Empty says="No papers are marked yet. Findings appear here once some are.">
        <Link className="btn btn-primary" to={`/class/${id}/mark`}>
          Mark papers
        </Link>
      </Empty>
    )
  }
  return (
    <>
      <Head
        title="What the papers say"
        note={`${map.data.from ? dayName(map.data.from, true) : ''} to ${map.data.to ? dayName(map.data.to, true) : ''} · a pattern shows on at least ${differentWords} different words · counts are failures / chances`}
      >
        <a className="btn btn-sm" href={`/api/classes/${id}/attempts.csv?detail=conditions`} download>
          All as CSV
        </a>
      </Head>
      <div className="grid grid-cols-1 lg:grid-cols-[1fr_318px] gap-4 min-h-0 grow max-lg:min-h-fit">
        <MapTable map={map.data} />
        <aside className="flex flex-col gap-3 min-h-0 max-lg:min-h-fit overflow-auto" aria-label="Evidence and groups">
          <Opened map={map.data} />
          <Groups map={map.data} />
          <section className="sheet p-3">
            <Needs needs={map.data.needs} of="Of what the class gets wrong" />
          </section>
        </aside>
      </div>
      <footer className="mute text-small flex flex-wrap gap-x-5">
        <span>▼ left out where due</span>
        <span>▲ put where not due</span>
        <span>◆ both: guessing</span>
        <span>○ a slip or two</span>
        <span>
          <span className="inline-block w-4 h-3 soft rounded-sm align-middle" /> secure
        </span>
        <span>– too few words</span>
        <span className="ml-auto">≈ a pattern beside the rules: open the name</span>
      </footer>
    </>
  )
}

/** What the address opens: a cell, a child, or nothing yet. */
function Opened({ map }: { map: ClassMap }) {
  const url = useUrl()
  const pupil = map.rows.find((r) => String(r.pupil.id) === url.get('child'))?.pupil
  const rule = map.rules.find((r) => r.id === url.get('rule'))
  if (pupil && rule) return <EvidenceCard pupil={pupil} rule={rule.id} ruleName={rule.name} />
  if (pupil) return <ChildCard pupil={pupil} />
  return <section className="sheet p-3 mute">Open a cell to see the attempts behind it, or a name to see a child sound by sound.</section>
}
