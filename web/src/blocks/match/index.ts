import { task } from '../task'

/** Words joined to their meanings. */
export const match = task({ id: 'match', name: 'Matching', steps: ['read it', 'find its meaning', 'show'], own: 'ledge [a narrow shelf]', longest: 300 })
