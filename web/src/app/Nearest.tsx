import { useQuery } from '@tanstack/react-query'
import { Link, Navigate } from 'react-router'
import { ask } from '../api/ask'
import { useClass, useToday } from '../lib/classContext'
import { daysOn } from '../lib/days'
import { nearest } from '../lib/next'
import { Empty } from '../ui/Empty'
import { Failed, Loading } from '../ui/Parts'

/** How far back and ahead a page of the rail looks, in days. */
const BACK = -60
const AHEAD = 60

/** Goes to the session that a page of the rail most likely means, or says what to do when there is none. */
export function Nearest({ page }: { page: 'prepare' | 'dictate' | 'mark' }) {
  const { id } = useClass()
  const today = useToday()
  const sessions = useQuery(ask('get', '/api/classes/{id}/sessions', { params: { path: { id }, query: { from: daysOn(today, BACK), to: daysOn(today, AHEAD) } } }))
  if (sessions.isPending) return <Loading />
  if (sessions.isError) return <Failed error={sessions.error} retry={() => void sessions.refetch()} />
  const found = nearest(sessions.data, page, today)
  if (found) return <Navigate to={`/class/${id}/${page}/${found.id}`} replace />
  return (
    <Empty says={page === 'mark' ? 'No session has been given yet.' : 'No session is planned from today on.'}>
      <Link className="btn btn-primary" to={`/class/${id}/week`}>
        Plan one in the week
      </Link>
    </Empty>
  )
}
