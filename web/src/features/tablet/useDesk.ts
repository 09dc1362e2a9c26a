import { useEffect, useState } from 'react'
import { ApiProblem } from '../../api/problem'
import { line } from './line'
import { arrived, posted, recallDesk, rememberDesk, typed, type Desk } from './outbox'

const AGAIN = 3_000

/** A child's place at this device: what is written goes out one after the other, again and again until it has arrived. */
export function useDesk() {
  const [desk, setDesk] = useState(recallDesk)
  const [again, setAgain] = useState(0)
  const [ended, setEnded] = useState('')
  const change = (by: (now: Desk) => Desk) =>
    setDesk((now) => {
      const next = now && by(now)
      rememberDesk(next)
      return next
    })
  const next = desk?.unsent[0]
  const text = next === undefined ? '' : (desk?.answers[next] ?? '')
  const token = desk?.token
  useEffect(() => {
    if (next === undefined || !token) return
    let stopped = false
    let timer = 0
    line.write(token, next, text).then(
      () => (stopped ? undefined : change((now) => arrived(now, next, text))),
      (problem: unknown) => {
        if (stopped) return
        // It has ended: what was not sent stays here, for the teacher to see.
        if (problem instanceof ApiProblem && problem.status === 404) setEnded(problem.message)
        else timer = window.setTimeout(() => setAgain((n) => n + 1), AGAIN)
      },
    )
    return () => {
      stopped = true
      window.clearTimeout(timer)
    }
  }, [token, next, text, again])
  const leave = () => {
    rememberDesk(undefined)
    setDesk(undefined)
  }
  const sit = (seat: string) => {
    const fresh: Desk = { token: seat, answers: {}, done: [], unsent: [] }
    rememberDesk(fresh)
    setDesk(fresh)
  }
  return {
    desk,
    ended,
    sit,
    leave,
    type: (item: number, written: string) => change((now) => typed(now, item, written)),
    post: (item: number) => change((now) => posted(typed(now, item, now.answers[item] ?? ''), item)),
  }
}
