import { useMutation, useQueryClient } from '@tanstack/react-query'
import { asText, client, dataOf, ifMatch, type Summary } from '../../api/client'
import { ask, classChanged, inPath } from '../../api/ask'
import { useClass } from '../../lib/classContext'

/** Moves a session to another day of its class, copies one, or takes one up from a file. */
export function useMoves() {
  const { id } = useClass()
  const queries = useQueryClient()
  const settled = { onSettled: () => classChanged(queries, id) }
  const move = useMutation({
    mutationFn: async ({ session, day }: { session: Summary; day: string }) => {
      const { blocks, focus, title, version } = await dataOf(client.GET('/api/sessions/{id}', inPath({ id: session.id })))
      const plan = {
        date: day,
        title,
        focus,
        blocks: blocks.map((b) => ({ id: b.id, kind: b.kind, items: b.items.map((i) => ({ id: i.id, text: i.text })) })),
      }
      queries.setQueryData(ask('get', '/api/sessions/{id}', inPath({ id: session.id })).queryKey, await dataOf(client.PUT('/api/sessions/{id}', { params: { path: { id: session.id }, header: ifMatch(version) }, body: plan })))
    },
    ...settled,
  })
  const copy = useMutation({ mutationFn: ({ session, day }: { session: Summary; day: string }) => dataOf(client.POST('/api/sessions/{id}/copy', { params: { path: { id: session.id } }, body: { date: day, classId: id } })), ...settled })
  const file = useMutation({ mutationFn: async (chosen: File) => dataOf(client.POST('/api/classes/{id}/sessions/file', { params: { path: { id } }, body: (await chosen.text()) as never, ...asText('application/json') })), ...settled })
  return { move: move.mutate, copy: copy.mutate, file: file.mutate, opened: file.data, failure: move.error ?? copy.error ?? file.error ?? undefined }
}
