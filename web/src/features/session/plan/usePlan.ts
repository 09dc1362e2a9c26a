import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { flushSync } from 'react-dom'
import { api, ApiProblem, type Session } from '../../../api/client'
import { ask, classChanged } from '../../../api/queries'
import { planOf, restored, toSend, type Change, type Planned } from './plan'

export interface Failed {
  readonly error: Error
  readonly change: Change
}

/** How the plan was before each change, and after each that was undone. */
interface Steps {
  readonly back: readonly Planned[]
  readonly forth: readonly Planned[]
}

const MOST_STEPS = 50

/** Another window may change it again and again while a change is made anew on what stands there. */
const MOST_TRIES = 6

/**
 * A session's plan: every change shows at once and is kept in its turn, each made on what the one before has kept. A
 * session changed in another window is read again and the change made on that; one that fails is told, and can be
 * made again.
 */
export function usePlan(session: Session) {
  const queries = useQueryClient()
  const [{ kept, pending }, setSheet] = useState<{ kept: Session; pending: readonly Change[] }>({ kept: session, pending: [] })
  const [failed, setFailed] = useState<Failed | undefined>()
  const { queryKey } = ask.session(session.id)

  const keep = async (change: Change): Promise<Session> => {
    let seen = queries.getQueryData<Session>(queryKey) ?? session
    for (let tries = 1; ; tries++) {
      try {
        return await api.rewrite(seen.id, seen.version, toSend(change(planOf(seen))))
      } catch (late) {
        if (!(late instanceof ApiProblem) || late.status !== 409 || tries === MOST_TRIES) throw late
        const now = await api.session(seen.id)
        if (now.version === seen.version) throw late
        queries.setQueryData(queryKey, now)
        seen = now
      }
    }
  }
  const save = useMutation({
    scope: { id: `session ${session.id}` },
    mutationFn: keep,
    // A change leaves the pending ones in the very step in which its result arrives: shown a moment too long it is made
    // twice, a moment too short it is undone, and a row that jumps back and forth loses the focus.
    onSuccess: (done, change) => {
      flushSync(() => setSheet((sheet) => ({ kept: done, pending: without(sheet.pending, change) })))
      queries.setQueryData(queryKey, done)
    },
    onError: (error, change) => {
      setSheet((sheet) => ({ ...sheet, pending: without(sheet.pending, change) }))
      setFailed({ error, change })
    },
    onSettled: () => classChanged(queries, session.classId),
  })
  const [steps, setSteps] = useState<Steps>({ back: [], forth: [] })
  const send = (next: Change) => {
    setFailed(undefined)
    setSheet((sheet) => ({ ...sheet, pending: [...sheet.pending, next] }))
    save.mutate(next)
  }
  const newest = kept.version > session.version ? kept : session
  const now: Planned = pending.reduce((plan, next) => next(plan), planOf(newest))
  const change = (next: Change) => {
    setSteps({ back: [...steps.back, now].slice(-MOST_STEPS), forth: [] })
    send(next)
  }
  const undo = () => {
    const was = steps.back.at(-1)
    if (!was) return
    setSteps({ back: steps.back.slice(0, -1), forth: [...steps.forth, now] })
    send(restored(was))
  }
  const redo = () => {
    const was = steps.forth.at(-1)
    if (!was) return
    setSteps({ back: [...steps.back, now], forth: steps.forth.slice(0, -1) })
    send(restored(was))
  }
  return {
    now,
    change,
    undo: steps.back.length > 0 ? undo : undefined,
    redo: steps.forth.length > 0 ? redo : undefined,
    busy: pending.length > 0,
    failure: failed?.error,
    again: () => (failed ? send(failed.change) : undefined),
  }
}

const without = (all: readonly Change[], change: Change) => all.filter((c) => c !== change)

export type PlanEdit = ReturnType<typeof usePlan>
