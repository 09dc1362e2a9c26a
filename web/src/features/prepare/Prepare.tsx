import { useQuery } from '@tanstack/react-query'
import { Link, useParams, useSearchParams } from 'react-router'
import { api, type Candidate, type Dictation, type RuleView } from '../../api/client'
import { useClass } from '../../app/classContext'
import { Failed, Head, Loading, Tag } from '../../ui/Parts'
import { Strip } from '../../ui/Strip'
import { dayName } from '../week/days'
import { Sheet } from './Sheet'
import { usePlan } from './usePlan'

/** Plans one dictation: a rule on the left, words that fit with the reason, the sheet on the right. */
export function Prepare() {
  const { id } = useParams()
  const { accent } = useClass()
  const dictation = useQuery({ queryKey: ['dictation', Number(id)], queryFn: () => api.dictation(Number(id)) })
  const rules = useQuery({ queryKey: ['rules', accent], queryFn: () => api.rules(accent), staleTime: Infinity })
  if (dictation.isPending || rules.isPending) return <Loading />
  if (dictation.isError) return <Failed error={dictation.error} retry={() => void dictation.refetch()} />
  if (rules.isError) return <Failed error={rules.error} retry={() => void rules.refetch()} />
  return <Planner dictation={dictation.data} rules={rules.data} />
}

function Planner({ dictation, rules }: { dictation: Dictation; rules: readonly RuleView[] }) {
  const of = useClass()
  const plan = usePlan(dictation)
  const map = useQuery({ queryKey: ['map', of.id], queryFn: () => api.map(of.id) })
  const [params, setParams] = useSearchParams()
  const taught = params.get('taught') !== 'no'
  const beats = Number(params.get('beats') ?? '0')
  const set = (key: string, value: string) => {
    const next = new URLSearchParams(params)
    if (value) next.set(key, value)
    else next.delete(key)
    setParams(next, { replace: true })
  }
  const fit = useQuery({
    queryKey: ['candidates', of.id, dictation.rule, taught, beats],
    queryFn: () => api.candidates(of.id, dictation.rule, taught, beats),
  })
  const fill = async () => {
    const words = await api.choose(of.id, dictation.rule, 10, [], Date.now())
    plan.take(words.map((w) => w.word))
  }
  const rule = rules.find((r) => r.id === dictation.rule)
  const children = (id: string) => map.data?.groups.filter((g) => g.rule === id).reduce((n, g) => n + g.pupils.length, 0) ?? 0
  const unused = fit.data?.words.filter((w) => !plan.now.words.includes(w.word)) ?? []
  return (
    <>
      <Head title={`${dayName(dictation.date)}: ${dictation.ruleName}`} note={<Tag tone="lagoon">{dictation.state === 'PLANNED' ? 'not given yet' : 'given'}</Tag>}>
        <Link className="btn btn-sm" to={`/class/${of.id}/dictate/${dictation.id}`}>
          Dictate it
        </Link>
        <button type="button" className="btn btn-sm btn-primary" onClick={() => void fill()}>
          Fill it for me
        </button>
      </Head>
      {plan.failure ? <Failed error={plan.failure} /> : null}
      <div className="grid grid-cols-[236px_1fr_330px] gap-4 min-h-0 grow">
        <section aria-label="What it is about" className="flex flex-col gap-1 min-h-0 overflow-auto">
          <h2 className="mute text-sm font-semibold">What is it about?</h2>
          {rules.map((r) => (
            <button
              key={r.id}
              type="button"
              aria-pressed={r.id === dictation.rule}
              className={`text-left rounded-lg px-2.5 py-1 flex justify-between gap-2 ${r.id === dictation.rule ? 'soft text-primary font-semibold' : 'hover:bg-base-100'}`}
              onClick={() => plan.focus(r.id)}
            >
              {r.name}
              <span className="mute text-sm whitespace-nowrap">{children(r.id) || ''}</span>
            </button>
          ))}
          <p className="mute text-xs px-2.5">The number is how many children show a pattern.</p>
          {rule ? <Reliability rule={rule} /> : null}
        </section>
        <section aria-label="Words that fit" className="sheet min-h-0 flex flex-col">
          <div className="flex items-center gap-2 px-3 py-2 border-b border-base-300">
            <h2 className="mute text-sm font-semibold mr-1">Words that fit</h2>
            <Filter on={taught} label="taught so far" toggle={() => set('taught', taught ? 'no' : '')} />
            <Filter on={beats === 1} label="one beat" toggle={() => set('beats', beats === 1 ? '' : '1')} />
            <Filter on={beats === 2} label="two beats" toggle={() => set('beats', beats === 2 ? '' : '2')} />
            <span className="ml-auto mute">{fit.data?.total ?? ''}</span>
          </div>
          {fit.isPending ? <Loading /> : null}
          {fit.isError ? <Failed error={fit.error} retry={() => void fit.refetch()} /> : null}
          {fit.data && unused.length === 0 ? <p className="p-4 mute">No more words fit. Loosen a filter or choose another rule.</p> : null}
          {/* eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- a scrolling list must be reachable by keyboard */}
          <ul className="overflow-auto px-3" tabIndex={0} aria-label="Candidates">
            {unused.map((c) => (
              <CandidateRow key={c.word} candidate={c} add={() => plan.add(c.word)} />
            ))}
          </ul>
        </section>
        <Sheet dictation={dictation} plan={plan} spare={unused} />
      </div>
    </>
  )
}

function Filter({ on, label, toggle }: { on: boolean; label: string; toggle: () => void }) {
  return (
    <button type="button" aria-pressed={on} className={`btn btn-xs rounded-full ${on ? 'btn-primary' : ''}`} onClick={toggle}>
      {label}
    </button>
  )
}

function CandidateRow({ candidate: c, add }: { candidate: Candidate; add: () => void }) {
  return (
    <li className="flex items-center gap-3 py-1.5 border-b border-base-300">
      <Strip units={c.units} size="sm" focus={c.focus} untaught={c.untaught} label={c.word} />
      <Tag tone={c.side === 'DUE' ? 'gold' : 'lagoon'}>{c.due} due</Tag>
      <span className="mute text-sm grow leading-tight">
        {c.untaught.length > 0 ? `${c.untaught.join(', ')} not taught yet` : c.why.replace(/: .*$/, '')}
      </span>
      <button type="button" className="btn btn-sm btn-square" aria-label={`Take ${c.word}`} onClick={add}>
        +
      </button>
    </li>
  )
}

function Reliability({ rule }: { rule: RuleView }) {
  return (
    <div className="sheet p-3 mt-2">
      <h2 className="mute text-sm font-semibold">How reliable is it?</h2>
      <p>
        <strong className="text-lg">
          {rule.holds} of {rule.total}
        </strong>{' '}
        words we know keep it.
      </p>
      <p className="text-sm mt-1">{rule.says}</p>
      {rule.exceptions.length > 0 ? (
        <p className="mute text-sm mt-1">
          Not: <span className="font-word">{rule.exceptions.slice(0, 7).join(', ')}</span>
        </p>
      ) : null}
    </div>
  )
}
