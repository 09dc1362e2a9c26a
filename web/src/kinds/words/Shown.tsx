import { Written } from '../../ui/Strip'
import type { CellProps } from '../kind'

/** A word as it was written, a dot when all is well. */
export function Shown({ cell }: CellProps) {
  if (cell.result === 'RIGHT') return <span className="mute">{cell.override ? '◦' : '•'}</span>
  if (!cell.mark) return <span className="font-word">{cell.written}</span>
  return <Written mark={cell.mark} />
}
