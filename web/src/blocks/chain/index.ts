import { task } from '../task'

/** Words of which each is one sound from the last. */
export const chain = task({ id: 'chain', name: 'Chain', steps: ['say it', 'which sound?', 'write', 'show', 'check and fix'], own: 'The next word of the chain' })
