import { beats } from './beats'
import { cards } from './cards'
import { chain } from './chain'
import { gap } from './gap'
import { hunt } from './hunt'
import { irregular } from './irregular'
import { join } from './join'
import type { BlockKind } from './kind'
import { listen } from './listen'
import { madeUp } from './made-up'
import { markUp } from './mark-up'
import { match } from './match'
import { ownSentence } from './own-sentence'
import { pairs } from './pairs'
import { questions } from './questions'
import { read } from './read'
import { sentence } from './sentence'
import { slip } from './slip'
import { sort } from './sort'
import { sounds } from './sounds'
import { words } from './words'

/** The kinds of block, in the order they are offered. A new kind is a folder and a line here. */
export const KINDS: readonly BlockKind[] = [
  words,
  sentence,
  irregular,
  join,
  gap,
  pairs,
  chain,
  beats,
  madeUp,
  sounds,
  cards,
  listen,
  sort,
  match,
  hunt,
  questions,
  slip,
  markUp,
  ownSentence,
  read,
]

/** The kind with this id; one that these pages do not know is shown as words are. */
export function kindOf(id: string): BlockKind {
  return KINDS.find((k) => k.id === id) ?? words
}

export { askedOf } from './asked'
export { isShown } from './Model'
export type { BlockKind, Call, PlannedItem } from './kind'
