import type { Parts } from '../kind'
import { Caller } from './Caller'
import { Editor } from './Editor'
import { Shown, spokenSentence } from './Shown'

/** Sentences that are dictated. */
export const sentence: Parts = {
  Editor,
  Caller,
  Shown,
  voiced: (cell) => (cell.sentence ? spokenSentence(cell.sentence) : cell.written),
}
