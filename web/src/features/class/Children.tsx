import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { client, dataOf, said, type Enrolled } from '../../api/client'
import { ask, inPath, theClasses } from '../../api/ask'
import { useClass } from '../../lib/classContext'
import { dayName } from '../../lib/days'
import { FieldError } from '../../ui/FieldError'
import { Failed, Loading } from '../../ui/Parts'

/** The children: add, rename, leave, come back. Papers stay with their child. */
export function Children() {
  const { id } = useClass()
  const queries = useQueryClient()
  const everyone = useQuery(ask('get', '/api/classes/{id}/pupils', inPath({ id })))
  const change = useMutation({
    mutationFn: (act: () => Promise<Enrolled[]>) => act(),
    onSuccess: async (now) => {
      queries.setQueryData(ask('get', '/api/classes/{id}/pupils', inPath({ id })).queryKey, now)
      await queries.invalidateQueries(theClasses)
      await queries.invalidateQueries({ queryKey: ask('get', '/api/classes/{id}/map', inPath({ id })).queryKey })
    },
  })
  const there = everyone.data?.filter((e) => !e.to) ?? []
  const left = everyone.data?.filter((e) => e.to) ?? []
  return (
    <section aria-label="Children" className="sheet p-4 flex flex-col gap-2 min-h-0">
      <h2 className="font-semibold">Children · {there.length}</h2>
      {everyone.isPending ? <Loading rows={8} /> : null}
      {everyone.isError ? <Failed error={everyone.error} retry={() => void everyone.refetch()} /> : null}
      <Add add={(names, done) => change.mutate(() => dataOf(client.POST('/api/classes/{id}/pupils', { params: { path: { id } }, body: { names } })), { onSuccess: done })} />
      <FieldError says={change.isError ? said(change.error) : ''} />
      <ul className="overflow-auto min-h-0 grid grid-cols-1 xl:grid-cols-2 gap-x-5 content-start">
        {there.map((child) => (
          <li key={child.id} className="flex items-center gap-1 border-b border-dotted border-base-300 h-9">
            <Name key={child.name} child={child} rename={(name) => change.mutate(() => dataOf(client.PUT('/api/classes/{id}/pupils/{pupilId}', { params: { path: { id, pupilId: child.id } }, body: { name } })))} />
            <select
              className="select select-xs select-ghost w-28 shrink-0 ml-auto mute"
              aria-label={`Time to write for ${child.name}`}
              value={child.extraTime}
              onChange={(e) => change.mutate(() => dataOf(client.PUT('/api/classes/{id}/pupils/{pupilId}/time', { params: { path: { id, pupilId: child.id } }, body: { extraTime: Number(e.target.value) } })))}
            >
              {[...new Set([0, 25, 50, 100, child.extraTime])].map((more) => (
                <option key={more} value={more}>
                  {more === 0 ? 'usual time' : `+ ${more} %`}
                </option>
              ))}
            </select>
            <button
              type="button"
              className="btn btn-ghost btn-xs"
              aria-label={`${child.name} leaves the class`}
              onClick={() => change.mutate(() => dataOf(client.DELETE('/api/classes/{id}/pupils/{pupilId}', inPath({ id, pupilId: child.id }))))}
            >
              leaves
            </button>
          </li>
        ))}
        {left.map((child) => (
          <li key={child.id} className="flex items-center gap-1 border-b border-dotted border-base-300 h-9 mute">
            {child.name} <span className="text-small">left on {child.to ? dayName(child.to, true) : ''}</span>
            <button
              type="button"
              className="btn btn-ghost btn-xs ml-auto"
              aria-label={`${child.name} comes back`}
              onClick={() => change.mutate(() => dataOf(client.POST('/api/classes/{id}/pupils/{pupilId}/return', inPath({ id, pupilId: child.id }))))}
            >
              comes back
            </button>
          </li>
        ))}
      </ul>
    </section>
  )
}

function Add({ add }: { add: (names: string[], done: () => void) => void }) {
  const [text, setText] = useState('')
  const submit = (e: FormEvent) => {
    e.preventDefault()
    const names = text
      .split(/[,\n]/)
      .map((n) => n.trim())
      .filter(Boolean)
    if (names.length > 0) add(names, () => setText(''))
  }
  return (
    <form className="join" onSubmit={submit}>
      <input
        className="input input-sm join-item grow"
        aria-label="First names or codes to add, with commas between"
        placeholder="First names or codes, with commas between"
        value={text}
        onChange={(e) => setText(e.target.value)}
      />
      <button type="submit" className="btn btn-sm join-item">
        Add
      </button>
    </form>
  )
}

/** A name that is kept when it is left, or with Enter. */
function Name({ child, rename }: { child: Enrolled; rename: (name: string) => void }) {
  const [name, setName] = useState(child.name)
  const keep = () => {
    if (!name.trim()) setName(child.name)
    else if (name.trim() !== child.name) rename(name.trim())
  }
  return (
    <input
      className="input input-sm input-ghost grow min-w-0 text-body"
      aria-label={`Name of ${child.name}`}
      maxLength={80}
      value={name}
      onChange={(e) => setName(e.target.value)}
      onBlur={keep}
      onKeyDown={(e) => (e.key === 'Enter' ? e.currentTarget.blur() : undefined)}
    />
  )
}
