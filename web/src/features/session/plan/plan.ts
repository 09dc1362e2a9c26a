import type { Check, FilledItem, Focus, Item, Plan, Session } from '../../../api/client'
import type { PlannedItem } from '../../../kinds'

/** A session's plan as it is edited. */
export interface Planned {
  readonly date: string
  readonly title: string
  readonly focus: readonly Focus[]
  readonly blocks: readonly PlannedBlock[]
}

export interface PlannedBlock {
  readonly id: number
  readonly kind: string
  readonly title: string
  readonly role: Item['role']
  readonly items: readonly PlannedItem[]
}

/** A change that can be made again on a plan that was changed meanwhile. */
export type Change = (plan: Planned) => Planned

export function planOf(session: Session): Planned {
  return {
    date: session.date,
    title: session.title,
    focus: session.focus,
    blocks: session.blocks.map((b) => ({
      id: b.id,
      kind: b.kind,
      title: b.title,
      role: b.role,
      items: b.items.map((i) => ({ id: i.id, text: i.text, asks: i.asks, right: i.right, role: i.role, why: i.why, view: i })),
    })),
  }
}

/** The plan as the API takes it: items that stay are named by their ids. */
export function toSend(plan: Planned): Plan {
  return {
    date: plan.date,
    title: plan.title,
    focus: [...plan.focus],
    blocks: plan.blocks.map((b) => ({
      ...(b.id < 0 ? {} : { id: b.id }),
      kind: b.kind,
      title: b.title,
      role: b.role,
      items: b.items.map((i) => ({ ...(i.id === undefined ? { why: i.why } : { id: i.id }), text: i.text, role: i.role })),
    })),
  }
}

/** Adds a block at the end, filled already. It has a number of its own until it is kept. */
export const withBlock =
  (kind: string, title: string, items: readonly FilledItem[]): Change =>
  (plan) => ({ ...plan, blocks: [...plan.blocks, { id: -1 - plan.blocks.length, kind, title, role: 'FOCUS', items: items.map(chosen) }] })

export const renamed =
  (id: number, title: string): Change =>
  (plan) => ({ ...plan, blocks: plan.blocks.map((b) => (b.id === id ? { ...b, title } : b)) })

/** A block a place up or down. */
export const movedBlock =
  (id: number, by: -1 | 1): Change =>
  (plan) => ({ ...plan, blocks: shifted(plan.blocks, (b) => b.id === id, by) })

export const withoutBlock =
  (id: number): Change =>
  (plan) => ({ ...plan, blocks: plan.blocks.filter((b) => b.id !== id) })

type Items = readonly PlannedItem[]

const fresh = (text: string): PlannedItem => ({ id: undefined, text, asks: text, right: '', role: 'OWN', why: '', view: undefined })

const chosen = (item: FilledItem): PlannedItem => ({ id: undefined, view: undefined, ...item })

/** The same change to the items of one block. */
export function inBlock(block: number, change: (items: Items) => Items): Change {
  return (plan) => ({ ...plan, blocks: plan.blocks.map((b) => (b.id === block ? { ...b, items: change(b.items) } : b)) })
}

/** What the session is about, in place of what it was. */
export const focusOn =
  (...focus: readonly Focus[]): Change =>
  (plan) => ({ ...plan, focus: [...focus], title: '' })

/** Adds an item at the end, once. */
export const added = (text: string) => (items: Items) => (items.some((i) => i.text === text) ? items : [...items, fresh(text)])

export const dropped = (text: string) => (items: Items) => items.filter((i) => i.text !== text)

/** Leaves out items, wherever they stand. */
export const without =
  (ids: readonly number[]): Change =>
  (plan) => ({ ...plan, blocks: plan.blocks.map((b) => ({ ...b, items: b.items.filter((i) => i.id === undefined || !ids.includes(i.id)) })) })

export const swapped = (text: string, other: FilledItem) => (items: Items) => items.map((i) => (i.text === text ? chosen(other) : i))

/** All items anew; those that were there before stay what they are. */
export const taken = (texts: readonly string[]) => (items: Items) => texts.map((t) => items.find((i) => i.text === t) ?? fresh(t))

/** Items that were chosen, after those that are there. */
export const filled = (more: readonly FilledItem[]) => (items: Items) => [...items, ...more.filter((m) => items.every((i) => i.text !== m.text)).map(chosen)]

/** Makes an item review, or takes that back. */
export const reviewed = (text: string) => (items: Items) =>
  items.map((i) => (i.text === text ? { ...i, role: i.role === 'REVIEW' ? ('FOCUS' as const) : ('REVIEW' as const) } : i))

/** One item a place up or down; unchanged when it would leave the list. */
export const moved = (text: string, by: -1 | 1) => (items: Items) => shifted(items, (i) => i.text === text, by)

function shifted<T>(all: readonly T[], which: (one: T) => boolean, by: -1 | 1): readonly T[] {
  const at = all.findIndex(which)
  const to = at + by
  const one = all[at]
  if (one === undefined || to < 0 || to >= all.length) return all
  const rest = all.filter((_, i) => i !== at)
  return [...rest.slice(0, to), one, ...rest.slice(to)]
}

/** The checks, those first that keep the words from doing their work. */
export function inOrder(checks: readonly Check[]): Check[] {
  const order: Check['kind'][] = ['EMPTY', 'ONE_SIDED', 'PREDICTABLE', 'NO_TARGET', 'UNTAUGHT', 'OVER_TIME', 'SHORT', 'NO_END_MARK', 'SOUNDS_ALIKE']
  return [...checks].sort((a, b) => order.indexOf(a.kind) - order.indexOf(b.kind))
}
