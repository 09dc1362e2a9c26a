import { useMutation, useQueryClient } from '@tanstack/react-query'
import { api, type Summary } from '../../api/client'
import { ask, classChanged } from '../../api/queries'
import { useClass } from '../../lib/classContext'

/** Moves a session to another day of its class, copies one, or takes one up from a file. */
export function useMoves() {
  const { id } = useClass()
  const queries = useQueryClient()
  const settled = { onSettled: () => classChanged(queries, id) }
  const move = useMutation({
    mutationFn: async ({ session, day }: { session: Summary; day: string }) => {
      const { blocks, focus, title, version } = await api.session(session.id)
      const plan = {
        date: day,
        title,
        focus,
        blocks: blocks.map((b) => ({ id: b.id, kind: b.kind, items: b.items.map((i) => ({ id: i.id, text: i.text })) })),
      }
      queries.setQueryData(ask.session(session.id).queryKey, await api.rewrite(session.id, version, plan))
    },
    ...settled,
  })
  const copy = useMutation({ mutationFn: ({ session, day }: { session: Summary; day: string }) => api.copy(session.id, day, id), ...settled })
  const file = useMutation({ mutationFn: async (chosen: File) => api.openFile(id, undefined, await chosen.text()), ...settled })
  return { move: move.mutate, copy: copy.mutate, file: file.mutate, opened: file.data, failure: move.error ?? copy.error ?? file.error ?? undefined }
}
