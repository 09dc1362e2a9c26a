import { task } from '../task'

/** A sentence of the child's own that holds a word. */
export const ownSentence = task({ id: 'own-sentence', name: 'A sentence of their own', steps: ['read it', 'say one', 'write', 'read it back'], own: 'because', longest: 60, long: true, free: true })
