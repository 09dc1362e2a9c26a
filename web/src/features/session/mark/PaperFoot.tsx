import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useRef } from 'react'
import type { Pupil } from '../../../api/client'
import { ask, inPath } from '../../../api/ask'
import type { PaperStore } from './paperStore'
import { useRevision } from './usePapers'

/** So long after the last answer was entered, in milliseconds. */
const SOON = 800

/** The open paper in numbers, as the class counts them. */
export function PaperFoot({ session, pupil, store }: { session: number; pupil: Pupil; store: PaperStore }) {
  const queries = useQueryClient()
  const scores = useQuery(ask('get', '/api/sessions/{id}/scores', inPath({ id: session })))
  const kept = useRevision(store)
  const counted = useRef(kept)
  useEffect(() => {
    if (counted.current === kept) return undefined
    counted.current = kept
    const timer = window.setTimeout(() => void queries.invalidateQueries({ queryKey: ask('get', '/api/sessions/{id}/scores', inPath({ id: session })).queryKey }), SOON)
    return () => window.clearTimeout(timer)
  }, [kept, queries, session])
  const says = scores.data?.find((s) => s.pupilId === pupil.id)?.says
  return (
    <p className="text-small px-1 shrink-0" role="status" aria-label="This paper in numbers">
      <strong>{pupil.name}</strong> <span className="mute">{scores.isError ? 'could not be counted just now' : (says ?? 'nothing entered yet')}</span>
      {says ? (
        <a className="link ml-3" href={`/api/sessions/${session}/scores.csv`} download>
          All as CSV
        </a>
      ) : null}
    </p>
  )
}
