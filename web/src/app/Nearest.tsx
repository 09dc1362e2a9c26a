import { useQuery } from '@tanstack/react-query'
import { Link, Navigate } from 'react-router'
import { api, type Summary } from '../api/client'
import { Failed, Loading } from '../ui/Parts'
import { useClass } from './classContext'

type Page = 'prepare' | 'dictate' | 'mark'

/** The dictation a page of the rail most likely means. */
export function nearest(all: readonly Summary[], page: Page): Summary | undefined {
  const planned = all.filter((d) => d.state === 'PLANNED')
  const given = all.filter((d) => d.state !== 'PLANNED')
  const unfinished = given.filter((d) => d.marked < d.papers)
  return page === 'mark' ? (unfinished.at(-1) ?? given.at(-1)) : planned[0]
}

/** Goes to the nearest dictation, or says what to do when there is none. */
export function Nearest({ page }: { page: Page }) {
  const { id } = useClass()
  const dictations = useQuery({ queryKey: ['dictations', id], queryFn: () => api.dictations(id) })
  if (dictations.isPending) return <Loading />
  if (dictations.isError) return <Failed error={dictations.error} retry={() => void dictations.refetch()} />
  const found = nearest(dictations.data, page)
  if (found) return <Navigate to={`/class/${id}/${page}/${found.id}`} replace />
  return (
    <div className="sheet p-6">
      <p className="mb-3">{page === 'mark' ? 'No dictation has been given yet.' : 'No dictation is planned.'}</p>
      <Link className="btn btn-primary" to={`/class/${id}/week`}>
        Plan one in the week
      </Link>
    </div>
  )
}
