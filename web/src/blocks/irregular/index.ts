import { task } from '../task'

/** Words to be known by heart. */
export const irregular = task('irregular', 'Irregular words', ['say it', 'look at the part', 'cover', 'write', 'show', 'check and fix'], 'An irregular word')
