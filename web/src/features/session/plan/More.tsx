import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { useNavigate } from 'react-router'
import { client, dataOf, said, type Session } from '../../../api/client'
import { ask, classChanged } from '../../../api/ask'
import { daysOn } from '../../../lib/days'
import type { PlanEdit } from './usePlan'

/** What else may be done with a session: copied to a day or a class, kept as a template, taken as a file. */
export function More({ session, plan }: { session: Session; plan: PlanEdit }) {
  const navigate = useNavigate()
  const queries = useQueryClient()
  const classes = useQuery(ask('get', '/api/classes'))
  const [date, setDate] = useState(daysOn(session.date, 1))
  const [to, setTo] = useState(session.classId)
  const [name, setName] = useState('')
  const copy = useMutation({
    mutationFn: () => dataOf(client.POST('/api/sessions/{id}/copy', { params: { path: { id: session.id } }, body: { date, classId: to } })),
    onSuccess: async (made) => {
      await classChanged(queries, made.classId)
      await navigate(`/class/${made.classId}/prepare/${made.id}`)
    },
  })
  const template = useMutation({
    mutationFn: () => dataOf(client.POST('/api/sessions/{id}/template', { params: { path: { id: session.id } }, body: { name } })),
    onSuccess: () => queries.invalidateQueries({ queryKey: ask('get', '/api/templates').queryKey }),
  })
  const sent = (work: () => void) => (e: FormEvent) => {
    e.preventDefault()
    work()
  }
  return (
    <details className="dropdown dropdown-end">
      <summary className="btn btn-sm">More</summary>
      <div className="dropdown-content z-10 sheet p-3 w-80 flex flex-col gap-3 shadow-lg">
        <label className="flex flex-col gap-1.5">
          <span className="font-semibold">What it is called</span>
          <input
            key={session.title}
            className="input input-sm w-full"
            maxLength={120}
            defaultValue={session.title}
            onBlur={(e) => (e.target.value.trim() === session.title ? undefined : plan.change((now) => ({ ...now, title: e.target.value.trim() })))}
          />
        </label>
        <form className="flex flex-col gap-1.5" onSubmit={sent(() => copy.mutate())}>
          <h2 className="font-semibold">Copy it</h2>
          <input type="date" className="input input-sm w-full" aria-label="To which day" required value={date} onChange={(e) => setDate(e.target.value)} />
          {(classes.data?.length ?? 0) > 1 ? (
            <select className="select select-sm w-full" aria-label="To which class" value={to} onChange={(e) => setTo(Number(e.target.value))}>
              {classes.data?.map((c) => (
                <option key={c.id} value={c.id}>
                  {c.name}
                </option>
              ))}
            </select>
          ) : null}
          <button type="submit" className="btn btn-sm" disabled={copy.isPending}>
            Copy
          </button>
        </form>
        <form className="flex flex-col gap-1.5" onSubmit={sent(() => template.mutate())}>
          <h2 className="font-semibold">Keep as a template</h2>
          <input className="input input-sm w-full" aria-label="Name of the template" placeholder="Its name" required maxLength={60} value={name} onChange={(e) => setName(e.target.value)} />
          <button type="submit" className="btn btn-sm" disabled={template.isPending}>
            Keep
          </button>
          {template.isSuccess ? <p role="status" className="text-small">Kept. Everyone in the school finds it in Week.</p> : null}
        </form>
        <a className="btn btn-sm" href={`/api/sessions/${session.id}/session.json`} download>
          Take it as a file
        </a>
        {copy.isError || template.isError ? (
          <p role="alert" className="text-error text-small">
            {said(copy.error ?? template.error)}
          </p>
        ) : null}
      </div>
    </details>
  )
}
