import type { Cell } from '../../api/client'
import type { CellProps } from '../kind'
import { judged } from './judged'

/** Letters with a wave when they are off, an empty frame after them when the marks are. */
export function Shown({ cell }: CellProps) {
  if (cell.result === 'RIGHT') return <span className="mute">{cell.override ? '◦' : '•'}</span>
  const two = judged(cell)
  if (!two) return <span className="font-word">{cell.written}</span>
  return (
    <span className="font-word whitespace-nowrap">
      <span className={two.letters ? '' : 'wavy'}>{cell.sentence?.words[0]?.written}</span>
      {two.marks ? null : <span className="inline-block w-2 h-2 ml-1 border border-dashed border-current align-middle" />}
    </span>
  )
}

export function spokenMarks(cell: Cell): string {
  const two = judged(cell)
  if (!two) return cell.result === 'RIGHT' ? 'right' : cell.written
  return `letters ${two.letters ? 'right' : 'off'}, marks ${two.marks ? 'right' : 'off'}`
}
