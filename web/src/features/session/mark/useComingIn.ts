import { useQuery } from '@tanstack/react-query'
import { useEffect } from 'react'
import { client, dataOf, type Cell } from '../../../api/client'
import { ask, inPath } from '../../../api/ask'
import type { PaperStore } from './paperStore'

/** Cells that are written on devices come into the grid as they come; what came while the line was down is fetched. */
export function useComingIn(session: number, store: PaperStore): void {
  const isOut = Boolean(useQuery(ask('get', '/api/sessions/{id}/handout', inPath({ id: session }))).data?.code)
  useEffect(() => {
    if (!isOut || typeof EventSource === 'undefined') return
    const line = new EventSource(`/api/sessions/${session}/events`)
    let before = false
    line.addEventListener('here', () => {
      if (before) void dataOf(client.GET('/api/sessions/{id}/papers', inPath({ id: session }))).then((papers) => store.take(papers.flatMap((p) => p.cells)))
      before = true
    })
    line.addEventListener('cell', (event) => store.take([JSON.parse((event as MessageEvent<string>).data) as Cell]))
    return () => line.close()
  }, [session, store, isOut])
}
