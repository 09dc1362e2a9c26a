import { beats } from './beats'
import { chain } from './chain'
import { gap } from './gap'
import { irregular } from './irregular'
import { join } from './join'
import type { BlockKind } from './kind'
import { madeUp } from './made-up'
import { pairs } from './pairs'
import { sentence } from './sentence'
import { words } from './words'

/** The kinds of block, in the order they are offered. A new kind is a folder and a line here. */
export const KINDS: readonly BlockKind[] = [words, sentence, irregular, join, gap, pairs, chain, beats, madeUp]

/** The kind with this id; one that these pages do not know is shown as words are. */
export function kindOf(id: string): BlockKind {
  return KINDS.find((k) => k.id === id) ?? words
}

export type { BlockKind, Call, PlannedItem } from './kind'
