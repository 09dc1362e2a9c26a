import { useQueryClient } from '@tanstack/react-query'
import { useEffect, useState, useSyncExternalStore } from 'react'
import { client, dataOf, type Paper, type Session } from '../../../api/client'
import { classChanged } from '../../../api/ask'
import type { Entry } from './cells'
import { PaperStore } from './paperStore'

/** The papers of a session as they are typed; left, they are counted anew everywhere else. */
export function usePapers(session: Session, papers: readonly Paper[]): PaperStore {
  const queries = useQueryClient()
  const [store] = useState(
    () =>
      new PaperStore(
        session.id,
        papers,
        session.blocks.filter((b) => !b.spoken).flatMap((b) => b.items.map((i) => i.id)),
        {
          type: (pupilId, itemId, typed) => dataOf(client.PUT('/api/sessions/{id}/papers/{pupilId}/items/{itemId}', { params: { path: { id: session.id, pupilId, itemId } }, body: typed })),
          typePaper: (pupilId, cells) => dataOf(client.PUT('/api/sessions/{id}/papers/{pupilId}/items', { params: { path: { id: session.id, pupilId } }, body: { cells: [...cells] } })),
          paper: (pupilId, state) => dataOf(client.PUT('/api/sessions/{id}/papers/{pupilId}', { params: { path: { id: session.id, pupilId } }, body: { state } })),
        },
      ),
  )
  useEffect(() => {
    const online = () => store.retry()
    online()
    window.addEventListener('online', online)
    return () => {
      window.removeEventListener('online', online)
      store.close()
      void classChanged(queries, session.classId)
    }
  }, [store, queries, session.classId])
  return store
}

/** One cell; whoever uses it is drawn again only when that cell changes. */
export function useCell(store: PaperStore, pupilId: number, itemId: number): Entry {
  const [subscribe] = useState(() => store.onCell(pupilId, itemId))
  return useSyncExternalStore(subscribe, () => store.get(pupilId, itemId))
}

/** "done", "away" or "open". */
export function usePaper(store: PaperStore, pupilId: number): 'done' | 'away' | 'open' {
  const [subscribe] = useState(() => store.onPaper(pupilId))
  return useSyncExternalStore(subscribe, () => (store.isAway(pupilId) ? 'away' : store.isPaperDone(pupilId) ? 'done' : 'open'))
}

export function useStanding(store: PaperStore) {
  const [subscribe] = useState(() => store.onAll())
  return useSyncExternalStore(subscribe, () => store.all())
}

/** Draws again whenever an answer is kept, and not with every key. */
export function useRevision(store: PaperStore): number {
  const [subscribe] = useState(() => store.onAll())
  return useSyncExternalStore(subscribe, () => store.revision())
}
