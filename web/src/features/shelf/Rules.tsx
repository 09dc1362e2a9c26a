import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import type { ClassMap, ConditionView, Pupil, RuleView } from '../../api/client'
import { ask, inPath } from '../../api/ask'
import { useClass } from '../../lib/classContext'
import { Failed, Head, Loading, Tag } from '../../ui/Parts'
import { KINDS } from '../../ui/words'
import { TryIt } from './TryIt'
import { useUrl } from '../../lib/useUrl'

const SHOWN = 8
const DOUBLING = 'double-before-ending'

/** Every rule with its statements, its live figure, exceptions and words, and the children it trips now. */
export function Rules() {
  const { accent } = useClass()
  const url = useUrl()
  const rules = useQuery(ask('get', '/api/rules', { params: { query: { accent } } }))
  if (rules.isPending) return <Loading rows={12} />
  if (rules.isError) return <Failed error={rules.error} retry={() => void rules.refetch()} />
  const chosen = rules.data.find((r) => r.id === url.get('rule')) ?? rules.data[0]
  return (
    <>
      <Head title="Rules" note="how often each holds in the words we know" />
      <div className="grid grid-cols-1 lg:grid-cols-[248px_1fr_330px] gap-4 min-h-0 grow max-lg:min-h-fit">
        <nav aria-label="Rules" className="flex flex-col gap-0.5 overflow-auto min-h-0">
          {rules.data.map((r) => (
            <button
              key={r.id}
              type="button"
              aria-pressed={r === chosen}
              className={`text-left rounded-lg px-2.5 py-1.5 flex justify-between gap-2 ${r === chosen ? 'soft text-primary font-semibold' : 'hover:bg-base-100'}`}
              onClick={() => url.set({ rule: r.id })}
            >
              {r.name}
              <span className="mute text-small whitespace-nowrap">{share(r)}</span>
            </button>
          ))}
        </nav>
        {chosen ? <Rule key={chosen.id} rule={chosen} /> : null}
        <TryIt rule={chosen} />
      </div>
    </>
  )
}

/** How often a rule or a condition holds; never rounded up to always. */
export function share(rule: { holds: number; total: number }): string {
  if (rule.total === 0) return '–'
  return rule.holds === rule.total ? '100 %' : `${Math.min(99, Math.round((100 * rule.holds) / rule.total))} %`
}

function Rule({ rule }: { rule: RuleView }) {
  const { choices } = useClass()
  const [special = '', plain = ''] = rule.contrast
  const inShort = rule.id === DOUBLING && choices.doubling === 'SHORT'
  return (
    <section aria-label={rule.name} className="sheet min-h-0 flex flex-col">
      <header className="px-4 py-3 border-b border-base-300 flex flex-col gap-1">
        <h2 className="text-large font-semibold">{rule.name}</h2>
        <p>{rule.says}</p>
        <p className="font-word">“{inShort ? 'One vowel, one consonant: double it.' : rule.saysToChild}”</p>
        {inShort ? <p className="text-small">The short form, as your class hears it. It is wrong for floating and visiting, so papers are marked by the whole rule above.</p> : null}
        <p className="mute text-small">{rule.reason}</p>
        <p className="text-small">
          <strong>
            {rule.holds} of {rule.total}
          </strong>{' '}
          words keep it.{' '}
          {rule.weak ? <em>A weak rule: it says what to try first, no more. </em> : null}
          {rule.exceptions.length > 0 ? (
            <>
              Not: <span className="font-word">{rule.exceptions.join(', ')}</span>
            </>
          ) : null}
        </p>
        <Children rule={rule.id} />
      </header>
      <div className="grid grid-cols-2 gap-4 px-4 py-3 overflow-auto min-h-0">
        <Side title={`${special} due`} tone="gold" rule={rule} side="DUE" />
        <Side title={`${plain} due, ${special} not`} tone="lagoon" rule={rule} side="NOT_DUE" />
        {rule.conditions.some((c) => c.side === 'BY_HEART') ? <Side title="by heart" tone="gold" rule={rule} side="BY_HEART" /> : null}
      </div>
    </section>
  )
}

/** The conditions of one side: what holds there, how often words do as it says, and which do not. */
function Side({ title, tone, rule, side }: { title: string; tone: 'gold' | 'lagoon'; rule: RuleView; side: ConditionView['side'] }) {
  const { id } = useClass()
  const conditions = rule.conditions.filter((c) => c.side === side)
  return (
    <section aria-label={title}>
      <h3 className="mb-1">
        <Tag tone={tone}>{title}</Tag>
      </h3>
      {conditions.length === 0 ? <p className="mute text-small">The rule has one side only.</p> : null}
      <ul className="flex flex-col gap-2.5">
        {conditions.map((c) => (
          <li key={c.id} className="text-body leading-snug">
            <p className="first-letter:uppercase">
              {c.says} <span className="mute text-small whitespace-nowrap">({c.side === 'BY_HEART' ? `${c.total} words` : `${share(c)} of ${c.total}`})</span>
            </p>
            <p className="font-word">“{c.forChild}”</p>
            {c.examples.length > 0 ? <p className="font-word">{c.examples.slice(0, SHOWN).join(', ')}</p> : <p className="mute text-small">No word here.</p>}
            {c.exceptions.length > 0 ? (
              <p className="mute text-small">
                Not: <span className="font-word">{c.exceptions.slice(0, SHOWN).join(', ')}</span>
              </p>
            ) : null}
          </li>
        ))}
      </ul>
      {conditions.length > 0 ? (
        <Link className="link text-primary text-small" to={`/class/${id}/words?rule=${rule.id}&side=${side}`}>
          All words of this side
        </Link>
      ) : null}
    </section>
  )
}

/** Children stand in a group for each condition they fail; here each is named once. */
function whoFails(groups: ClassMap['groups'], kind: ClassMap['groups'][number]['kind']): Pupil[] {
  const all = groups.filter((g) => g.kind === kind).flatMap((g) => g.pupils)
  return [...new Map(all.map((p) => [p.id, p])).values()]
}

function Children({ rule }: { rule: string }) {
  const { id } = useClass()
  const map = useQuery(ask('get', '/api/classes/{id}/map', inPath({ id })))
  const groups = map.data?.groups.filter((g) => g.rule === rule) ?? []
  if (map.isError) return <p className="mute text-small">Whom it trips cannot be had just now.</p>
  if (!map.data) return null
  if (groups.length === 0) return <p className="mute text-small">Nobody in the class shows a pattern with it now.</p>
  const kinds = [...new Set(groups.map((g) => g.kind))]
  return (
    <ul className="text-small">
      {kinds.map((kind) => (
        <li key={kind}>
          <span className="mute">{KINDS[kind]}: </span>
          {whoFails(groups, kind).map((pupil, i) => (
            <span key={pupil.id}>
              {i > 0 ? ', ' : ''}
              <Link className="link text-primary" to={`/class/${id}/respond?child=${pupil.id}&rule=${rule}`}>
                {pupil.name}
              </Link>
            </span>
          ))}
        </li>
      ))}
    </ul>
  )
}
