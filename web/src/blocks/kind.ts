import type { ComponentType } from 'react'
import type { Cell, Item } from '../api/client'

/** One thing to give: an item, and the kind that knows how. */
export interface Call {
  readonly kind: BlockKind
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
  readonly own?: string
  readonly longest?: number
}

/** A kind of block, as the pages know it: how it is planned, given and marked. Mirrors core's BlockBook. */
export interface BlockKind {
  readonly id: string
  /** As it is offered. */
  readonly name: string
  /** Steps of giving one item, in order. */
  readonly steps: readonly string[]
  readonly Editor: ComponentType<EditorProps>
  readonly Caller: ComponentType<CallerProps>
  /** What stands in a cell of the grid that is not open. */
  readonly Shown: ComponentType<CellProps>
  /** What explains an answer that is not a word and no sentence. */
  readonly Told?: ComponentType<CellProps>
  /** The head of an item's column. */
  readonly head: (item: Item) => string
  /** The same for a screen reader. */
  readonly spoken: (cell: Cell) => string
  /** Whether it is answered aloud, so that it has no column on the papers. */
  readonly isSpoken?: boolean
  /** Whether an answer needs a line of its own to be typed in. */
  readonly long: boolean
  /** Says by keys how a word is marked, where it is marked and only its letters are typed. */
  readonly Marker?: ComponentType<MarkerProps>
  /** Whether each child writes something else, so that nothing is there to be copied as right. */
  readonly free?: boolean
  /** Whether it is written as it was dictated, so that arrows may go through it word by word. */
  readonly byWord?: boolean
}
