import { task } from '../task'

/** Longer words, beat by beat. */
export const beats = task({ id: 'beats', name: 'Beat by beat', steps: ['say it', 'count beats', 'write', 'show', 'check and fix'], own: 'A longer word' })
