import type { Session } from '../../../api/client'
import { BlockSection } from './BlockSection'
import { Checks } from './Checks'
import type { PlannedBlock } from './plan'
import type { SheetActions } from './useSheet'
import type { PlanEdit } from './usePlan'
import { useKinds } from '../../../lib/classContext'
import { useTerms } from '../../../lib/terms'

interface SheetProps {
  readonly session: Session
  readonly plan: PlanEdit
  readonly actions: SheetActions
  /** The block whose items are open. */
  readonly open: PlannedBlock | undefined
  readonly openBlock: (block: PlannedBlock) => void
}

/** The sheet as it will be given: its blocks, the time it takes, what to know before. */
export function Sheet({ session, plan, actions, open, openBlock }: SheetProps) {
  const minutes = Math.round(session.seconds / 60)
  const limit = Math.round(session.limit / 60)
  const { learnt } = session
  const inTerms = useTerms()
  const kinds = useKinds()
  return (
    <section aria-label="The sheet" className="sheet p-3 flex flex-col gap-1.5 min-h-0 max-lg:min-h-fit">
      <div
        className="flex items-center gap-2"
        title={learnt ? `Learnt from ${learnt.runs} blocks you gave: plans are off by ${percent(learnt.after)}, ${percent(learnt.before)} without` : 'From usual times; it learns yours as you give sessions'}
      >
        <strong className="whitespace-nowrap">{minutes} min</strong>
        <progress
          className={`progress grow ${session.seconds > session.limit ? 'progress-error' : 'progress-accent'}`}
          value={Math.min(session.seconds, session.limit)}
          max={session.limit}
          aria-label={`${minutes} of ${limit} minutes`}
        />
        <span className="mute whitespace-nowrap">of {limit}</span>
      </div>
      {/* eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- a scrolling list must be reachable by keyboard */}
      <div className="flex flex-col gap-1.5 min-h-0 overflow-auto" tabIndex={0} role="group" aria-label="Blocks">
        {plan.now.blocks.map((block) => (
          <BlockSection
          key={block.id}
          block={block}
          seconds={session.blocks.find((b) => b.id === block.id)?.seconds}
          plan={plan}
          actions={actions}
          open={block === open}
          toggle={() => openBlock(block)}
        />
        ))}
      </div>
      <select className="select select-sm w-full" aria-label="Add a block" data-add-block value="" onChange={(e) => actions.add(e.target.value)}>
        <option value="">+ Add a block</option>
        {kinds.all.map((k) => (
          <option key={k.id} value={k.id}>
            {inTerms(k.title)}
          </option>
        ))}
      </select>
      <Checks session={session} plan={plan} actions={actions} />
    </section>
  )
}

const percent = (part: number) => `${Math.round(100 * part)} %`
