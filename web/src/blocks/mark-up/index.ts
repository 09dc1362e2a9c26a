import { task } from '../task'

/** Words written, and their graphemes told apart: c a-e k. */
export const markUp = task({ id: 'mark-up', name: 'Write and mark', steps: ['clue', 'say it', 'write', 'mark', 'show', 'check and fix'], own: 'A word of your own', longest: 40 })
