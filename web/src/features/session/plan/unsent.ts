import { useEffect, useRef, useState } from 'react'
import { inverse } from './inverse'
import { toSend, type Change, type Planned } from './plan'

/** A plan as the server has it, and as it should be. */
interface Unsent {
  readonly was: Planned
  readonly did: Planned
}

const key = (session: number) => `dettato.plan.${session}`

/** Items without what the server drew of them. */
const plain = (plan: Planned): Planned => ({ ...plan, blocks: plan.blocks.map((b) => ({ ...b, items: b.items.map((i) => ({ ...i, view: undefined })) })) })

/** Keeps on this machine what has not reached the server; nothing once all has. */
function rememberUnsent(session: number, unsent: Unsent | undefined): void {
  try {
    if (unsent) window.localStorage.setItem(key(session), JSON.stringify({ was: plain(unsent.was), did: plain(unsent.did) }))
    else window.localStorage.removeItem(key(session))
  } catch {
    // A browser that keeps nothing still has the page itself.
  }
}

/** What was left unsent when the page was closed, as a change of whatever the plan is by now. */
function recallUnsent(session: number): Change | undefined {
  try {
    const text = window.localStorage.getItem(key(session))
    if (!text) return undefined
    const { was, did } = JSON.parse(text) as Unsent
    return inverse(did, was)
  } catch {
    return undefined
  }
}

/**
 * Keeps what waits to be sent until it has arrived, and makes what an earlier page left.
 *
 * @param kept the plan as the server has it
 * @param waiting what is to be made of it, in order
 */
export function useUnsent(session: number, kept: Planned, waiting: readonly Change[], make: (change: Change) => void): void {
  const [left] = useState(() => recallUnsent(session))
  const isMade = useRef(false)
  useEffect(() => {
    if (!left || isMade.current) return
    isMade.current = true
    make(left)
    // eslint-disable-next-line react-hooks/exhaustive-deps -- once, when the session is opened
  }, [left])
  const did = waiting.reduce((plan, next) => next(plan), kept)
  const unsent = waiting.length > 0
  const wanted = JSON.stringify(toSend(did))
  useEffect(() => {
    rememberUnsent(session, unsent ? { was: kept, did } : undefined)
    // eslint-disable-next-line react-hooks/exhaustive-deps -- what is wanted says all that matters of the plans
  }, [session, unsent, wanted])
}
