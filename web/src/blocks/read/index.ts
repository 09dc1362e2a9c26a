import { task } from '../task'

/** What was written, read back. */
export const read = task({ id: 'read', name: 'Read back', steps: ['together', 'alone'], own: 'The words to read', longest: 300, spoken: true })
