import { useQueries } from '@tanstack/react-query'
import type { CandidateGroup, Focus } from '../../../api/client'
import { ask } from '../../../api/ask'

export interface Fitting {
  readonly groups: readonly CandidateGroup[]
  readonly total: number
  readonly pending: boolean
  readonly error: Error | undefined
  readonly again: () => void
}

/** A focus as an address says it. */
function focusQuery({ rule, sound, graphemes, irregular }: Focus) {
  return { ...(rule ? { rule } : {}), ...(sound ? { sound, graphemes: graphemes ?? [] } : {}), ...(irregular ? { irregular } : {}) }
}

/** The words that fit any of several focuses, those of the first before those of the next. */
export function useFitting(classId: number, focus: readonly Focus[], taught: boolean, beats: number): Fitting {
  return useQueries({
    queries: focus.map((f) => ask('get', '/api/classes/{id}/candidates', { params: { path: { id: classId }, query: { ...focusQuery(f), taught, beats } } })),
    combine: (found) => ({
      groups: found.flatMap((f) => f.data?.groups ?? []),
      total: found.reduce((n, f) => n + (f.data?.total ?? 0), 0),
      pending: found.some((f) => f.isPending),
      error: found.find((f) => f.isError)?.error ?? undefined,
      again: () => found.forEach((f) => void f.refetch()),
    }),
  })
}
