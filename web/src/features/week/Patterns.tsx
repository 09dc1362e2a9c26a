import { Link } from 'react-router'
import type { ClassMap } from '../../api/client'
import { Tag } from '../../ui/Parts'
import { SHORT_KINDS } from '../../ui/words'

/** The strongest patterns of the class, each with the number of children and an example. */
export function Patterns({ classId, map }: { classId: number; map: ClassMap }) {
  return (
    <section className="sheet p-4" aria-label="What the last papers say">
      <h2 className="font-semibold mb-2">What the last papers say</h2>
      {map.groups.length === 0 ? (
        <p className="mute">Nothing that is a pattern yet. A pattern needs failures on at least two different words.</p>
      ) : (
        <ul className="grid grid-cols-1 lg:grid-cols-2 gap-x-8 gap-y-1.5">
          {map.groups.slice(0, 9).map((g) => (
            <li key={g.rule + g.kind + g.condition} title={g.says} className="flex items-center gap-2 min-w-0">
              <span className="w-6 text-right font-semibold">{g.pupils.length}</span>
              <Link className="link link-hover whitespace-nowrap" to={`/class/${classId}/respond?child=${g.pupils[0]?.id ?? ''}&rule=${g.rule}`}>
                {g.ruleName}
              </Link>
              <Tag tone={g.kind === 'OVER' ? 'plum' : g.kind === 'UNDER' ? 'gold' : 'plain'}>{SHORT_KINDS[g.kind]}</Tag>
              <span className="mute text-small truncate">
                <span className="font-word">{g.exampleTarget}</span> as <span className="font-word">{g.exampleAttempt}</span>
              </span>
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}
