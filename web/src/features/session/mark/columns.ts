import type { Item, Session } from '../../../api/client'
import { kindOf, type BlockKind } from '../../../blocks'

/** One column of the grid: an item, and the kind that draws its cells. */
export interface Column {
  readonly item: Item
  readonly kind: BlockKind
  /** Whether it begins a block. */
  readonly first: boolean
}

export function columnsOf(session: Session): Column[] {
  return session.blocks.filter((block) => !block.spoken).flatMap((block) => block.items.map((item, i) => ({ item, kind: kindOf(block.kind), first: i === 0 })))
}
