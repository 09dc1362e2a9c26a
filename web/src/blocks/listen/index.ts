import { task } from '../task'

/** Questions for the ear, answered aloud. */
export const listen = task({ id: 'listen', name: 'Listening', steps: ['ask', 'answer'], own: 'Blend these sounds: sh, i, p [ship]', longest: 300, spoken: true })
