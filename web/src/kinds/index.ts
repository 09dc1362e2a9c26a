import type { KindView } from '../api/client'
import type { Kind, Parts } from './kind'
import { marked } from './mark-up'
import { sentence } from './sentence'
import { pair, task } from './task'
import { words } from './words'

/** The kinds there are, by what the server says of them. */
export interface Kinds {
  /** In the order they are offered. */
  readonly all: readonly Kind[]
  /** The kind with this id. */
  readonly of: (id: string) => Kind
  /** Words, and sentences, that are simply dictated. */
  readonly word: Kind
  readonly sentence: Kind
}

/** A kind that these pages do not know looks as tasks do: only what is answered otherwise looks otherwise. */
function partsOf(kind: KindView): Parts {
  if (kind.answer === 'MARKED_WORD') return marked
  if (kind.answer === 'PAIR') return pair
  if (kind.answer === 'SENTENCE' && !kind.free) return sentence
  return kind.answer === 'WORD' && kind.takesWords ? words : task
}

export function kindsOf(told: readonly KindView[]): Kinds {
  const all = told.map((kind): Kind => ({ ...kind, ...partsOf(kind) }))
  const first = (which: (kind: Kind) => boolean): Kind => {
    const found = all.find(which)
    if (!found) throw new Error('The server tells of no such kind.')
    return found
  }
  const byId = new Map(all.map((kind) => [kind.id, kind]))
  const word = first((kind) => kind.answer === 'WORD')
  return { all, of: (id) => byId.get(id) ?? word, word, sentence: first((kind) => kind.answer === 'SENTENCE') }
}

export { isShown } from './Model'
export type { Call, Kind, PlannedItem } from './kind'
