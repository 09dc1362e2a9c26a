import type { ClassMap } from '../../api/client'
import { useUrl } from '../../lib/useUrl'
import { sign, spoken, tested, tone } from './standing'

/** Narrowest column, in rem: room for a sign and its counts. */
const COLUMN = 4.4

/** Children against rules; a cell opens its evidence, a name the child. */
export function MapTable({ map }: { map: ClassMap }) {
  const url = useUrl()
  const rules = tested(map)
  const child = url.get('child')
  const rule = url.get('rule')
  return (
    <div className="sheet overflow-auto min-h-0 max-lg:max-h-[65vh] px-2 py-1">
      <table
        className="w-full table-fixed border-separate border-spacing-x-[3px] border-spacing-y-px"
        style={{ minWidth: `${5 + rules.length * COLUMN}rem` }}
        aria-label="Children and rules"
      >
        <thead>
          <tr>
            <th scope="col" className="w-20 sticky top-0 left-0 bg-base-100 z-20">
              <span className="sr-only">Child</span>
            </th>
            {rules.map((r) => (
              <th key={r.id} scope="col" className="text-small font-semibold mute align-bottom leading-[1.1] sticky top-0 bg-base-100 z-10 hyphens-auto [overflow-wrap:anywhere]">
                {r.name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {map.rows.map((row) => (
            <tr key={row.pupil.id}>
              <th scope="row" className="text-left text-small leading-none font-semibold sticky left-0 bg-base-100 z-[5]">
                <button
                  type="button"
                  className={`block w-full text-left h-[19px] rounded px-1 hover:underline ${child === String(row.pupil.id) && !rule ? 'outline-2 outline-primary' : ''}`}
                  aria-label={`${row.pupil.name}, sound by sound${row.sounds > 0 ? `: ${row.sounds} beside the rules` : ''}`}
                  onClick={() => url.set({ child: String(row.pupil.id), rule: '' })}
                >
                  {row.pupil.name}
                  {row.sounds > 0 ? <span className="text-secondary"> ≈</span> : null}
                </button>
              </th>
              {rules.map((r) => {
                const cell = row.cells.find((c) => c.rule === r.id)
                const on = child === String(row.pupil.id) && rule === r.id
                return (
                  <td key={r.id} className="p-0">
                    <button
                      type="button"
                      className={`block w-full h-[19px] rounded text-small leading-none whitespace-nowrap tracking-tighter ${tone(cell)} ${on ? 'outline-2 outline-primary' : ''}`}
                      aria-label={`${row.pupil.name}, ${r.name}: ${spoken(cell)}`}
                      onClick={() => url.set({ child: String(row.pupil.id), rule: r.id })}
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
