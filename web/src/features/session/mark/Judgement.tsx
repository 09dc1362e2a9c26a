import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { client, dataOf, said, type Cell } from '../../../api/client'
import { ask, inPath } from '../../../api/ask'
import { FieldError } from '../../../ui/FieldError'

const COUNTS = [
  { as: 'marked', label: 'as marked' },
  { as: 'RIGHT', label: 'as right' },
  { as: 'ABSENT', label: 'not at all' },
] as const

const WAYS: Readonly<Record<string, string>> = Object.fromEntries(COUNTS.map(({ as, label }) => [as, label]))

type Way = (typeof COUNTS)[number]

/** The teacher's own word on it: kept, logged, and what the findings go by while the text stays. */
export function Judgement({ cell, replace }: { cell: Cell; replace: (cell: Cell) => void }) {
  const queries = useQueryClient()
  const [note, setNote] = useState('')
  const now = cell.override === 'RIGHT' || cell.override === 'ABSENT' ? cell.override : 'marked'
  const count = useMutation({
    mutationFn: ({ as, label }: Way) => (as === 'marked' ? dataOf(client.DELETE('/api/attempts/{id}/override', inPath({ id: cell.attemptId }))) : dataOf(client.PUT('/api/attempts/{id}/override', { params: { path: { id: cell.attemptId } }, body: { result: as, note: note.trim() || `counted ${label}` } }))),
    onSuccess: (judged) => {
      replace(judged)
      setNote('')
      void queries.invalidateQueries({ queryKey: ask('get', '/api/attempts/{id}/judgements', inPath({ id: cell.attemptId })).queryKey })
    },
  })
  return (
    <fieldset className="flex items-center gap-2 flex-wrap">
      <legend className="sr-only">Count it</legend>
      <span aria-hidden className="text-small">
        Count it
      </span>
      <span className="join">
        {COUNTS.map((way) => (
          <input
            key={way.as}
            type="radio"
            name="count"
            aria-label={way.label}
            className="join-item btn btn-sm checked:bg-primary! checked:text-primary-content! checked:border-primary!"
            checked={now === way.as}
            onChange={() => count.mutate(way)}
          />
        ))}
      </span>
      <FieldError says={count.isError ? said(count.error) : ''} />
      <Log cell={cell} note={note} write={setNote} />
    </fieldset>
  )
}

/** Why she counts it so, and every judgement it was given: none is lost when it is withdrawn. */
function Log({ cell, note, write }: { cell: Cell; note: string; write: (note: string) => void }) {
  const [open, setOpen] = useState(false)
  const log = useQuery({ ...ask('get', '/api/attempts/{id}/judgements', inPath({ id: cell.attemptId })), enabled: open })
  return (
    <details className="basis-full text-small" onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary className="cursor-pointer mute">a note, and what was judged before</summary>
      <input className="input input-sm w-full my-1" aria-label="A note for your judgement" placeholder="why, before you choose" maxLength={300} value={note} onChange={(e) => write(e.target.value)} />
      {log.isError ? <FieldError says={said(log.error)} /> : null}
      {log.data?.length === 0 ? <p className="mute">Nobody has judged it yet.</p> : null}
      <ul>
        {log.data?.map((one) => (
          <li key={one.madeAt} className={one.stands ? '' : 'mute'}>
            <span className="font-word">{one.judged}</span>: {WAYS[one.result] ?? one.result}, {one.by}. {one.note}
            {one.withdrawnAt ? ' (withdrawn)' : one.stands ? ' (counts)' : ' (the text has changed)'}
          </li>
        ))}
      </ul>
    </details>
  )
}
