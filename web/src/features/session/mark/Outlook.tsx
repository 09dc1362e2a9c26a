import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'
import { useNavigate } from 'react-router'
import { client, dataOf, said, type Session } from '../../../api/client'
import { ask, classChanged, inPath } from '../../../api/ask'
import { useClass, useToday } from '../../../lib/classContext'
import { dayName, daysOn, schoolDay } from '../../../lib/days'
import { FieldError } from '../../../ui/FieldError'

/** So long after the last answer was kept, in milliseconds. */
const SOON = 400

/** All papers are marked: what they say in three lines at most, and the one next step. */
export function Outlook({ session, kept }: { session: Session; /** Changes whenever an answer is kept. */ kept: number }) {
  const { id, pupils } = useClass()
  const today = useToday()
  const day = schoolDay(today > session.date ? today : daysOn(session.date, 1))
  const navigate = useNavigate()
  const queries = useQueryClient()
  const outlook = useQuery(ask('get', '/api/sessions/{id}/outlook', inPath({ id: session.id })))
  useEffect(() => {
    const timer = window.setTimeout(() => void queries.invalidateQueries({ queryKey: ask('get', '/api/sessions/{id}/outlook', inPath({ id: session.id })).queryKey }), SOON)
    return () => window.clearTimeout(timer)
  }, [kept, queries, session.id])
  const next = outlook.data?.next
  const plan = useMutation({
    mutationFn: () => dataOf(client.POST('/api/classes/{id}/sessions', { params: { path: { id } }, body: { date: day, focus: [{ rule: next?.rule ?? '' }], pupils: next?.pupils ?? [] } })),
    onSuccess: async (made) => {
      await classChanged(queries, id)
      await navigate(`/class/${id}/prepare/${made.id}`)
    },
  })
  const whom = (ids: readonly number[]) => (ids.length === 0 ? 'the class' : ids.length < 4 ? pupils.filter((p) => ids.includes(p.id)).map((p) => p.name).join(', ') : `${ids.length} children`)
  return (
    <section aria-label="What these papers say" className="sheet p-3 flex flex-wrap gap-x-5 gap-y-2 items-center shrink-0 border-l-4 border-l-primary">
      <h2 className="sr-only">What these papers say</h2>
      {outlook.isError ? <p className="mute">What these papers say cannot be had just now.</p> : null}
      <ol className="flex flex-col gap-0.5 grow basis-96">
        {outlook.data?.lines.map((line) => (
          <li key={line.about + line.says} className="leading-snug">
            {line.ground ? (
              <>
                <strong>{line.who}</strong> fail where {line.ground}
                <span className="mute">: {line.names}</span>
              </>
            ) : (
              <span className="first-letter:uppercase">{line.says}</span>
            )}
          </li>
        ))}
      </ol>
      {next ? (
        <button type="button" className="btn btn-sm btn-primary" disabled={plan.isPending} onClick={() => plan.mutate()}>
          Plan for {dayName(day)}: {whom(next.pupils)}
        </button>
      ) : null}
      <FieldError says={plan.isError ? said(plan.error) : ''} />
    </section>
  )
}
