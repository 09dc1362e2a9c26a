import type { Choices, Item, Session } from '../../../api/client'
import type { Call, Kinds } from '../../../kinds'

/** Nothing is shown until the end. */
const UNAIDED = ['clue', 'say it', 'write'] as const

const COUNT = 'count sounds'
const FIX = 'check and fix'
export const FOUND = 'how many sounds?'

/** All that is given, block by block, in the class's own way. */
export function calls(session: Session, choices: Choices, kinds: Kinds): Call[] {
  return session.blocks.flatMap((block) => {
    const kind = kinds.of(block.kind)
    const all = block.items.map((item) => ({
      kind,
      item,
      block: block.id,
      steps: block.role === 'ASSESSED' ? UNAIDED : kind.steps.flatMap((step) => inItsWay(step, item, choices)),
    }))
    const shows = kind.steps.includes('show') && block.role !== 'ASSESSED'
    return choices.checking === 'END' && shows
      ? [...all.map((call) => ({ ...call, steps: call.steps.slice(0, shown(call.steps)) })), ...all.map((call) => ({ ...call, steps: call.steps.slice(shown(call.steps)) }))]
      : all
  })
}

const shown = (steps: readonly string[]) => steps.indexOf('show')

/** A step as this class takes it, with what comes before it. */
function inItsWay(step: string, item: Item, choices: Choices): string[] {
  const pieces = item.pieces.length
  if (step === COUNT) {
    const before = pieces < 2 ? [] : choices.parting === 'BEATS' ? ['clap the beats'] : choices.parting === 'BASE' ? ['base, then ending'] : []
    return [...before, choices.counting === 'FOUND' ? FOUND : COUNT]
  }
  if (step === FIX) return [{ LINE: 'check: one line, write it beside', FIX, TICK: 'check and tick' }[choices.correcting]]
  if (step === 'look at the part' && item.letters) return ['say its letters']
  return [step]
}

/** Whether the number of sounds may be seen: at once, or when the class has found it. */
export function isCounted(steps: readonly string[], step: number): boolean {
  return step > steps.indexOf(FOUND) || !steps.includes(FOUND)
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
