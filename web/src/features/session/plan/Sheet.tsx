import type { Candidate, Session } from '../../../api/client'
import { kindOf, KINDS, type PlannedItem } from '../../../blocks'
import { added, dropped, foremost, inBlock, moved, swapped, taken, withoutBlock, type PlannedBlock } from './plan'
import type { PlanEdit } from './usePlan'

/** The sheet as it will be given: its blocks, the time it takes, what to know before. */
interface SheetProps {
  session: Session
  plan: PlanEdit
  spare: readonly Candidate[]
  /** Fills a block of a kind and puts it at the end. */
  addBlock: (kind: string) => void
}

export function Sheet({ session, plan, spare, addBlock }: SheetProps) {
  const minutes = Math.round(session.seconds / 60)
  const limit = Math.round(session.limit / 60)
  const check = foremost(session.checks)
  const next = (item: PlannedItem) => spare.find((c) => c.side === item.view?.side)?.word
  return (
    <section aria-label="The sheet" className="sheet p-3 flex flex-col gap-2 min-h-0 max-lg:min-h-fit overflow-auto">
      <div className="flex items-center gap-2">
        <strong className="whitespace-nowrap">{minutes} min</strong>
        <progress
          className={`progress grow ${session.seconds > session.limit ? 'progress-error' : 'progress-accent'}`}
          value={Math.min(session.seconds, session.limit)}
          max={session.limit}
          aria-label={`${minutes} of ${limit} minutes`}
        />
        <span className="mute whitespace-nowrap">of {limit}</span>
      </div>
      {plan.now.blocks.map((block) => (
        <BlockSection key={block.id} block={block} plan={plan} next={next} />
      ))}
      <select className="select select-sm w-full" aria-label="Add a block" value="" onChange={(e) => addBlock(e.target.value)}>
        <option value="">+ Add a block</option>
        {KINDS.map((k) => (
          <option key={k.id} value={k.id}>
            {k.name}
          </option>
        ))}
      </select>
      <p className={`mt-auto rounded-lg px-3 py-2 text-sm ${check ? 'bg-warning text-warning-content' : 'soft'}`} role="status">
        {check ? check.says : 'Both sides, and no run longer than two: nobody can guess.'}
        {session.checks.length > 1 ? ` And ${session.checks.length - 1} more to look at.` : ''}
      </p>
    </section>
  )
}

const nothing = () => undefined

function BlockSection({ block, plan, next }: { block: PlannedBlock; plan: PlanEdit; next: (item: PlannedItem) => string | undefined }) {
  const { Editor } = kindOf(block.kind)
  const change = (items: Parameters<typeof inBlock>[1]) => plan.change(inBlock(block.id, items))
  return (
    <section aria-label={block.title} className="flex flex-col gap-1">
      <div className="flex items-center">
        <h2 className="font-semibold grow">
          {block.title}
          {block.items.length > 1 ? ` · ${block.items.length}` : ''}
        </h2>
        {block.kind === 'words' ? null : (
          <button type="button" className="btn btn-ghost btn-xs btn-square" aria-label={`Drop the block ${block.title}`} onClick={() => plan.change(withoutBlock(block.id))}>
            ×
          </button>
        )}
      </div>
      <Editor
        items={block.items}
        next={block.kind === 'words' ? next : nothing}
        edit={{
          add: (text) => change(added(text)),
          drop: (text) => change(dropped(text)),
          swap: (text, other) => change(swapped(text, other)),
          move: (text, by) => change(moved(text, by)),
          take: (texts) => change(taken(texts)),
        }}
      />
    </section>
  )
}
