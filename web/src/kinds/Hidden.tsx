import type { Item } from '../api/client'

/** In the place of a word that the class is not to see yet. */
export function Hidden({ what, className = '' }: { what: string; className?: string }) {
  return <p className={`mute flex items-center justify-center ${className}`}>{what} is hidden until it is shown</p>
}

/** Whether what is said of a task holds its answer: to read it would be to copy it. */
export function givesItAway(item: Item): boolean {
  return item.answer.some((answer) => new RegExp(`(^|[^\\p{L}])${answer.replace(/[^\p{L}\p{N} ]/gu, '.')}($|[^\\p{L}])`, 'iu').test(item.says))
}
