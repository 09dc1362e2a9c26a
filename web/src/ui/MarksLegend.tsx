import type { Session } from '../api/client'
import { Drawn } from './Drawn'

/** What the marks mean, beside whatever is drawn with them. */
export function MarksLegend({ entries }: { entries: Session['legend'] }) {
  return entries.length > 0 ? (
    <ul className="flex flex-wrap gap-x-6 gap-y-2" aria-label="What the marks mean">
      {entries.map((entry) => (
        <li key={entry.meaning} className="flex items-center gap-2">
          <Drawn drawing={entry.drawing} label={entry.title} size={1.4} /> {entry.title}
        </li>
      ))}
    </ul>
  ) : null
}
