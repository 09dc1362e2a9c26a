import { task } from '../task'

/** Words of which each is one sound from the last. */
export const chain = task('chain', 'Chain', ['say it', 'which sound?', 'write', 'show', 'check and fix'], 'The next word of the chain')
