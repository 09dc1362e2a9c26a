import { useQuery } from '@tanstack/react-query'
import type { FilledItem, Session } from '../../../api/client'
import { ask, inPath } from '../../../api/ask'
import { useClass } from '../../../lib/classContext'
import { Failed, Loading } from '../../../ui/Parts'
import type { PlannedBlock } from './plan'

const SHOWN = 12

/** Items that would fit a block of any kind, each with the reason; another draw on request. */
export function Suggestions({
  session,
  block,
  seed,
  others,
  take,
}: {
  session: Session
  block: PlannedBlock
  seed: number
  others: () => void
  take: (item: FilledItem) => void
}) {
  const of = useClass()
  const found = useQuery(
    ask('post', '/api/classes/{id}/fill', { ...inPath({ id: of.id }), body: { kind: block.kind, role: block.role, focus: session.focus, count: SHOWN, without: [], session: session.id, seed: seed + 1 } }),
  )
  if (found.isPending) return <Loading />
  if (found.isError) return <Failed error={found.error} retry={() => void found.refetch()} />
  const free = found.data.filter((f) => block.items.every((i) => i.text !== f.text))
  return (
    <>
      {free.length === 0 ? (
        <p className="p-4 mute">
          {block.role === 'REVIEW' ? 'Nothing is due on this day that is not on the sheet.' : 'Nothing more fits what is taught and was not asked lately. Another focus may have more.'}
        </p>
      ) : (
        // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- a scrolling list must be reachable by keyboard
        <ul className="overflow-auto px-3" tabIndex={0} aria-label="Candidates">
          {free.map((f) => (
            <li key={f.text} className="flex items-center gap-2 py-1.5 border-b border-dotted border-base-300">
              <span className="grow min-w-0">
                <Said item={f} />
                {f.why ? <span className="block mute text-small leading-tight">{f.why}</span> : null}
              </span>
              <button type="button" className="btn btn-sm btn-square" aria-label={`Take ${f.text}`} onClick={() => take(f)}>
                +
              </button>
            </li>
          ))}
        </ul>
      )}
      <div className="p-3">
        <button type="button" className="btn btn-sm" onClick={others}>
          Others
        </button>
      </div>
    </>
  )
}

function Said({ item }: { item: FilledItem }) {
  return (
    <span className="font-word text-large leading-snug">
      {item.asks}
      {item.right ? <span className="mute"> → {item.right}</span> : null}
    </span>
  )
}
