import type { ComponentType } from 'react'
import type { Cell, Item, KindView } from '../api/client'

/** One thing to give: an item, and the kind that knows how. */
export interface Call {
  readonly kind: Kind
  readonly item: Item
  /** Id of its block. */
  readonly block: number
  readonly steps: readonly string[]
}

export interface CallerProps {
  readonly item: Item
  /** The name of the step it is at. */
  readonly step: string
  readonly repeats: number
  /** Whether the number of sounds may be seen yet. */
  readonly counted: boolean
  /** Whether nothing that spells it is to be seen before it is shown, since the class can see this screen. */
  readonly hidden: boolean
}

export interface CellProps {
  readonly cell: Cell
}

export interface MarkerProps {
  /** The letters that were typed. */
  readonly text: string
  /** The word as it should be marked. */
  readonly model: string
  readonly name: string
  readonly keep: (text: string) => void
  readonly leave: () => void
}

/** What a sheet's editor may do to its block. */
export interface BlockEdit {
  readonly add: (text: string) => void
  readonly drop: (text: string) => void
  /** For the next best. */
  readonly swap: (item: PlannedItem) => void
  readonly review: (text: string) => void
  readonly move: (text: string, by: -1 | 1) => void
  /** Replaces all items. */
  readonly take: (texts: readonly string[]) => void
}

/** An item of a plan, drawn or still on its way. */
export interface PlannedItem {
  readonly id: number | undefined
  readonly text: string
  /** What is asked, with what is right beside it; "" where that is the answer itself. */
  readonly asks: string
  readonly right: string
  readonly role: Item['role']
  /** Why it was chosen, "" when the teacher put it there. */
  readonly why: string
  /** As the server draws it; not there until it has answered. */
  readonly view: Item | undefined
}

export interface EditorProps {
  readonly items: readonly PlannedItem[]
  readonly edit: BlockEdit
  /** What she may add herself, and how long it may be. */
  readonly own: string
  readonly longest: number
}

/** What a kind looks like, where it differs from other tasks. */
export interface Parts {
  readonly Editor: ComponentType<EditorProps>
  readonly Caller: ComponentType<CallerProps>
  /** What stands in a cell of the grid that is not open. */
  readonly Shown: ComponentType<CellProps>
  /** What explains an answer that is not a word and no sentence. */
  readonly Told?: ComponentType<CellProps>
  /** The same as is shown, for a screen reader. */
  readonly voiced: (cell: Cell) => string
  /** Says by keys how a word is marked, where it is marked and only its letters are typed. */
  readonly Marker?: ComponentType<MarkerProps>
}

/** A kind of activity: what the server says of it, and how it looks. */
export type Kind = KindView & Parts
