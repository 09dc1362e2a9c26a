import { spokenMark } from '../../ui/Strip'
import type { BlockKind } from '../kind'
import { Caller } from './Caller'
import { Editor } from './Editor'
import { Shown } from './Shown'

export const words: BlockKind = {
  id: 'words',
  name: 'Words',
  steps: ['clue', 'say it', 'class repeats', 'count sounds', 'write', 'show', 'check and fix'],
  Editor,
  Caller,
  Shown,
  head: (item) => item.text,
  spoken: (cell) => (cell.mark && cell.result !== 'RIGHT' ? `${cell.written}, ${spokenMark(cell.mark)}` : cell.result === 'RIGHT' ? 'right' : cell.written),
  long: false,
}
