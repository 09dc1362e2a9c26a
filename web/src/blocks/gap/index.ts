import { task } from '../task'

/** Sentences with one word out. */
export const gap = task('gap', 'Gap sentences', ['read it', 'which word?', 'write', 'show', 'check and fix'], 'The gull sat on the [ledge].', 300)
