import type { BlockKind, EditorProps } from './kind'
import { TaskCaller } from './TaskCaller'
import { words } from './words'
import { Editor } from './words/Editor'

/** A kind whose items are tasks answered by one word: planned and marked as words are, called by what is said. */
export function task(id: string, name: string, steps: readonly string[], own: string, longest = 40): BlockKind {
  return {
    ...words,
    id,
    name,
    steps,
    Editor: (props: EditorProps) => <Editor {...props} own={own} longest={longest} />,
    Caller: TaskCaller,
    head: (item) => item.answer[0] ?? item.text,
  }
}
