import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { flushSync } from 'react-dom'
import { ApiProblem, client, dataOf, ifMatch, type Session } from '../../../api/client'
import { ask, classChanged, inPath } from '../../../api/ask'
import { useLeaving } from '../../../lib/useLeaving'
import { inverse } from './inverse'
import { planOf, toSend, type Change, type Planned } from './plan'
import { useUnsent } from './unsent'

interface Failed {
  readonly error: Error
  readonly sent: Sent
}

/** A change on its way, and the step that tells afterwards what it did. */
interface Sent {
  readonly change: Change
  readonly step: Step
}

/** A change that was made: the plan before it and after it, as drawn at first, as it was kept from then on. */
interface Step {
  was: Planned
  did: Planned
}

/** What may be undone, and what was undone and may be made again. */
interface Steps {
  readonly back: readonly Step[]
  readonly forth: readonly Step[]
}

/** The server could not be reached or could not answer: the change itself is as good as before. */
const notTold = (error: Error) => error instanceof ApiProblem && (error.status === 0 || error.status >= 500)

const MOST_STEPS = 50

/** Another window may change it again and again while a change is made anew on what stands there. */
const MOST_TRIES = 6

/**
 * A session's plan: every change shows at once and is kept in its turn, each made on what the one before has kept. A
 * session changed in another window is read again and the change made on that; one that fails is told, and can be
 * made again. What has not reached the server stays on this machine, and is made when the session is next opened.
 */
export function usePlan(session: Session) {
  const queries = useQueryClient()
  const [{ kept, pending }, setSheet] = useState<{ kept: Session; pending: readonly Change[] }>({ kept: session, pending: [] })
  const [failed, setFailed] = useState<Failed | undefined>()
  const { queryKey } = ask('get', '/api/sessions/{id}', inPath({ id: session.id }))

  const keep = async ({ change, step }: Sent): Promise<Session> => {
    let seen = queries.getQueryData<Session>(queryKey) ?? session
    for (let tries = 1; ; tries++) {
      try {
        const done = await dataOf(client.PUT('/api/sessions/{id}', { params: { path: { id: seen.id }, header: ifMatch(seen.version) }, body: toSend(change(planOf(seen))) }))
        step.was = planOf(seen)
        step.did = planOf(done)
        return done
      } catch (late) {
        if (!(late instanceof ApiProblem) || late.status !== 409 || tries === MOST_TRIES) throw late
        const now = await dataOf(client.GET('/api/sessions/{id}', inPath({ id: seen.id })))
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
    onSuccess: (done, { change }) => {
      flushSync(() => setSheet((sheet) => ({ kept: done, pending: without(sheet.pending, change) })))
      queries.setQueryData(queryKey, done)
    },
    onError: (error, sent) => {
      setSheet((sheet) => ({ ...sheet, pending: without(sheet.pending, sent.change) }))
      setFailed({ error, sent })
    },
    onSettled: () => classChanged(queries, session.classId),
  })
  const [steps, setSteps] = useState<Steps>({ back: [], forth: [] })
  const send = (sent: Sent) => {
    setFailed(undefined)
    setSheet((sheet) => ({ ...sheet, pending: [...sheet.pending, sent.change] }))
    save.mutate(sent)
  }
  const newest = kept.version > session.version ? kept : session
  const now: Planned = pending.reduce((plan, next) => next(plan), planOf(newest))
  const newestTexts = useRef<readonly string[]>([])
  // eslint-disable-next-line react-hooks/refs -- read in handlers only, never while drawing
  newestTexts.current = now.blocks.flatMap((b) => b.items.map((i) => i.text))
  useLeaving(pending.length > 0)
  const waiting = failed && notTold(failed.error) ? [failed.sent.change, ...pending] : pending
  const made = (change: Change): Step => {
    const step: Step = { was: now, did: change(now) }
    send({ change, step })
    return step
  }
  const change = (next: Change) => {
    const step = made(next)
    setSteps((all) => ({ back: [...all.back, step].slice(-MOST_STEPS), forth: [] }))
  }
  /** What a step did is looked up when its turn has come: by then it is known what was kept. */
  const takenBack = (step: Step): Change => (plan) => inverse(step.was, step.did)(plan)
  useUnsent(session.id, planOf(newest), waiting, change)
  const undo = () => {
    const last = steps.back.at(-1)
    if (last) setSteps({ back: steps.back.slice(0, -1), forth: [...steps.forth, made(takenBack(last))] })
  }
  const redo = () => {
    const last = steps.forth.at(-1)
    if (last) setSteps({ back: [...steps.back, made(takenBack(last))], forth: steps.forth.slice(0, -1) })
  }
  return {
    now,
    change,
    undo: steps.back.length > 0 ? undo : undefined,
    redo: steps.forth.length > 0 ? redo : undefined,
    busy: pending.length > 0,
    /** All that stands on the sheet at this moment, for whoever has waited since it was drawn. */
    texts: () => newestTexts.current,
    failure: failed?.error,
    again: () => (failed ? send(failed.sent) : undefined),
  }
}

const without = (all: readonly Change[], change: Change) => all.filter((c) => c !== change)

export type PlanEdit = ReturnType<typeof usePlan>
