import type { Check, Focus, Plan, Session } from '../../../api/client'
import type { PlannedItem } from '../../../blocks'

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
      items: b.items.map((i) => ({ id: i.id, text: i.text, view: i })),
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
      items: b.items.map((i) => (i.id === undefined ? { text: i.text } : { id: i.id, text: i.text })),
    })),
  }
}

/** Adds a block at the end, filled already. It has a number of its own until it is kept. */
export const withBlock =
  (kind: string, title: string, texts: readonly string[]): Change =>
  (plan) => ({ ...plan, blocks: [...plan.blocks, { id: -1 - plan.blocks.length, kind, title, items: texts.map(fresh) }] })

export const withoutBlock =
  (id: number): Change =>
  (plan) => ({ ...plan, blocks: plan.blocks.filter((b) => b.id !== id) })

/** The plan as it was: what is there still keeps its ids, and with them its answers; what went comes back as new. */
export const restored =
  (was: Planned): Change =>
  (plan) => {
    const items = new Set(plan.blocks.flatMap((b) => b.items.map((i) => i.id)))
    const blocks = new Set(plan.blocks.map((b) => b.id))
    return {
      ...was,
      blocks: was.blocks.map((b, at) => ({
        ...b,
        id: blocks.has(b.id) ? b.id : -1 - at,
        items: b.items.map((i) => (blocks.has(b.id) && items.has(i.id) ? i : { ...i, id: undefined })),
      })),
    }
  }

type Items = readonly PlannedItem[]

const fresh = (text: string): PlannedItem => ({ id: undefined, text, view: undefined })

/** The same change to the items of one block. */
export function inBlock(block: number, change: (items: Items) => Items): Change {
  return (plan) => ({ ...plan, blocks: plan.blocks.map((b) => (b.id === block ? { ...b, items: change(b.items) } : b)) })
}

export const focusOn =
  (rule: string): Change =>
  (plan) => ({ ...plan, focus: [{ rule }], title: '' })

/** Adds an item at the end, once. */
export const added = (text: string) => (items: Items) => (items.some((i) => i.text === text) ? items : [...items, fresh(text)])

export const dropped = (text: string) => (items: Items) => items.filter((i) => i.text !== text)

export const swapped = (text: string, other: string) => (items: Items) => items.map((i) => (i.text === text ? fresh(other) : i))

/** All items anew; those that were there before stay what they are. */
export const taken = (texts: readonly string[]) => (items: Items) => texts.map((t) => items.find((i) => i.text === t) ?? fresh(t))

/** One item a place up or down; unchanged when it would leave the list. */
export const moved = (text: string, by: -1 | 1) => (items: Items) => {
  const at = items.findIndex((i) => i.text === text)
  const to = at + by
  const item = items[at]
  if (!item || to < 0 || to >= items.length) return items
  const rest = items.filter((i) => i !== item)
  return [...rest.slice(0, to), item, ...rest.slice(to)]
}

/** The check to show first: what keeps the words from doing their work, then the rest. */
export function foremost(checks: readonly Check[]): Check | undefined {
  const order: Check['kind'][] = ['EMPTY', 'ONE_SIDED', 'PREDICTABLE', 'NO_TARGET', 'UNTAUGHT', 'OVER_TIME', 'NO_END_MARK', 'SOUNDS_ALIKE']
  return [...checks].sort((a, b) => order.indexOf(a.kind) - order.indexOf(b.kind))[0]
}
