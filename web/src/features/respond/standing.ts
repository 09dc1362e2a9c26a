import type { ClassMap, MapCell } from '../../api/client'
import { KINDS, SIGNS } from '../../ui/words'

type Stands = Pick<MapCell, 'state' | 'kind' | 'failures' | 'opportunities'>

/** What stands in a cell of the map. */
export function sign(cell: Stands | undefined): string {
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

export function tone(cell: Stands | undefined): string {
  if (cell?.state === 'PATTERN') return cell.kind === 'OVER' ? 'near text-secondary font-semibold' : 'bg-warning text-warning-content font-semibold'
  return cell?.state === 'SECURE' ? 'soft' : 'mute'
}

/** The same in words. */
export function spoken(cell: Stands | undefined): string {
  if (!cell || cell.state === 'NOT_ENOUGH') return 'not enough words yet'
  if (cell.state === 'SECURE') return 'secure'
  const counts = `${cell.failures} of ${cell.opportunities}`
  return cell.state === 'SLIP' ? `a slip, ${counts}` : `pattern, ${KINDS[cell.kind]}, ${counts}`
}

/** Rules that the papers say something of, for some child; the others would be columns of dashes. */
export function tested(map: ClassMap): ClassMap['rules'] {
  return map.rules.filter((r) => map.rows.some((row) => row.cells.some((c) => c.rule === r.id && c.state !== 'NOT_ENOUGH')))
}
