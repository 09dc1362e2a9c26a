import { task } from '../task'

/** The class's mistake, made on purpose, to be found. */
export const slip = task({ id: 'slip', name: 'Find the mistake', steps: ['read them', 'which one?', 'which rule?', 'answer'], own: 'ledge cage brige stage [brige]', longest: 300, spoken: true })
