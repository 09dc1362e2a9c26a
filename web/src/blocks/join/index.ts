import { task } from '../task'

/** A base and an ending, written joined. */
export const join = task('join', 'Base and ending', ['say both', 'what changes?', 'write', 'show', 'check and fix'], 'A word with an ending, as hopping')
