import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useHotkeys } from 'react-hotkeys-hook'
import { client, dataOf, said, type Item, type Session } from '../../../api/client'
import { ask, inPath } from '../../../api/ask'
import { FieldError } from '../../../ui/FieldError'
import { Key } from '../../../ui/Parts'
import { nextPoints, saidPoints } from './points'

interface Given {
  readonly ours: number
  readonly theirs: number
}

/** The class plays against the teacher: a key gives a side a point for this item, again half, again none. */
export function PointsBar({ session, item }: { session: Session; item: Item }) {
  const queries = useQueryClient()
  const { queryKey } = ask('get', '/api/sessions/{id}', inPath({ id: session.id }))
  const [given, setGiven] = useState<Given>({ ours: item.ours, theirs: item.theirs })
  const keep = useMutation({
    // One after the other, however fast the keys.
    scope: { id: `points ${session.id}` },
    mutationFn: ({ ours, theirs }: Given) => dataOf(client.PUT('/api/sessions/{id}/items/{itemId}/points', { params: { path: { id: session.id, itemId: item.id } }, body: { ours, theirs } })),
    onError: () => setGiven({ ours: item.ours, theirs: item.theirs }),
    onSettled: () => queries.invalidateQueries({ queryKey, exact: true }),
  })
  const give = (side: keyof Given) => {
    const next = { ...given, [side]: nextPoints(given[side]) }
    setGiven(next)
    keep.mutate(next)
  }
  useHotkeys('c', () => give('ours'))
  useHotkeys('t', () => give('theirs'))
  const total = (side: keyof Given) => (session.points?.[side] ?? 0) - item[side] + given[side]
  return (
    <section aria-label="Points" className="flex items-center justify-center gap-4 shrink-0">
      <Side keyName="C" name="The class" total={total('ours')} here={given.ours} give={() => give('ours')} />
      <Side keyName="T" name="The teacher" total={total('theirs')} here={given.theirs} give={() => give('theirs')} />
      <FieldError says={keep.isError ? said(keep.error) : ''} />
    </section>
  )
}

function Side({ keyName, name, total, here, give }: { keyName: string; name: string; total: number; here: number; give: () => void }) {
  return (
    <button type="button" className="sheet flex items-center gap-3 px-4 py-1.5" title="A point, half a point, none" onClick={give}>
      <Key>{keyName}</Key>
      <span>{name}</span>
      <strong className="text-title tabular-nums" aria-label={`${name}: ${saidPoints(total)} points`}>
        {saidPoints(total)}
      </strong>
      <span className="mute text-small w-14 text-left">{here > 0 ? `+${saidPoints(here)} here` : ''}</span>
    </button>
  )
}
