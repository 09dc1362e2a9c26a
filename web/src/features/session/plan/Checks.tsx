import type { Check, Session } from '../../../api/client'
import { useKinds } from '../../../lib/classContext'
import { Key } from '../../../ui/Parts'
import { inOrder, without } from './plan'
import type { SheetActions } from './useSheet'
import type { PlanEdit } from './usePlan'

const SHOWN = 3

/** What should be known of the sheet, each with what mends it; and how well the order could be guessed. */
export function Checks({ session, plan, actions }: { session: Session; plan: PlanEdit; actions: SheetActions }) {
  const checks = inOrder(session.checks)
  const told = checks.filter((c, i) => checks.findIndex((d) => d.says === c.says) === i)
  const often = (c: Check) => checks.filter((d) => d.says === c.says).length
  const { guess } = session
  return (
    <div className={`mt-auto rounded-lg px-3 py-2 text-small flex flex-col gap-1 ${checks.length > 0 ? 'bg-warning text-warning-content' : 'soft'}`} role="status">
      {checks.length > 1 ? <strong>{checks.length} checks</strong> : null}
      {told.slice(0, SHOWN).map((c) => (
        <div key={c.kind + c.says} className="flex items-start gap-2">
          <span className="grow">
            {c.says}
            {often(c) > 1 ? ` (${often(c)} times)` : ''}
          </span>
          <Mend check={c} session={session} plan={plan} actions={actions} />
        </div>
      ))}
      {told.length > SHOWN ? <span>And {told.length - SHOWN} more.</span> : null}
      {guess && checks.every((c) => c.kind !== 'PREDICTABLE') ? (
        <span>
          Nobody can guess: who {guess.says} is right {guess.right} times of {guess.of}.
        </span>
      ) : checks.length === 0 ? (
        'Ready to give.'
      ) : null}
    </div>
  )
}

function Mend({ check, session, plan, actions }: { check: Check; session: Session; plan: PlanEdit; actions: SheetActions }) {
  const small = 'btn btn-xs whitespace-nowrap'
  const block = plan.now.blocks.find((b) => b.items.some((i) => i.id !== undefined && i.id === check.item))
  const item = block?.items.find((i) => i.id === check.item)
  const { word } = useKinds()
  const words = plan.now.blocks.find((b) => b.kind === word.id && b.role !== 'REVIEW')
  switch (check.kind) {
    case 'OVER_TIME':
      return session.drops.length > 0 ? (
        <button type="button" className={small} title={dropped(session)} onClick={() => plan.change(without(session.drops))}>
          drop {session.drops.length} <Key>T</Key>
        </button>
      ) : null
    case 'EMPTY':
      return (
        <button type="button" className={small} onClick={actions.fill}>
          fill <Key>F</Key>
        </button>
      )
    case 'PREDICTABLE':
    case 'ONE_SIDED':
      return words ? (
        <button type="button" className={small} onClick={() => actions.refill(words)}>
          choose anew
        </button>
      ) : null
    case 'UNTAUGHT':
    case 'NO_TARGET':
    case 'SOUNDS_ALIKE':
      return block && item ? (
        <button type="button" className={small} onClick={() => actions.swap(block, item)}>
          swap it
        </button>
      ) : null
    default:
      return null
  }
}

/** Which items would go, in words. */
function dropped(session: Session): string {
  const texts = session.blocks.flatMap((b) => b.items.filter((i) => session.drops.includes(i.id)).map((i) => i.text))
  return `They tell least of what the class breaks: ${texts.join(', ')}`
}
