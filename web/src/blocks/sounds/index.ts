import { task } from '../task'

/** Sounds, each written with one grapheme or with all that are taught. */
export const sounds = task({ id: 'sounds', name: 'Sounds to write', steps: ['say it', 'write', 'show', 'check and fix'], own: '/eɪ/ [ai; ay; a-e]', longest: 300 })
