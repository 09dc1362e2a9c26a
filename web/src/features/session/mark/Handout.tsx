import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useRef } from 'react'
import { client, dataOf, said } from '../../../api/client'
import { ask, inPath } from '../../../api/ask'
import { FieldError } from '../../../ui/FieldError'

const SIGNS = { NOT_HERE: '○', WRITING: '◐', HANDED_IN: '●' } as const
const WORDS = { NOT_HERE: 'not here yet', WRITING: 'writing', HANDED_IN: 'handed in' } as const

/** In milliseconds. */
const AGAIN = 5_000

/** The session on children's devices: its code, a picture to scan, and who has handed in. */
export function Handout({ session, close }: { session: number; close: () => void }) {
  const dialog = useRef<HTMLDialogElement>(null)
  const queries = useQueryClient()
  const { queryKey } = ask('get', '/api/sessions/{id}/handout', inPath({ id: session }))
  // Asked again while it is looked at: who sits down writes nothing yet.
  const view = useQuery({ ...ask('get', '/api/sessions/{id}/handout', inPath({ id: session })), refetchInterval: AGAIN })
  const open = useMutation({ mutationFn: () => dataOf(client.POST('/api/sessions/{id}/handout', inPath({ id: session }))), onSuccess: (now) => queries.setQueryData(queryKey, now) })
  const end = useMutation({ mutationFn: () => dataOf(client.DELETE('/api/sessions/{id}/handout', inPath({ id: session }))), onSettled: () => queries.invalidateQueries({ queryKey }) })
  const room = useQuery({ ...ask('get', '/api/sessions/{id}/room', inPath({ id: session })), refetchInterval: (q) => (q.state.data?.writing ? AGAIN : false) })
  const begin = useMutation({
    mutationFn: () => dataOf(client.POST('/api/sessions/{id}/room', inPath({ id: session }))),
    onSuccess: async (now) => {
      queries.setQueryData(ask('get', '/api/sessions/{id}/room', inPath({ id: session })).queryKey, now)
      await queries.invalidateQueries({ queryKey })
    },
  })
  useEffect(() => dialog.current?.showModal(), [])
  const now = view.data
  const problem = view.error ?? open.error ?? end.error ?? begin.error
  return (
    <dialog ref={dialog} className="modal" aria-label="On tablets" onClose={close} onCancel={close}>
      <div className="modal-box bg-base-100 max-w-3xl flex flex-col gap-3">
        <h2 className="font-semibold">On tablets</h2>
        <FieldError says={problem ? said(problem) : ''} />
        {now?.code ? (
          <div className="flex flex-wrap gap-6 items-center">
            <img src={`/api/sessions/${session}/handout.png?code=${now.code}`} alt={`To scan: ${window.location.origin}/write, code ${now.code}`} className="w-44 h-44 border border-base-300" />
            <div className="flex flex-col gap-2">
              <p>
                <span className="mute">Open</span> <strong>{window.location.host}/write</strong>
              </p>
              <p className="text-board font-mono tracking-widest" aria-label={`Code ${[...now.code].join(' ')}`}>
                {now.code}
              </p>
              <p className="mute text-small">Good until {now.endsAt ? new Date(now.endsAt).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' }) : ''}. Devices must reach this machine.</p>
              <button type="button" className="btn btn-sm w-fit" onClick={() => end.mutate()}>
                End it
              </button>
            </div>
          </div>
        ) : (
          <div className="flex flex-col gap-2 items-start">
            <p>Children write on their own devices: a code, their name, one thing at a time, with no help. What they send stands in the grid at once.</p>
            <button type="button" className="btn btn-primary btn-sm" disabled={open.isPending} onClick={() => open.mutate()}>
              Hand it out
            </button>
          </div>
        )}
        {now?.code ? (
          <ul aria-label="Who has handed in" className="grid grid-cols-2 sm:grid-cols-4 gap-x-4 gap-y-0.5 text-small">
            {now.children.map((child) => (
              <li key={child.pupilId} title={WORDS[child.at]}>
                <span aria-hidden="true" className="text-primary">
                  {SIGNS[child.at]}
                </span>{' '}
                {child.name} <span className="mute">{child.at === 'NOT_HERE' ? '' : `${child.written}/${now.items}`}</span>
                <span className="sr-only">, {WORDS[child.at]}</span>
              </li>
            ))}
          </ul>
        ) : null}
        {room.data?.offered ? (
          <p className="flex items-center gap-3 text-small">
            <button type="button" className="btn btn-sm" disabled={begin.isPending || room.data.writing > 0} onClick={() => begin.mutate()}>
              Let the made-up class write
            </button>
            <span className="mute">{room.data.writing > 0 ? `${room.data.writing} are writing` : 'In the demo: every child without a paper writes one on a made-up device.'}</span>
          </p>
        ) : null}
        <button type="button" className="btn btn-sm w-fit" onClick={close}>
          Close
        </button>
      </div>
    </dialog>
  )
}
