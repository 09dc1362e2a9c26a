import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useNavigate } from 'react-router'
import { client, dataOf, said, type ClassMap } from '../../api/client'
import { classChanged } from '../../api/ask'
import { useClass, useToday } from '../../lib/classContext'
import { dayName, schoolDay } from '../../lib/days'
import { FieldError } from '../../ui/FieldError'
import { Tag } from '../../ui/Parts'
import { KINDS } from '../../ui/words'

/** Children who share a pattern, and a session for them alone on the next school day. */
export function Groups({ map }: { map: ClassMap }) {
  const { id } = useClass()
  const day = schoolDay(useToday())
  const navigate = useNavigate()
  const queries = useQueryClient()
  const plan = useMutation({
    mutationFn: (g: ClassMap['groups'][number]) => dataOf(client.POST('/api/classes/{id}/sessions', { params: { path: { id } }, body: { date: day, focus: [{ rule: g.rule }], pupils: g.pupils.map((p) => p.id) } })),
    onSuccess: async (made) => {
      await classChanged(queries, id)
      await navigate(`/class/${id}/prepare/${made.id}`)
    },
  })
  return (
    <section className="sheet p-3">
      <h2 className="mute text-small font-semibold mb-1">Share one pattern</h2>
      {map.groups.length === 0 ? <p className="mute">No patterns yet.</p> : null}
      <FieldError says={plan.isError ? said(plan.error) : ''} />
      <ul className="flex flex-col gap-2">
        {map.groups.slice(0, 3).map((g) => (
          <li key={g.rule + g.kind + g.condition}>
            <p className="flex flex-wrap items-center gap-x-2 gap-y-1">
              <Tag tone={g.kind === 'OVER' ? 'plum' : 'gold'}>{g.ruleName}</Tag>
              <button
                type="button"
                className="btn btn-xs ml-auto"
                disabled={plan.isPending}
                onClick={() => plan.mutate(g)}
                aria-label={`Plan words on ${g.ruleName} for ${dayName(day)}`}
              >
                Plan for {dayName(day)}
              </button>
            </p>
            {g.says ? <p className="text-small leading-snug first-letter:uppercase">{g.says}</p> : null}
            <p className="text-body leading-snug">
              {g.pupils.map((p) => p.name).join(', ')}
              <span className="mute text-small">
                {' '}
                · {KINDS[g.kind]}, {g.failures} of {g.opportunities} chances
              </span>
            </p>
          </li>
        ))}
      </ul>
    </section>
  )
}
