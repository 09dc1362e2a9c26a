import type { Item, Session } from '../../../api/client'
import type { Kind, Kinds } from '../../../kinds'

/** One column of the grid: an item, and the kind that draws its cells. */
export interface Column {
  readonly item: Item
  readonly kind: Kind
  /** Whether it begins a block. */
  readonly first: boolean
}

export function columnsOf(session: Session, kinds: Kinds): Column[] {
  return session.blocks.filter((block) => !block.spoken).flatMap((block) => block.items.map((item, i) => ({ item, kind: kinds.of(block.kind), first: i === 0 })))
}
