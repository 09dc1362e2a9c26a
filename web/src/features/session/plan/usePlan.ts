import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { flushSync } from 'react-dom'
import { api, ApiProblem, type Session } from '../../../api/client'
import { ask, classChanged } from '../../../api/queries'
import { planOf, toSend, type Change, type Planned } from './plan'

export interface Failed {
  readonly error: Error
  readonly change: Change
}

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
  const change = (next: Change) => {
    setFailed(undefined)
    setSheet((sheet) => ({ ...sheet, pending: [...sheet.pending, next] }))
    save.mutate(next)
  }
  const newest = kept.version > session.version ? kept : session
  const now: Planned = pending.reduce((plan, next) => next(plan), planOf(newest))
  return {
    now,
    change,
    busy: pending.length > 0,
    failure: failed?.error,
    again: () => (failed ? change(failed.change) : undefined),
  }
}

const without = (all: readonly Change[], change: Change) => all.filter((c) => c !== change)

export type PlanEdit = ReturnType<typeof usePlan>
