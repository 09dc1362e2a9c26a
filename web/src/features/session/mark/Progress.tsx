import { useState, useSyncExternalStore } from 'react'
import { Link } from 'react-router'
import type { Session } from '../../../api/client'
import { useClass } from '../../../lib/classContext'
import { dayName } from '../../../lib/days'
import { Head } from '../../../ui/Parts'
import { Outlook } from './Outlook'
import type { PaperStore } from './paperStore'
import { useStanding } from './usePapers'

/** When the last paper is marked: what they say. */
export function Finished({ session, store, papers }: { session: Session; store: PaperStore; papers: number }) {
  const [subscribe] = useState(() => store.onAll())
  const kept = useSyncExternalStore(subscribe, () => (papers > 0 && store.all().done === papers ? store.revision() : undefined))
  return kept === undefined ? null : <Outlook session={session} kept={kept} />
}

/** How far the papers are, and what may be done with all of them. */
export function Progress({ session, store, papers, byWord, turn, toUnsure, paste, handOut, aloud }: { session: Session; store: PaperStore; papers: number; byWord: boolean; turn: () => void; toUnsure: () => void; paste: () => void; handOut: () => void; aloud: (() => void) | undefined }) {
  const { id: classId } = useClass()
  const { done, failed, refused, why, unsure, minutes } = useStanding(store)
  return (
    <>
      <Head title={`${dayName(session.date, true)} · ${session.title}`}>
        <span className="mute whitespace-nowrap">
          {done} of {papers} papers{minutes > 0 && done < papers ? ` · about ${minutes} min left` : ''}
        </span>
        <progress className="progress progress-primary w-36" value={done} max={papers} aria-label={`${done} papers marked`} />
        {unsure > 0 ? (
          <button type="button" className="btn btn-sm" title="On to the next you were not sure of" onClick={toUnsure}>
            {unsure} not sure
          </button>
        ) : null}
        {session.points ? <span className="whitespace-nowrap">{session.points.says}</span> : null}
        {aloud ? (
          <button type="button" className="btn btn-sm" onClick={aloud}>
            Aloud
          </button>
        ) : null}
        <button type="button" className="btn btn-sm" onClick={handOut}>
          Tablets
        </button>
        <button type="button" className="btn btn-sm" onClick={paste}>
          Paste or file
        </button>
        <button type="button" aria-pressed={byWord} className={`btn btn-sm ${byWord ? 'btn-primary' : ''}`} title="Alt W" onClick={turn}>
          By word
        </button>
        <Link className="btn btn-sm btn-primary" to={`/class/${classId}/respond`}>
          What it says
        </Link>
      </Head>
      {failed + refused > 0 ? (
        <div role="alert" className="alert border-error bg-base-100 py-2">
          {failed > 0
            ? `${failed} not kept yet: ${why} They stay here as typed, also when the page is left.`
            : `${refused} written elsewhere too: open the cell and choose which stands.`}
          {failed > 0 ? (
            <button type="button" className="btn btn-sm" onClick={() => store.retry()}>
              Keep them now
            </button>
          ) : null}
        </div>
      ) : null}
    </>
  )
}
