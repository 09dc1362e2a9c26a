import { task } from '../task'

/** Longer words, beat by beat. */
export const beats = task('beats', 'Beat by beat', ['say it', 'count beats', 'write', 'show', 'check and fix'], 'A longer word')
