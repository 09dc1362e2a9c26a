import { task } from '../task'

/** Cards that are due, answered aloud. */
export const cards = task({ id: 'cards', name: 'Cards', steps: ['ask', 'answer'], own: 'ai [/eɪ/]', longest: 300, spoken: true })
