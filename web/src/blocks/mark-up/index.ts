import { task } from '../task'
import { MarkKeys } from './MarkKeys'
import { Told } from './Told'
import { Shown, spokenMarks } from './Shown'

/** Words written, and their graphemes told apart: c a-e k. */
export const markUp = {
  ...task({ id: 'mark-up', name: 'Write and mark', steps: ['clue', 'say it', 'write', 'mark', 'show', 'check and fix'], own: 'A word of your own', longest: 40 }),
  Shown,
  spoken: spokenMarks,
  Told,
  Marker: MarkKeys,
  head: (item: { text: string }) => item.text,
}
