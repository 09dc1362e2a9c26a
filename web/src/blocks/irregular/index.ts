import { task } from '../task'

/** Words to be known by heart. */
export const irregular = task({ id: 'irregular', name: 'Irregular words', steps: ['say it', 'look at the part', 'cover', 'write', 'show', 'check and fix'], own: 'An irregular word' })
