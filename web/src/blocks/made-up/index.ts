import { task } from '../task'

/** Invented words: every legal spelling is right. */
export const madeUp = task({ id: 'made-up', name: 'Invented words', steps: ['say it', 'class repeats', 'count sounds', 'write', 'show', 'check and fix'], own: 'An invented word' })
