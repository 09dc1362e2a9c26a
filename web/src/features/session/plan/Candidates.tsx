import type { Candidate, CandidateGroup } from '../../../api/client'
import { Tag } from '../../../ui/Parts'
import { Strip } from '../../../ui/Strip'

/** Words that fit, under the one reason why: a condition with the children who break it, or a grapheme. */
export function Candidates({ groups, onSheet, take }: { groups: readonly CandidateGroup[]; onSheet: readonly string[]; take: (word: string) => void }) {
  const shown = groups.map((g) => ({ ...g, words: g.words.filter((w) => !onSheet.includes(w.word)) })).filter((g) => g.words.length > 0)
  if (shown.length === 0) return <p className="p-4 mute">No more words fit. Loosen a filter or choose another focus.</p>
  return (
    // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- a scrolling list must be reachable by keyboard
    <div className="overflow-auto px-3 pb-2" tabIndex={0} role="group" aria-label="Candidates">
      {shown.map((g) => (
        <section key={g.condition ?? g.says} aria-label={g.says}>
          <h3 className="font-semibold text-small pt-2.5 pb-1 flex flex-wrap items-center gap-2">
            {g.says}
            <Need group={g} />
          </h3>
          <ul className="grid grid-cols-1 xl:grid-cols-2 gap-x-4">
            {g.words.map((c) => (
              <Row key={c.word} candidate={c} take={() => take(c.word)} />
            ))}
          </ul>
        </section>
      ))}
    </div>
  )
}

function Need({ group }: { group: CandidateGroup }) {
  if (group.children > 0) return <Tag tone="plum">{group.children === 1 ? '1 child breaks this' : `${group.children} children break this`}</Tag>
  return group.side ? <Tag tone={group.side !== 'NOT_DUE' ? 'gold' : 'lagoon'}>{group.due.replace('_', '-')}</Tag> : null
}

function Row({ candidate: c, take }: { candidate: Candidate; take: () => void }) {
  return (
    <li className="flex items-center gap-2 py-1 border-b border-dotted border-base-300 min-w-0" title={c.clue}>
      <Strip units={c.units} size="sm" focus={c.focus} untaught={c.untaught} label={c.word} />
      <span className="mute text-small grow leading-tight min-w-0">{c.untaught.length > 0 ? `${c.untaught.map((g) => g.replace('_', '-')).join(', ')} not taught yet` : ''}</span>
      <button type="button" className="btn btn-sm btn-square" aria-label={`Take ${c.word}`} onClick={take}>
        +
      </button>
    </li>
  )
}
