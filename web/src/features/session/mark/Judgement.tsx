import { useMutation } from '@tanstack/react-query'
import { api, said, type Cell } from '../../../api/client'
import { FieldError } from '../../../ui/FieldError'

const COUNTS = [
  { as: 'marked', label: 'as marked' },
  { as: 'RIGHT', label: 'as right' },
  { as: 'ABSENT', label: 'not at all' },
] as const

type Way = (typeof COUNTS)[number]

/** The teacher's own word on it: kept, logged, and what the findings go by while the text stays. */
export function Judgement({ cell, replace }: { cell: Cell; replace: (cell: Cell) => void }) {
  const now = cell.override === 'RIGHT' || cell.override === 'ABSENT' ? cell.override : 'marked'
  const count = useMutation({
    mutationFn: ({ as, label }: Way) => (as === 'marked' ? api.withdraw(cell.attemptId) : api.judge(cell.attemptId, as, `counted ${label}`)),
    onSuccess: replace,
  })
  return (
    <fieldset className="flex items-center gap-2 flex-wrap">
      <legend className="sr-only">Count it</legend>
      <span aria-hidden className="text-sm">
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
    </fieldset>
  )
}
