import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { useNavigate } from 'react-router'
import { api, said } from '../../api/client'
import { ask, classChanged } from '../../api/queries'
import { useClass } from '../../lib/classContext'
import { dayName } from '../../lib/days'
import { FieldError } from '../../ui/FieldError'

/** Plans a session on a day: nothing is made until it is asked for. */
export function PlanDay({ day }: { day: string }) {
  const [open, setOpen] = useState(false)
  return (
    <div className="mt-auto">
      {open ? (
        <PlanForm day={day} close={() => setOpen(false)} />
      ) : (
        <button type="button" className="btn btn-sm btn-ghost w-full justify-start" aria-label={`Plan a session on ${dayName(day, true)}`} onClick={() => setOpen(true)}>
          + Plan a session
        </button>
      )}
    </div>
  )
}

function PlanForm({ day, close }: { day: string; close: () => void }) {
  const { id, accent } = useClass()
  const navigate = useNavigate()
  const queries = useQueryClient()
  const rules = useQuery(ask.rules(accent))
  const templates = useQuery(ask.templates())
  const [rule, setRule] = useState('')
  const [template, setTemplate] = useState('')
  const plan = useMutation({
    mutationFn: () => api.plan(id, day, [{ rule }], template),
    onSuccess: async (made) => {
      queries.setQueryData(ask.session(made.id).queryKey, made)
      await classChanged(queries, id)
      await navigate(`/class/${id}/prepare/${made.id}`)
    },
  })
  const submit = (e: FormEvent) => {
    e.preventDefault()
    if (rule) plan.mutate()
  }
  return (
    <form className="flex flex-col gap-1.5" onSubmit={submit}>
      <label className="sr-only" htmlFor={`about-${day}`}>
        What it is about
      </label>
      {/* eslint-disable-next-line jsx-a11y/no-autofocus -- opened by the button that stood here */}
      <select id={`about-${day}`} autoFocus className="select select-sm w-full" value={rule} onChange={(e) => setRule(e.target.value)} disabled={!rules.data}>
        <option value="">What is it about?</option>
        {rules.data?.map((r) => (
          <option key={r.id} value={r.id}>
            {r.name}
          </option>
        ))}
      </select>
      <select aria-label="Which kind of session" className="select select-sm w-full" value={template} onChange={(e) => setTemplate(e.target.value)}>
        {(templates.data ?? []).map((t, i) => (
          <option key={t.id} value={i === 0 ? '' : t.id} title={t.says}>
            {t.name}
          </option>
        ))}
      </select>
      <div className="flex gap-1.5">
        <button type="submit" className="btn btn-sm btn-primary" disabled={!rule || plan.isPending}>
          Plan it
        </button>
        <button type="button" className="btn btn-sm" onClick={close}>
          Leave it
        </button>
      </div>
      <FieldError says={plan.isError ? said(plan.error) : rules.isError ? said(rules.error) : ''} />
    </form>
  )
}
