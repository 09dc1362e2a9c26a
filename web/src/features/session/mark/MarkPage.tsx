import { useQuery } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { useHotkeys } from 'react-hotkeys-hook'
import { Link, useParams } from 'react-router'
import type { Paper, Session } from '../../../api/client'
import { ask, inPath } from '../../../api/ask'
import { useClass, useKinds } from '../../../lib/classContext'
import { Empty } from '../../../ui/Empty'
import { FieldError } from '../../../ui/FieldError'
import { Failed, Key, Loading } from '../../../ui/Parts'
import { Aloud } from './Aloud'
import { columnsOf } from './columns'
import { Handout } from './Handout'
import { KeyCard, KEYS } from './KeyCard'
import { MarkGrid } from './MarkGrid'
import { Panel } from './Panel'
import { PasteDialog } from './PasteDialog'
import { PaperFoot } from './PaperFoot'
import { Finished, Progress } from './Progress'
import { usePile } from './usePile'
import { useComingIn } from './useComingIn'
import { useGridSpot } from './useGridSpot'
import { usePapers } from './usePapers'
import { useStable, useTyping } from './useTyping'
import type { PaperStore } from './paperStore'

/** Papers down, words across: type what each child wrote, see the marks as you type. */
export function MarkPage() {
  const { id } = useParams()
  const session = useQuery(ask('get', '/api/sessions/{id}', inPath({ id: Number(id) })))
  const papers = useQuery(ask('get', '/api/sessions/{id}/papers', inPath({ id: Number(id) })))
  if (session.isError) return <Failed error={session.error} retry={() => void session.refetch()} />
  if (papers.isError) return <Failed error={papers.error} retry={() => void papers.refetch()} />
  if (session.isPending || papers.isPending) return <Loading rows={10} />
  return <Marking key={session.data.id} session={session.data} papers={papers.data} />
}

type Aside = 'paste' | 'tablets' | 'aloud' | 'keys'

function Marking({ session, papers: first }: { session: Session; papers: readonly Paper[] }) {
  const { id: classId } = useClass()
  const store = usePapers(session, first)
  const pile = usePile(classId, first)
  const { papers } = pile
  useComingIn(session.id, store)
  const kinds = useKinds()
  const columns = useMemo(() => columnsOf(session, kinds), [session, kinds])
  const size = { rows: papers.length, columns: columns.length }
  const [spot, go] = useGridSpot(size, () => ({ row: Math.max(0, papers.findIndex((p) => !store.isPaperDone(p.pupil.id))), column: 0 }))
  const { keys, pupil, column, byWord, turn, openAt, failure } = useTyping({ store, pile, columns, spot, go })
  const move = useStable(pile.move)
  const [aside, setAside] = useState<Aside>()
  useHotkeys('f1', () => setAside((open) => (open === 'keys' ? undefined : 'keys')), { preventDefault: true, enableOnFormTags: true })
  if (!pupil || !column) return <Nothing session={session} words={columns.length > 0} />
  const isAloud = session.blocks.some((b) => b.spoken && b.items.length > 0)
  return (
    <>
      <Progress
        session={session}
        store={store}
        papers={papers.length}
        byWord={byWord}
        paste={() => setAside('paste')}
        handOut={() => setAside('tablets')}
        aloud={isAloud ? () => setAside('aloud') : undefined}
        toUnsure={() => openAt(store.nextUnsure({ pupilId: pupil.id, itemId: column.item.id }))}
        turn={turn}
      />
      <FieldError says={failure || pile.problem} />
      <Finished session={session} store={store} papers={papers.length} />
      <div className="grid grid-cols-1 lg:grid-cols-[1fr_318px] gap-4 min-h-0 grow max-lg:min-h-fit">
        <MarkGrid store={store} papers={papers} columns={columns} spot={spot} go={go} keys={keys} pile={{ byName: pile.byName, sortByName: pile.sortByName, move }} />
        <Panel key={`${pupil.id}.${column.item.id}`} pupil={pupil} column={column} session={session} papers={papers} store={store} />
      </div>
      <PaperFoot session={session.id} pupil={pupil} store={store} />
      <KeysFoot all={() => setAside('keys')} />
      <Beside aside={aside} session={session} papers={papers} store={store} close={() => setAside(undefined)} />
    </>
  )
}

/** What is opened over the grid. */
function Beside({ aside, session, papers, store, close }: { aside: Aside | undefined; session: Session; papers: readonly Paper[]; store: PaperStore; close: () => void }) {
  switch (aside) {
    case 'paste':
      return <PasteDialog session={session.id} taken={(cells) => store.take(cells)} close={close} />
    case 'tablets':
      return <Handout session={session.id} close={close} />
    case 'aloud':
      return <Aloud session={session} pupils={papers.map((p) => p.pupil)} close={close} />
    case 'keys':
      return <KeyCard close={close} />
    case undefined:
      return null
  }
}

function Nothing({ session, words }: { session: Session; words: boolean }) {
  const { id } = useClass()
  return (
    <Empty says={words ? 'There are no children in the class yet.' : 'This session has no words yet.'}>
      <Link className="btn btn-primary" to={words ? `/class/${id}/class` : `/class/${id}/prepare/${session.id}`}>
        {words ? 'Add children' : 'Choose words'}
      </Link>
    </Empty>
  )
}

function KeysFoot({ all }: { all: () => void }) {
  return (
    // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- one line that may scroll must be reachable by keyboard
    <footer className="flex items-center gap-4 mute text-small whitespace-nowrap overflow-x-auto shrink-0" tabIndex={0} aria-label="Keys">
      {KEYS.filter((k) => k.short).map((k) => (
        <span key={k.keys}>
          <Key>{k.keys}</Key> {k.short}
        </span>
      ))}
      <button type="button" className="link" onClick={all}>
        <Key>F1</Key> all keys
      </button>
      <span className="ml-auto">every keystroke is kept</span>
    </footer>
  )
}
