import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { client, dataOf, ifMatch, type Summary } from '../../api/client'
import { classChanged, inPath } from '../../api/ask'
import { useClass } from '../../lib/classContext'

const TEN_SECONDS = 10_000

/** Takes a session away, and for ten seconds lets it be put back. */
export function useTakeAway() {
  const { id } = useClass()
  const queries = useQueryClient()
  const [gone, setGone] = useState<Summary | undefined>()
  const take = useMutation({
    mutationFn: (session: Summary) => dataOf(client.DELETE('/api/sessions/{id}', { params: { path: { id: session.id }, header: ifMatch(session.version) } })),
    onMutate: setGone,
    onError: () => setGone(undefined),
    onSettled: () => classChanged(queries, id),
  })
  const undo = useMutation({
    mutationFn: (session: Summary) => dataOf(client.POST('/api/sessions/{id}/restore', inPath({ id: session.id }))),
    onSuccess: () => setGone(undefined),
    onSettled: () => classChanged(queries, id),
  })
  useEffect(() => {
    if (!gone) return
    const timer = window.setTimeout(() => setGone(undefined), TEN_SECONDS)
    return () => window.clearTimeout(timer)
  }, [gone])
  return {
    gone,
    take: take.mutate,
    undo: () => (gone ? undo.mutate(gone) : undefined),
    failure: take.error ?? undo.error ?? undefined,
  }
}
