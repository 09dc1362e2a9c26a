import { useQuery } from '@tanstack/react-query'
import { Link, useParams } from 'react-router'
import type { RuleView, Session } from '../../../api/client'
import { ask, inPath } from '../../../api/ask'
import { useClass, useKinds } from '../../../lib/classContext'
import { dayName } from '../../../lib/days'
import { useUrl } from '../../../lib/useUrl'
import { Failed, Head, Key, Loading, Tag } from '../../../ui/Parts'
import { Toggle } from '../../../ui/Toggle'
import { STATES } from '../../../ui/words'
import { Candidates } from './Candidates'
import { Finder } from './Finder'
import { More } from './More'
import { added, filled, inBlock, type PlannedBlock } from './plan'
import { Sheet } from './Sheet'
import { Suggestions } from './Suggestions'
import { useKeys } from './useKeys'
import { useFitting, type Fitting } from './useFitting'
import { usePlan, type PlanEdit } from './usePlan'
import { useSheet } from './useSheet'
import { useTerms } from '../../../lib/terms'

/** Plans one session: what it is about on the left, what fits the open block, the sheet on the right. */
export function Prepare() {
  const { id } = useParams()
  const { accent } = useClass()
  const session = useQuery(ask('get', '/api/sessions/{id}', inPath({ id: Number(id) })))
  const rules = useQuery(ask('get', '/api/rules', { params: { query: { accent } } }))
  if (session.isPending || rules.isPending) return <Loading />
  if (session.isError) return <Failed error={session.error} retry={() => void session.refetch()} />
  if (rules.isError) return <Failed error={rules.error} retry={() => void rules.refetch()} />
  return <Planner key={session.data.id} session={session.data} rules={rules.data} />
}

function Planner({ session, rules }: { session: Session; rules: readonly RuleView[] }) {
  const of = useClass()
  const plan = usePlan(session)
  const url = useUrl()
  const kinds = useKinds()
  const { blocks, focus } = plan.now
  const open = blocks.find((b) => String(b.id) === url.get('block')) ?? blocks.find((b) => b.kind === kinds.word.id && b.role !== 'REVIEW') ?? blocks[0]
  const taught = url.get('taught') !== 'no'
  const words = open !== undefined && kinds.of(open.kind).takesWords && open.role !== 'REVIEW'
  const fit = useFitting(of.id, focus, taught, Number(url.get('beats') || '0'))
  const actions = useSheet(session, plan, fit.groups)
  useKeys(session, plan, actions, open)
  return (
    <>
      <Head
        title={`${dayName(plan.now.date)}: ${session.title}`}
        note={
          <>
            <Tag tone="lagoon">{session.state === 'PLANNED' ? 'not given yet' : STATES[session.state]}</Tag>{' '}
            {session.pupils.length > 0 ? <Tag tone="plum">{names(session.pupils, of.pupils)}</Tag> : null}
          </>
        }
      >
        <span role="status" className="mute text-small">
          {plan.busy ? 'keeping…' : ''}
        </span>
        <UndoRedo plan={plan} />
        <More session={session} plan={plan} />
        <Link className="btn btn-sm" to={`/class/${of.id}/print/${session.id}`}>
          Print
        </Link>
        <Link className="btn btn-sm" to={`/class/${of.id}/dictate/${session.id}`}>
          Dictate it
        </Link>
        <button type="button" className="btn btn-sm btn-primary" onClick={actions.fill}>
          {blocks.some((b) => b.items.length === 0) ? 'Fill what is empty' : 'Fill it for me'} <Key>F</Key>
        </button>
      </Head>
      {actions.failure ? <Failed error={actions.failure} retry={actions.again} /> : null}
      {plan.failure ? <Failed error={plan.failure} retry={plan.again} /> : null}
      <div className="grid grid-cols-1 lg:grid-cols-[232px_1fr_348px] gap-4 min-h-0 grow max-lg:min-h-fit">
        <Finder rules={rules} plan={plan} />
        <Fits session={session} plan={plan} fit={fit} open={open} taught={taught} words={words} />
        <Sheet session={session} plan={plan} actions={actions} open={open} openBlock={(b) => url.set({ block: String(b.id), draw: '' })} />
      </div>
    </>
  )
}

function names(ids: readonly number[], pupils: readonly { id: number; name: string }[]): string {
  const found = pupils.filter((p) => ids.includes(p.id)).map((p) => p.name)
  return found.length > 3 ? `for ${found.length} children` : `for ${found.join(', ')}`
}

function UndoRedo({ plan }: { plan: PlanEdit }) {
  return (
    <div className="join">
      <button type="button" className="btn btn-sm join-item" aria-label="Undo" title="Undo (Ctrl Z)" disabled={!plan.undo} onClick={plan.undo}>
        ↶
      </button>
      <button type="button" className="btn btn-sm join-item" aria-label="Redo" title="Redo (Ctrl Shift Z)" disabled={!plan.redo} onClick={plan.redo}>
        ↷
      </button>
    </div>
  )
}

/** What fits the open block: words that may be taken, or what it would be filled with. */
function Fits({ session, plan, fit, open, taught, words }: { session: Session; plan: PlanEdit; fit: Fitting; open: PlannedBlock | undefined; taught: boolean; words: boolean }) {
  const url = useUrl()
  const draw = Number(url.get('draw') || '0')
  return (
    <section aria-label="What fits" className="sheet min-h-0 max-lg:max-h-[70vh] flex flex-col">
      <div className="flex flex-wrap items-center gap-2 px-3 py-2 border-b border-base-300">
        <h2 className="font-semibold mr-1">{open?.title ?? 'What fits'}</h2>
        {words ? <Which fit={fit} taught={taught} /> : null}
      </div>
      {words && fit.pending ? <Loading /> : null}
      {words && fit.error ? <Failed error={fit.error} retry={fit.again} /> : null}
      {words && open && !fit.pending && !fit.error ? (
        <Candidates groups={fit.groups} onSheet={plan.now.blocks.flatMap((b) => b.items.map((i) => i.text))} take={(word) => plan.change(inBlock(open.id, added(word)))} />
      ) : null}
      {open && !words ? (
        <Suggestions
          key={open.id}
          session={session}
          block={open}
          seed={draw}
          others={() => url.set({ draw: String(draw + 1) })}
          take={(item) => plan.change(inBlock(open.id, filled([item])))}
        />
      ) : null}
      {open ? null : <p className="p-4 mute">The sheet is empty. Add a block on the right.</p>}
    </section>
  )
}

/** Which of the words that fit are shown. */
function Which({ fit, taught }: { fit: Fitting; taught: boolean }) {
  const url = useUrl()
  const inTerms = useTerms()
  return (
    <>
      <Toggle on={taught} label="taught so far" toggle={() => url.set({ taught: taught ? 'no' : '' })} />
      {['1', '2'].map((n) => (
        <Toggle key={n} on={url.get('beats') === n} label={inTerms(n === '1' ? 'one beat' : 'two beats')} toggle={() => url.set({ beats: url.get('beats') === n ? '' : n })} />
      ))}
      <span className="ml-auto mute">{fit.pending ? '' : `${fit.total}, commonest first`}</span>
    </>
  )
}
