import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { api, type Summary } from '../../api/client'
import { classChanged } from '../../api/queries'
import { useClass } from '../../lib/classContext'

const TEN_SECONDS = 10_000

/** Takes a session away, and for ten seconds lets it be put back. */
export function useTakeAway() {
  const { id } = useClass()
  const queries = useQueryClient()
  const [gone, setGone] = useState<Summary | undefined>()
  const take = useMutation({
    mutationFn: (session: Summary) => api.remove(session.id, session.version),
    onMutate: setGone,
    onError: () => setGone(undefined),
    onSettled: () => classChanged(queries, id),
  })
  const undo = useMutation({
    mutationFn: (session: Summary) => api.restore(session.id),
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
