import { Link } from 'react-router'
import type { Summary } from '../../api/client'
import { counted, STATES } from '../../ui/words'

/** A session on its day: what it is about, what it holds, how far its papers are. */
export function DayCard({ classId, session: s, takeAway }: { classId: number; session: Summary; takeAway: () => void }) {
  const to = s.state === 'PLANNED' ? `prepare/${s.id}` : `mark/${s.id}`
  return (
    <div className="relative">
      <Link to={`/class/${classId}/${to}`} className="block rounded-lg border border-base-300 p-2 hover:border-primary">
        <span className={`font-semibold block leading-snug ${s.state === 'PLANNED' ? 'pr-5' : ''}`}>{s.title}</span>
        <span className="mute text-sm block">
          {s.blocks
            .filter((b) => b.items > 0)
            .map((b) => (b.kind === 'words' ? counted(b.items, 'word') : b.title.toLowerCase()))
            .join(', ') || 'nothing on it yet'}{' '}
          · {STATES[s.state]}
        </span>
        {s.state === 'PLANNED' ? null : (
          <>
            <progress className="progress progress-primary h-1.5" value={s.marked} max={s.papers} aria-label={`${s.marked} of ${s.papers} papers marked`} />
            <span className="mute text-sm">
              {s.marked} of {s.papers} papers marked
            </span>
          </>
        )}
      </Link>
      {s.state === 'PLANNED' ? (
        <button
          type="button"
          className="btn btn-ghost btn-xs btn-square absolute right-1 top-1"
          aria-label={`Take away ${s.title}`}
          title="Take it away"
          onClick={takeAway}
        >
          ×
        </button>
      ) : null}
    </div>
  )
}
