import type { Session } from '../../../api/client'
import { kindOf, type Call } from '../../../blocks'

/** Nothing is shown until the end. */
const UNAIDED = ['clue', 'say it', 'write'] as const

/** All that is given, block by block. */
export function calls(session: Session): Call[] {
  return session.blocks.flatMap((block) => {
    const kind = kindOf(block.kind)
    const steps = block.role === 'ASSESSED' ? UNAIDED : kind.steps
    return block.items.map((item) => ({ kind, item, block: block.id, steps }))
  })
}

export interface Place {
  readonly call: number
  readonly step: number
}

/** The place one step on, or back; stays where it is at either end. */
export function moved(place: Place, by: 1 | -1, all: readonly Call[]): Place {
  const here = all[place.call]
  if (!here) return place
  const step = place.step + by
  if (step >= 0 && step < here.steps.length) return { call: place.call, step }
  const next = all[place.call + by]
  if (!next) return place
  return { call: place.call + by, step: by > 0 ? 0 : next.steps.length - 1 }
}

/** A place that is there, whatever an address says. */
export function within(place: Place, all: readonly Call[]): Place {
  const call = Math.min(Math.max(0, place.call), Math.max(0, all.length - 1))
  const steps = all[call]?.steps.length ?? 1
  return { call, step: Math.min(Math.max(0, place.step), steps - 1) }
}
