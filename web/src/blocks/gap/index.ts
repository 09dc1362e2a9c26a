import { task } from '../task'

/** Sentences with one word out. */
export const gap = task({ id: 'gap', name: 'Gap sentences', steps: ['read it', 'which word?', 'write', 'show', 'check and fix'], own: 'The gull sat on the [ledge].', longest: 300 })
