import type { PlannedItem } from '../../../kinds'
import type { Change, Planned, PlannedBlock } from './plan'

/**
 * Takes one change back, and nothing else: what has been changed since, here or in another window, stays. What the
 * change added goes, what it dropped comes back beside its old neighbours, what it moved or renamed is as it was.
 *
 * @param was the plan before the change
 * @param did the plan after it
 */
export const inverse =
  (was: Planned, did: Planned): Change =>
  (plan) => ({
    date: back(was.date, did.date, plan.date),
    title: back(was.title, did.title, plan.title),
    focus: back(was.focus, did.focus, plan.focus),
    blocks: merged(was.blocks, did.blocks, plan.blocks, (b) => b.id, backInBlock, newBlock),
  })

/** A value that the change made another is the old one again, unless somebody has made it a third since. */
function back<T>(was: T, did: T, now: T): T {
  return same(did, now) ? was : now
}

const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b)

function backInBlock(was: PlannedBlock, did: PlannedBlock, now: PlannedBlock): PlannedBlock {
  return {
    ...now,
    title: back(was.title, did.title, now.title),
    role: back(was.role, did.role, now.role),
    items: merged(was.items, did.items, now.items, (i) => i.text, backInItem, newItem),
  }
}

const backInItem = (was: PlannedItem, did: PlannedItem, now: PlannedItem): PlannedItem => ({ ...now, role: back(was.role, did.role, now.role) })

/** What was let go of comes back as new: its number is nobody's any more. */
const newItem = (item: PlannedItem): PlannedItem => ({ ...item, id: undefined })

const newBlock = (block: PlannedBlock, at: number): PlannedBlock => ({ ...block, id: -1 - at, items: block.items.map(newItem) })

/**
 * A list with the difference between two others taken back.
 *
 * @param key what tells one of a list from the others
 * @param again one that was dropped, as it comes back at a place of the list as it was
 */
function merged<T>(was: readonly T[], did: readonly T[], now: readonly T[], key: (one: T) => unknown, each: (was: T, did: T, now: T) => T, again: (one: T, at: number) => T): readonly T[] {
  const find = (all: readonly T[], one: T) => all.find((other) => key(other) === key(one))
  const kept = now
    .filter((one) => find(was, one) || !find(did, one))
    .map((one) => {
      const [old, made] = [find(was, one), find(did, one)]
      return old && made ? each(old, made, one) : one
    })
  const order = ordered(was, did, kept, key)
  return was.reduce<readonly T[]>((all, one, at) => {
    if (find(did, one) || find(all, one)) return all
    const before = was.slice(0, at).reverse().find((other) => find(all, other))
    const place = before ? all.findIndex((other) => key(other) === key(before)) + 1 : 0
    return [...all.slice(0, place), again(one, at), ...all.slice(place)]
  }, order)
}

/** Puts those that the change moved where they were among each other; all others keep their places. */
function ordered<T>(was: readonly T[], did: readonly T[], now: readonly T[], key: (one: T) => unknown): readonly T[] {
  const common = was.map(key).filter((k) => did.some((d) => key(d) === k))
  if (same(common, did.map(key).filter((k) => common.includes(k)))) return now
  const places = now.flatMap((one, at) => (common.includes(key(one)) ? [at] : []))
  const sorted = places.map((at) => now[at] as T).sort((a, b) => common.indexOf(key(a)) - common.indexOf(key(b)))
  return now.map((one, at) => (places.includes(at) ? (sorted[places.indexOf(at)] as T) : one))
}
