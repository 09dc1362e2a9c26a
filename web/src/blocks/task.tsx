import { askedOf } from './asked'
import { Shown as SentenceShown, spokenSentence } from './sentence/Shown'
import type { BlockKind, CellProps, EditorProps } from './kind'
import { TaskCaller } from './TaskCaller'
import { words } from './words'
import { Editor } from './words/Editor'

interface TaskKind {
  readonly id: string
  readonly name: string
  readonly steps: readonly string[]
  /** What she may add herself, as an example. */
  readonly own: string
  readonly longest?: number
  /** Whether it is answered aloud. */
  readonly spoken?: boolean
  /** Whether an answer needs a line of its own. */
  readonly long?: boolean
  /** Whether each child writes something else. */
  readonly free?: boolean
}

/** A kind whose items are tasks: planned as words are, called by what is said, marked by words or by parts. */
export function task({ id, name, steps, own, longest = 40, spoken = false, long = false, free = false }: TaskKind): BlockKind {
  return {
    ...words,
    id,
    name,
    steps,
    isSpoken: spoken,
    long,
    free,
    Editor: (props: EditorProps) => <Editor {...props} own={own} longest={longest} />,
    Caller: TaskCaller,
    Shown,
    head: (item) => (long ? name.toLowerCase() : (askedOf(item.text)?.says.replace(', one way', '') ?? item.answer[0] ?? item.text)),
    spoken: (cell) => (cell.sentence && cell.result !== 'RIGHT' ? spokenSentence(cell.sentence) : words.spoken(cell)),
  }
}

function Shown({ cell }: CellProps) {
  const one = cell.sentence?.words.length === 1 && cell.result !== 'RIGHT'
  if (one) return <span className="font-word wavy">{cell.written}</span>
  return cell.sentence ? <SentenceShown cell={cell} /> : <words.Shown cell={cell} />
}
