import { useIsMutating, useMutation } from '@tanstack/react-query'
import { client, dataOf, type Candidate, type CandidateGroup, type FilledItem, type Session } from '../../../api/client'
import type { PlannedItem } from '../../../kinds'
import { useClass, useKinds } from '../../../lib/classContext'
import { useLeaving } from '../../../lib/useLeaving'
import { filled, inBlock, swapped, taken, withBlock, type PlannedBlock } from './plan'
import type { PlanEdit } from './usePlan'

/** What fills and swaps the items of a sheet; each asks the server, and is one change of the plan. */
export function useSheet(session: Session, plan: PlanEdit, groups: readonly CandidateGroup[]) {
  const of = useClass()
  const kinds = useKinds()
  const focus = [...plan.now.focus]
  const onSheet = plan.now.blocks.flatMap((b) => b.items.map((i) => i.text))
  const ask = (block: { kind: string; role: PlannedBlock['role'] }, count: number, without: readonly string[]) =>
    dataOf(client.POST('/api/classes/{id}/fill', { params: { path: { id: of.id } }, body: { kind: block.kind, role: block.role, focus, count, without: [...without], session: session.id, seed: Date.now() } }))
  // One after the other, however fast the clicks: a block that is asked for first stands first.
  const doing = useMutation({ scope: { id: `sheet ${session.id}` }, mutationFn: (work: () => Promise<void>) => work() })
  const waiting = useIsMutating({ predicate: (one) => one.options.scope?.id === `sheet ${session.id}` }) > 0
  useLeaving(waiting)
  const fillBlock = async (block: PlannedBlock, anew: boolean) => {
    const others = anew ? plan.texts().filter((t) => block.items.every((i) => i.text !== t)) : plan.texts()
    const items = await ask(block, kinds.of(block.kind).usualCount, others)
    plan.change(inBlock(block.id, (there) => (anew ? filled(items)(taken([])(there)) : filled(items)(there))))
  }
  return {
    failure: doing.error ?? undefined,
    again: () => (doing.variables ? doing.mutate(doing.variables) : undefined),
    /** Fills every block that is empty; the words anew when none is. */
    fill: () =>
      doing.mutate(async () => {
        const empty = plan.now.blocks.filter((b) => b.items.length === 0)
        for (const block of empty) await fillBlock(block, false)
        const words = plan.now.blocks.find((b) => b.kind === kinds.word.id && b.role !== 'REVIEW')
        if (empty.length === 0 && words) await fillBlock(words, true)
      }),
    /** Chooses other items for a block. */
    refill: (block: PlannedBlock) => doing.mutate(() => fillBlock(block, true)),
    add: (kind: string) =>
      doing.mutate(async () => {
        plan.change(withBlock(kind, kinds.of(kind).title, await ask({ kind, role: 'FOCUS' }, kinds.of(kind).usualCount, plan.texts())))
      }),
    /** For the next best that asks the same; else for what the server finds. */
    swap: (block: PlannedBlock, item: PlannedItem) =>
      doing.mutate(async () => {
        const near = nextBest(item, groups, onSheet)
        const [other] = near ? [near] : await ask(block, 1, onSheet)
        if (!other) throw new Error(`There is nothing else to ask in place of ${item.text}.`)
        plan.change(inBlock(block.id, swapped(item.text, other)))
      }),
  }
}

function nextBest(item: PlannedItem, groups: readonly CandidateGroup[], onSheet: readonly string[]): FilledItem | undefined {
  const condition = item.view?.condition
  const same = groups.filter((g) => (condition ? g.condition === condition : item.view?.due !== undefined && g.due === item.view.due && !g.condition))
  const free = (c: Candidate) => !onSheet.includes(c.word) && c.untaught.length === 0
  const word = same.flatMap((g) => g.words).find(free)?.word
  return word ? { text: word, asks: word, right: '', role: item.role === 'REVIEW' ? 'FOCUS' : item.role, why: '' } : undefined
}

export type SheetActions = ReturnType<typeof useSheet>

