import { task } from '../task'

/** A base and an ending, written joined. */
export const join = task({ id: 'join', name: 'Base and ending', steps: ['say both', 'what changes?', 'write', 'show', 'check and fix'], own: 'A word with an ending, as hopping' })
