import { spokenMark } from '../../ui/Strip'
import type { Parts } from '../kind'
import { Caller } from './Caller'
import { Editor } from './Editor'
import { Shown } from './Shown'

/** Words that are simply dictated. */
export const words: Parts = {
  Editor,
  Caller,
  Shown,
  voiced: (cell) => (cell.mark && cell.result !== 'RIGHT' ? `${cell.written}, ${spokenMark(cell.mark)}` : cell.result === 'RIGHT' ? 'right' : cell.written),
}
