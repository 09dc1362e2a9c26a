import { useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { Link, useParams } from 'react-router'
import { api, said, type Candidate, type RuleView, type Session } from '../../../api/client'
import { ask } from '../../../api/queries'
import { kindOf } from '../../../blocks'
import { useClass } from '../../../lib/classContext'
import { dayName } from '../../../lib/days'
import { ruleOf } from '../../../lib/focus'
import { useUrl } from '../../../lib/useUrl'
import { Failed, Head, Loading, Tag } from '../../../ui/Parts'
import { Strip } from '../../../ui/Strip'
import { Toggle } from '../../../ui/Toggle'
import { STATES } from '../../../ui/words'
import { added, focusOn, inBlock, taken, withBlock } from './plan'
import { Sheet } from './Sheet'
import { usePlan, type PlanEdit } from './usePlan'

/** Plans one session: a rule on the left, words that fit with the reason, the sheet on the right. */
export function Prepare() {
  const { id } = useParams()
  const { accent } = useClass()
  const session = useQuery(ask.session(Number(id)))
  const rules = useQuery(ask.rules(accent))
  if (session.isPending || rules.isPending) return <Loading />
  if (session.isError) return <Failed error={session.error} retry={() => void session.refetch()} />
  if (rules.isError) return <Failed error={rules.error} retry={() => void rules.refetch()} />
  return <Planner key={session.data.id} session={session.data} rules={rules.data} />
}

/** How many items a new block of a kind has. */
const ITEMS: Record<string, number> = { words: 10, sentence: 1 }
const USUAL = 4

function Planner({ session, rules }: { session: Session; rules: readonly RuleView[] }) {
  const of = useClass()
  const plan = usePlan(session)
  const [failure, setFailure] = useState('')
  const rule = ruleOf(plan.now.focus)
  const words = plan.now.blocks.find((b) => b.kind === 'words')
  const onSheet = words?.items.map((i) => i.text) ?? []
  const url = useUrl()
  const taught = url.get('taught') !== 'no'
  const fit = useQuery({ ...ask.candidates(of.id, rule ?? '', taught, Number(url.get('beats') || '0')), enabled: Boolean(rule) })
  const unused = fit.data?.words.filter((w) => !onSheet.includes(w.word)) ?? []
  useUndoKeys(plan)
  const fill = async () => {
    setFailure('')
    try {
      for (const block of plan.now.blocks) {
        if (block.kind !== 'words' && block.items.length > 0) continue
        const texts = await api.fill(of.id, block.kind, [...plan.now.focus], ITEMS[block.kind] ?? USUAL, [], Date.now())
        plan.change(inBlock(block.id, taken(texts)))
      }
    } catch (problem) {
      setFailure(said(problem))
    }
  }
  const addBlock = async (kind: string) => {
    setFailure('')
    const there = plan.now.blocks.flatMap((b) => (b.kind === 'sentence' ? [] : b.items.map((i) => i.text)))
    try {
      const texts = await api.fill(of.id, kind, [...plan.now.focus], ITEMS[kind] ?? USUAL, kind === 'sentence' ? [] : there, Date.now())
      plan.change(withBlock(kind, kindOf(kind).name, texts))
    } catch (problem) {
      setFailure(said(problem))
    }
  }
  return (
    <>
      <Head title={`${dayName(plan.now.date)}: ${session.title}`} note={<Tag tone="lagoon">{session.state === 'PLANNED' ? 'not given yet' : STATES[session.state]}</Tag>}>
        <span role="status" className="mute text-sm">
          {plan.busy ? 'keeping…' : ''}
        </span>
        <div className="join">
          <button type="button" className="btn btn-sm join-item" aria-label="Undo" title="Undo (Ctrl Z)" disabled={!plan.undo} onClick={plan.undo}>
            ↶
          </button>
          <button type="button" className="btn btn-sm join-item" aria-label="Redo" title="Redo (Ctrl Shift Z)" disabled={!plan.redo} onClick={plan.redo}>
            ↷
          </button>
        </div>
        <Link className="btn btn-sm" to={`/class/${of.id}/dictate/${session.id}`}>
          Dictate it
        </Link>
        <button type="button" className="btn btn-sm btn-primary" onClick={() => void fill()}>
          Fill it for me
        </button>
      </Head>
      {failure ? <Failed error={new Error(failure)} retry={() => void fill()} /> : null}
      {plan.failure ? <Failed error={plan.failure} retry={plan.again} /> : null}
      <div className="grid grid-cols-1 lg:grid-cols-[236px_1fr_330px] gap-4 min-h-0 grow max-lg:min-h-fit">
        <Rules rules={rules} open={rule} plan={plan} />
        <section aria-label="Words that fit" className="sheet min-h-0 max-lg:max-h-[70vh] flex flex-col">
          <div className="flex flex-wrap items-center gap-2 px-3 py-2 border-b border-base-300">
            <h2 className="mute text-sm font-semibold mr-1">Words that fit</h2>
            <Toggle on={taught} label="taught so far" toggle={() => url.set({ taught: taught ? 'no' : '' })} />
            {['1', '2'].map((n) => (
              <Toggle
                key={n}
                on={url.get('beats') === n}
                label={n === '1' ? 'one beat' : 'two beats'}
                toggle={() => url.set({ beats: url.get('beats') === n ? '' : n })}
              />
            ))}
            <span className="ml-auto mute">{fit.data?.total ?? ''}</span>
          </div>
          {rule && fit.isPending ? <Loading /> : null}
          {fit.isError ? <Failed error={fit.error} retry={() => void fit.refetch()} /> : null}
          {rule ? null : <p className="p-4 mute">This session is about {session.title}. Choose a rule to see words for it, or let the sheet be filled.</p>}
          {fit.data && unused.length === 0 ? <p className="p-4 mute">No more words fit. Loosen a filter or choose another rule.</p> : null}
          {/* eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- a scrolling list must be reachable by keyboard */}
          <ul className="overflow-auto px-3" tabIndex={0} aria-label="Candidates">
            {unused.map((c) => (
              <CandidateRow key={c.word} candidate={c} add={() => (words ? plan.change(inBlock(words.id, added(c.word))) : undefined)} />
            ))}
          </ul>
        </section>
        <Sheet session={session} plan={plan} spare={unused} addBlock={(kind) => void addBlock(kind)} />
      </div>
    </>
  )
}

/** Ctrl Z and Ctrl Shift Z, but not while a text is typed: there they undo letters. */
function useUndoKeys({ undo, redo }: PlanEdit) {
  useEffect(() => {
    const key = (e: KeyboardEvent) => {
      const typing = e.target instanceof HTMLElement && e.target.matches('input, textarea, select')
      if (typing || !(e.ctrlKey || e.metaKey) || e.key.toLowerCase() !== 'z') return
      e.preventDefault()
      if (e.shiftKey) redo?.()
      else undo?.()
    }
    document.addEventListener('keydown', key)
    return () => document.removeEventListener('keydown', key)
  }, [undo, redo])
}

function Rules({ rules, open, plan }: { rules: readonly RuleView[]; open: string | undefined; plan: PlanEdit }) {
  const of = useClass()
  const map = useQuery(ask.map(of.id))
  const children = (id: string) => map.data?.groups.filter((g) => g.rule === id).reduce((n, g) => n + g.pupils.length, 0) ?? 0
  const rule = rules.find((r) => r.id === open)
  return (
    <section aria-label="What it is about" className="flex flex-col gap-1 min-h-0 max-lg:max-h-[50vh] overflow-auto">
      <h2 className="mute text-sm font-semibold">What is it about?</h2>
      {rules.map((r) => (
        <button
          key={r.id}
          type="button"
          aria-pressed={r.id === open}
          className={`text-left rounded-lg px-2.5 py-1 flex justify-between gap-2 ${r.id === open ? 'soft text-primary font-semibold' : 'hover:bg-base-100'}`}
          onClick={() => plan.change(focusOn(r.id))}
        >
          {r.name}
          <span className="mute text-sm whitespace-nowrap">{children(r.id) || ''}</span>
        </button>
      ))}
      <p className="mute text-xs px-2.5">
        {map.isError ? 'How many children show a pattern is not known just now.' : 'The number is how many children show a pattern.'}
      </p>
      {rule ? <Reliability rule={rule} /> : null}
    </section>
  )
}

function CandidateRow({ candidate: c, add }: { candidate: Candidate; add: () => void }) {
  return (
    <li className="flex items-center gap-3 py-1.5 border-b border-base-300">
      <Strip units={c.units} size="sm" focus={c.focus} untaught={c.untaught} label={c.word} />
      <Tag tone={c.side === 'DUE' ? 'gold' : 'lagoon'}>{c.due.replace('_', '-')} due</Tag>
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
