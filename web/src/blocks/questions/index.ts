import { task } from '../task'

/** Questions on a text: choose, or answer in a sentence. */
export const questions = task({ id: 'questions', name: 'Questions on a text', steps: ['read it', 'ask', 'write', 'show'], own: 'The red kite: Where did it land? [in a tree | in the sea]', longest: 300, long: true })
