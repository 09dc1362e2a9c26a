import { task } from '../task'

/** Invented words: every legal spelling is right. */
export const madeUp = task('made-up', 'Invented words', ['say it', 'class repeats', 'count sounds', 'write', 'show', 'check and fix'], 'An invented word')
