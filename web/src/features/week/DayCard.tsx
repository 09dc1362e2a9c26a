import { Link } from 'react-router'
import { useKinds } from '../../lib/classContext'
import type { Summary } from '../../api/client'
import { dayName, daysOn } from '../../lib/days'
import { counted, STATES } from '../../ui/words'

export interface DayEdit {
  readonly takeAway: () => void
  /** To another day. */
  readonly move: (day: string) => void
  readonly copy: (day: string) => void
}

/** A session on its day: what it is about, what it holds, how far its papers are. */
export function DayCard({ classId, session: s, days, edit }: { classId: number; session: Summary; days: readonly string[]; edit: DayEdit }) {
  const { word } = useKinds()
  const to = s.state === 'PLANNED' ? `prepare/${s.id}` : `mark/${s.id}`
  return (
    <div className="relative">
      <Link to={`/class/${classId}/${to}`} className="block rounded-lg border border-base-300 p-2 hover:border-primary">
        <span className="font-semibold block leading-snug pr-7">{s.title}</span>
        <span className="mute text-small block leading-snug">
          {s.blocks
            .filter((b) => b.items > 0)
            .map((b) => (b.kind === word.id ? `${counted(b.items, 'word')}${b.role === 'REVIEW' ? ' again' : ''}` : b.title.toLowerCase()))
            .join(', ') || 'nothing on it yet'}{' '}
          · {s.minutes} min · {STATES[s.state]}
          {s.pupils.length > 0 ? ` · for ${s.pupils.length === 1 ? 'one child' : `${s.pupils.length} children`}` : ''}
        </span>
        {s.state === 'PLANNED' ? null : (
          <>
            <progress className="progress progress-primary h-1.5" value={s.marked} max={s.papers} aria-label={`${s.marked} of ${s.papers} papers marked`} />
            <span className="mute text-small">
              {s.marked} of {s.papers} papers marked
            </span>
          </>
        )}
      </Link>
      <select
        className="absolute right-1 top-1 w-6 h-6 cursor-pointer mute hover:text-primary text-center appearance-none"
        aria-label={`What to do with ${s.title}`}
        value=""
        onChange={(e) => done(e.target.value, edit)}
      >
        <option value="">⋯</option>
        <optgroup label="Copy to">
          <option value={`copy ${daysOn(s.date, 7)}`}>next week</option>
          {days.map((day) => (day === s.date ? null : <option key={day} value={`copy ${day}`}>{dayName(day)}</option>))}
        </optgroup>
        {s.state === 'PLANNED' ? (
          <>
            <optgroup label="Move to">{days.map((day) => (day === s.date ? null : <option key={day} value={`move ${day}`}>{dayName(day)}</option>))}</optgroup>
            <option value="away">Take it away</option>
          </>
        ) : null}
      </select>
    </div>
  )
}

function done(what: string, edit: DayEdit) {
  const [verb, day = ''] = what.split(' ')
  if (verb === 'copy') edit.copy(day)
  if (verb === 'move') edit.move(day)
  if (verb === 'away') edit.takeAway()
}
