import { Shown as SentenceShown, spokenSentence } from './sentence/Shown'
import type { CellProps, Parts } from './kind'
import { TaskCaller } from './TaskCaller'
import { words } from './words'
import { Editor } from './words/Editor'

/** A kind whose items are tasks: planned as words are, called by what is said, marked by words or by parts. */
export const task: Parts = {
  Editor,
  Caller: TaskCaller,
  Shown,
  voiced: (cell) => (cell.sentence && cell.result !== 'RIGHT' ? spokenSentence(cell.sentence) : words.voiced(cell)),
}

/** Two words, each marked by itself. */
export const pair: Parts = { ...task, Shown: SentenceShown, voiced: (cell) => (cell.sentence ? spokenSentence(cell.sentence) : cell.written) }

function Shown({ cell }: CellProps) {
  const one = cell.sentence?.words.length === 1 && cell.result !== 'RIGHT'
  if (one) return <span className="font-word wavy">{cell.written}</span>
  return cell.sentence ? <SentenceShown cell={cell} /> : <words.Shown cell={cell} />
}
