import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
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
  const [pending, setPending] = useState<readonly Change[]>([])
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
    onSuccess: (kept) => queries.setQueryData(queryKey, kept),
    onError: (error, change) => setFailed({ error, change }),
    onSettled: async (_kept, _error, change) => {
      setPending((all) => all.filter((c) => c !== change))
      await classChanged(queries, session.classId)
    },
  })
  const change = (next: Change) => {
    setFailed(undefined)
    setPending((all) => [...all, next])
    save.mutate(next)
  }
  const now: Planned = pending.reduce((plan, next) => next(plan), planOf(session))
  return {
    now,
    change,
    busy: pending.length > 0,
    failure: failed?.error,
    again: () => (failed ? change(failed.change) : undefined),
  }
}

export type PlanEdit = ReturnType<typeof usePlan>
