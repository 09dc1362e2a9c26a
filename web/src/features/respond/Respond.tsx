import { useQuery } from '@tanstack/react-query'
import { useNavigate, useSearchParams } from 'react-router'
import { api, type ClassMap, type Standing } from '../../api/client'
import { useClass } from '../../app/classContext'
import { Failed, Head, Loading, Tag } from '../../ui/Parts'
import { dayName, isoDay } from '../week/days'
import { ChildCard } from './ChildCard'
import { Needs } from './Needs'

const SIGNS = { UNDER: '▼', OVER: '▲', MIXED: '◆' } as const
const KINDS = { UNDER: 'left out where due', OVER: 'put where not due', MIXED: 'both: guessing' } as const

/** Children against rules; a cell opens its evidence, a group its next words. */
export function Respond() {
  const { id, differentWords } = useClass()
  const map = useQuery({ queryKey: ['map', id], queryFn: () => api.map(id) })
  if (map.isPending) return <Loading rows={10} />
  if (map.isError) return <Failed error={map.error} retry={() => void map.refetch()} />
  if (map.data.attempts === 0) {
    return <div className="sheet p-6">No papers are marked yet. Findings appear here once some are.</div>
  }
  return (
    <>
      <Head
        title="What the papers say"
        note={`${map.data.from ? dayName(map.data.from, true) : ''} to ${map.data.to ? dayName(map.data.to, true) : ''} · a pattern shows on at least ${differentWords} different words · counts are failures / chances`}
      />
      <div className="grid grid-cols-[1fr_318px] gap-4 min-h-0 grow">
        <Table map={map.data} />
        <aside className="flex flex-col gap-3 min-h-0 overflow-auto" aria-label="Evidence and groups">
          <Evidence map={map.data} />
          <Groups map={map.data} />
          <section className="sheet p-3">
            <Needs needs={map.data.needs} of="Of what the class gets wrong" />
          </section>
        </aside>
      </div>
      <footer className="mute text-sm flex gap-5">
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

function Table({ map }: { map: ClassMap }) {
  const [params, setParams] = useSearchParams()
  const open = (pupil: string, rule: string) => setParams({ pupil, rule }, { replace: true })
  const rules = tested(map)
  return (
    <div className="sheet overflow-auto min-h-0 px-2 py-1">
      <table
        className="w-full table-fixed border-separate border-spacing-x-[3px] border-spacing-y-px"
        style={{ minWidth: `${5 + rules.length * COLUMN}rem` }}
        aria-label="Children and rules"
      >
        <thead>
          <tr>
            <th scope="col" className="w-20 sticky top-0 bg-base-100 z-10">
              <span className="sr-only">Child</span>
            </th>
            {rules.map((r) => (
              <th key={r.id} scope="col" className="text-xs font-semibold mute align-bottom leading-[1.1] sticky top-0 bg-base-100 z-10">
                {r.name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {map.rows.map((row) => (
            <tr key={row.pupil.id}>
              <th scope="row" className="text-left text-[13px] leading-none font-semibold sticky left-0 bg-base-100">
                <button
                  type="button"
                  className={`block w-full text-left h-[19px] rounded px-1 hover:underline ${alone(params, row.pupil.name) ? 'outline-2 outline-primary' : ''}`}
                  aria-label={`${row.pupil.name}, sound by sound${row.sounds > 0 ? `: ${row.sounds} beside the rules` : ''}`}
                  onClick={() => setParams({ pupil: row.pupil.name }, { replace: true })}
                >
                  {row.pupil.name}
                  {row.sounds > 0 ? <span className="text-secondary"> ≈</span> : null}
                </button>
              </th>
              {rules.map((r) => {
                const cell = row.cells.find((c) => c.rule === r.id)
                const on = params.get('pupil') === row.pupil.name && params.get('rule') === r.id
                return (
                  <td key={r.id} className="p-0">
                    <button
                      type="button"
                      className={`block w-full h-[19px] rounded text-xs leading-none ${tone(cell)} ${on ? 'outline-2 outline-primary' : ''}`}
                      aria-label={`${row.pupil.name}, ${r.name}: ${spoken(cell)}`}
                      onClick={() => open(row.pupil.name, r.id)}
                    >
                      {sign(cell)}
                    </button>
                  </td>
                )
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}

/** Whether the address names this child and no rule. */
function alone(params: URLSearchParams, name: string): boolean {
  return params.get('pupil') === name && !params.has('rule')
}

/** Narrowest column, in rem: room for a sign and its counts. */
const COLUMN = 3.25

/** Rules that the papers say something of, for some child; the others would be columns of dashes. */
function tested(map: ClassMap): ClassMap['rules'] {
  return map.rules.filter((r) => map.rows.some((row) => row.cells.some((c) => c.rule === r.id && c.state !== 'NOT_ENOUGH')))
}

function sign(cell: Standing | undefined): string {
  switch (cell?.state) {
    case 'PATTERN':
      return `${SIGNS[cell.kind]} ${cell.failures}/${cell.opportunities}`
    case 'SLIP':
      return '○'
    case 'SECURE':
      return ''
    default:
      return '–'
  }
}

function tone(cell: Standing | undefined): string {
  if (cell?.state === 'PATTERN') return cell.kind === 'OVER' ? 'near text-secondary font-semibold' : 'bg-warning text-warning-content font-semibold'
  return cell?.state === 'SECURE' ? 'soft' : 'mute'
}

function spoken(cell: Standing | undefined): string {
  if (!cell || cell.state === 'NOT_ENOUGH') return 'not enough words yet'
  if (cell.state === 'SECURE') return 'secure'
  const counts = `${cell.failures} of ${cell.opportunities}`
  return cell.state === 'SLIP' ? `a slip, ${counts}` : `pattern, ${KINDS[cell.kind]}, ${counts}`
}

/** The attempts a finding rests on. */
function Evidence({ map }: { map: ClassMap }) {
  const [params] = useSearchParams()
  const row = map.rows.find((r) => r.pupil.name === params.get('pupil'))
  const rule = map.rules.find((r) => r.id === params.get('rule'))
  const cell = row?.cells.find((c) => c.rule === rule?.id)
  if (row && !rule) return <ChildCard pupil={row.pupil} />
  if (!row || !rule) {
    return <section className="sheet p-3 mute">Open a cell to see the attempts behind it, or a name to see a child sound by sound.</section>
  }
  return (
    <section className="sheet p-3" aria-live="polite">
      <h2 className="font-semibold">
        {row.pupil.name} · {rule.name}
      </h2>
      {cell ? (
        <>
          <p className="text-sm mb-1">
            {spoken(cell)}
            {cell.state === 'PATTERN' ? ` · probability ${cell.probability.toFixed(2)}` : ''}
          </p>
          <ul className="text-[15px] columns-2">
            {cell.evidence.map((e) => (
              <li key={e.date + e.target + e.attempt} className="font-word truncate">
                {e.target}
                {e.outcome === 'APPLIED' ? <span className="mute"> ✓</span> : <span className="wavy ml-1">{e.attempt || '–'}</span>}
              </li>
            ))}
          </ul>
          <p className="mute text-sm mt-1">{cell.wouldChange}.</p>
        </>
      ) : (
        <p className="mute">No word has tested it yet.</p>
      )}
    </section>
  )
}

function Groups({ map }: { map: ClassMap }) {
  const { id } = useClass()
  const navigate = useNavigate()
  const plan = async (rule: string) => {
    const made = await api.plan(id, isoDay(new Date()), rule)
    await navigate(`/class/${id}/prepare/${made.id}`)
  }
  return (
    <section className="sheet p-3">
      <h2 className="mute text-sm font-semibold mb-1">Share one pattern</h2>
      {map.groups.length === 0 ? <p className="mute">No patterns yet.</p> : null}
      <ul className="flex flex-col gap-2">
        {map.groups.slice(0, 3).map((g) => (
          <li key={g.rule + g.kind}>
            <p className="flex items-center gap-2">
              <Tag tone={g.kind === 'OVER' ? 'plum' : 'gold'}>{g.ruleName}</Tag>
              <button type="button" className="btn btn-xs ml-auto" onClick={() => void plan(g.rule)} aria-label={`Plan words on ${g.ruleName}`}>
                Plan words
              </button>
            </p>
            <p className="text-[15px] leading-snug">
              {g.pupils.join(', ')}
              <span className="mute text-sm">
                {' '}
                · {KINDS[g.kind]}, {g.failures} of {g.opportunities} chances
              </span>
            </p>
          </li>
        ))}
      </ul>
    </section>
  )
}
