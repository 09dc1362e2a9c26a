import { task } from '../task'

/** A text hunted through for a sound. */
export const hunt = task({ id: 'hunt', name: 'Text hunt', steps: ['read it', 'list the words', 'show'], own: '/iː/ in The red kite [see; tree; sea]', longest: 300, long: true })
