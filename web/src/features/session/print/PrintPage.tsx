import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useParams } from 'react-router'
import { ask, inPath } from '../../../api/ask'
import { useClass } from '../../../lib/classContext'
import { dayName } from '../../../lib/days'
import { useUrl } from '../../../lib/useUrl'
import { Failed, Head, Loading } from '../../../ui/Parts'

const PAPERS = [
  ['sheet', 'Sheets to write on', 'for the children, each block in the form it needs'],
  ['key', 'Answers', 'every word with its marks, what else is right, and why'],
  ['script', 'What you say', 'clues, counts and pauses in order, for whoever gives it'],
  ['cards', 'Cards to cut', 'every word once, pairs side by side, cards front and back'],
  ['home', 'For home', 'the words with a short way to practise them'],
  ['marked', 'Marked papers', 'for each child what it wrote, one thing to work on, words to write again; then the class'],
] as const

/** A session on paper: which paper, how large, and how its first page looks. */
export function PrintPage() {
  const { id } = useParams()
  const { id: classId } = useClass()
  const session = useQuery(ask('get', '/api/sessions/{id}', inPath({ id: Number(id) })))
  const url = useUrl()
  const paper = url.get('paper') || 'sheet'
  const query = new URLSearchParams()
  for (const key of ['size', 'type', 'names', 'two']) if (url.get(key)) query.set(key, url.get(key))
  const address = (kind: 'pdf' | 'png') => `/api/sessions/${id}/${paper}.${kind}?${query}`
  if (session.isPending) return <Loading />
  if (session.isError) return <Failed error={session.error} retry={() => void session.refetch()} />
  const tick = (key: string, value: string, says: string) => (
    <label className="flex items-center gap-2">
      <input type="checkbox" className="checkbox checkbox-sm" checked={url.get(key) === value} onChange={(e) => url.set({ [key]: e.target.checked ? value : '' })} />
      {says}
    </label>
  )
  return (
    <>
      <Head title={`On paper: ${session.data.title}`} note={dayName(session.data.date)}>
        <Link className="btn btn-sm" to={`/class/${classId}/prepare/${id}`}>
          Back to the sheet
        </Link>
        <a className="btn btn-sm btn-primary" href={address('pdf')} target="_blank" rel="noreferrer">
          Open to print
        </a>
      </Head>
      <div className="grid grid-cols-1 lg:grid-cols-[24rem_1fr] gap-4 min-h-0 grow max-lg:min-h-fit">
        <section aria-label="What to print" className="sheet p-4 flex flex-col gap-4 overflow-auto min-h-0">
          <fieldset className="flex flex-col gap-2">
            <legend className="font-semibold pb-1">Which paper</legend>
            {PAPERS.map(([kind, title, says]) => (
              <label key={kind} className="flex items-start gap-2">
                <input type="radio" name="paper" className="radio radio-sm mt-1" checked={paper === kind} onChange={() => url.set({ paper: kind === 'sheet' ? '' : kind })} />
                <span>
                  {title}
                  <span className="mute text-small block leading-tight">{says}</span>
                </span>
              </label>
            ))}
          </fieldset>
          <fieldset className="flex flex-col gap-2">
            <legend className="font-semibold pb-1">How</legend>
            {tick('size', 'LETTER', 'on Letter paper (else A4)')}
            {tick('type', 'LARGE', 'in large print')}
            {paper === 'sheet' ? tick('names', 'true', 'one for each child, with its name') : null}
            {paper === 'sheet' ? tick('two', 'true', 'two on a page, where they fit') : null}
          </fieldset>
        </section>
        <section aria-label="First page" className="sheet p-4 overflow-auto min-h-0 flex justify-center items-start bg-base-300">
          <FirstPage key={address('png')} address={address('png')} title={PAPERS.find(([kind]) => kind === paper)?.[1] ?? ''} />
        </section>
      </div>
    </>
  )
}

/** The first page as it will be, or why it cannot be shown. */
function FirstPage({ address, title }: { address: string; title: string }) {
  const [state, setState] = useState<'loading' | 'there' | 'failed'>('loading')
  return (
    <>
      {state === 'loading' ? <div className="w-96 bg-base-100"><Loading rows={12} /></div> : null}
      {state === 'failed' ? <Failed error={new Error('The first page could not be drawn. The paper itself may still open.')} /> : null}
      <img
        className={`max-h-full w-auto border border-base-300 bg-white ${state === 'there' ? '' : 'hidden'}`}
        src={address}
        alt={`First page: ${title}`}
        onLoad={() => setState('there')}
        onError={() => setState('failed')}
      />
    </>
  )
}
