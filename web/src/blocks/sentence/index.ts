import type { BlockKind } from '../kind'
import { Caller } from './Caller'
import { Editor } from './Editor'
import { Shown, spokenSentence } from './Shown'

export const sentence: BlockKind = {
  id: 'sentence',
  name: 'Sentence',
  steps: ['say it twice', 'count words', 'write', 'show', 'check and fix'],
  Editor,
  Caller,
  Shown,
  head: () => 'sentence',
  spoken: (cell) => (cell.sentence ? spokenSentence(cell.sentence) : cell.written),
  long: true,
  byWord: true,
}
