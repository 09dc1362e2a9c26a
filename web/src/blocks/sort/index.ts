import { task } from '../task'

/** Words written into columns. */
export const sort = task({ id: 'sort', name: 'Sorting', steps: ['read it', 'which column?', 'write', 'show'], own: 'crunch [ch | tch]', longest: 300 })
