import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { PassageView } from '../../../api/client'
import { ask } from '../../../api/ask'
import { useClass } from '../../../lib/classContext'
import { useUrl } from '../../../lib/useUrl'
import { FieldError } from '../../../ui/FieldError'
import { Failed, Loading } from '../../../ui/Parts'
import { Pick, Row } from '../filters'
import { Marked } from './Marked'
import { DropOwn, OwnText } from './OwnTexts'
import { useSounds } from '../../../lib/sounds'

/** Short texts with questions; with a sound chosen, those in which it is spelled in several ways. */
export function Passages() {
  const say = useSounds()
  const { accent, step } = useClass()
  const url = useUrl()
  const sounds = useQuery(ask('get', '/api/sounds', { params: { query: { accent } } }))
  const found = useQuery(ask('get', '/api/passages', { params: { query: { accent, sound: url.get('sound'), step } } }))
  const open = found.data?.find((p) => p.title === url.get('title')) ?? found.data?.[0]
  return (
    <div className="grid grid-cols-1 lg:grid-cols-[270px_1fr] gap-4 min-h-0 grow max-lg:min-h-fit">
      <div className="flex flex-col gap-2 min-h-0">
        <Row label="Hunt for">
          <Pick name="Sound" value={url.get('sound')} change={(sound) => url.set({ sound, title: '' })}>
            {(sounds.data ?? []).map((s) => [s.phoneme, `${say(s.phoneme)}  ${s.keyword}`] as const)}
          </Pick>
        </Row>
        <nav aria-label="Texts" className="sheet p-1 overflow-auto min-h-0 max-lg:max-h-60">
          {found.isPending ? <Loading rows={10} /> : null}
          {found.data?.length === 0 ? <p className="p-2 mute">No text has this sound in two spellings and five words. Choose another.</p> : null}
          {found.data?.map((p) => (
            <button
              key={p.title}
              type="button"
              aria-current={p === open}
              className={`w-full text-left px-2 py-1 rounded flex gap-2 ${p === open ? 'bg-primary text-primary-content' : 'hover:bg-base-200'}`}
              onClick={() => url.set({ title: p.title })}
            >
              <span className="grow">{p.title}</span>
              <span className="text-small">{p.columns.length > 0 ? p.columns.reduce((n, c) => n + c.words.length, 0) : p.words}</span>
            </button>
          ))}
        </nav>
        <OwnText titled />
      </div>
      {found.isError ? <Failed error={found.error} retry={() => void found.refetch()} /> : null}
      {open ? <Passage key={open.title} passage={open} /> : null}
    </div>
  )
}

function Passage({ passage }: { passage: PassageView }) {
  const [said, setSaid] = useState('')
  const [failure, setFailure] = useState('')
  const copy = async () => {
    const questions = passage.questions.map((q, i) => `${i + 1}. ${q.asks}`).join('\n')
    try {
      await navigator.clipboard.writeText(`${passage.title}\n\n${passage.text}\n\n${questions}\n`)
      setSaid('The text and its questions are copied.')
    } catch {
      setFailure('The browser does not let this page copy. Select the text and copy it by hand.')
    }
  }
  return (
    // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- a scrolling list must be reachable by keyboard
    <div role="group" aria-label={passage.title} className="sheet p-5 min-h-0 overflow-auto flex flex-col gap-4" tabIndex={0}>
      <div className="flex items-center gap-3">
        <h2 className="text-large font-semibold">{passage.title}</h2>
        <span className="mute text-small">{passage.words} words</span>
        {passage.own ? <DropOwn id={passage.own} name={passage.title} /> : null}
        <span role="status" className="text-small ml-auto">
          {said}
        </span>
        <button type="button" className="btn btn-sm" onClick={() => void copy()}>
          Copy
        </button>
      </div>
      <FieldError says={failure} />
      <p className="font-word text-head leading-relaxed max-w-[60ch]">
        <Marked text={passage.text} spans={passage.spans} />
      </p>
      {passage.columns.length > 0 ? (
        <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1" aria-label="Words by spelling">
          {passage.columns.map((c) => (
            <div key={c.grapheme} className="contents">
              <dt className="font-word font-bold">{c.grapheme.replace('_', '-')}</dt>
              <dd className="font-word">{c.words.join(', ')}</dd>
            </div>
          ))}
        </dl>
      ) : null}
      {passage.untaught.length > 0 ? (
        <p className="mute text-small">
          Not taught yet: {passage.untaught.map((u) => `${u.word} (${u.graphemes.join(', ').replaceAll('_', '-')})`).join(', ')}
        </p>
      ) : null}
      {passage.questions.length > 0 ? (
      <section aria-label="Questions">
        <h3 className="font-semibold mb-1">Questions</h3>
        <ol className="list-decimal pl-6 flex flex-col gap-1">
          {passage.questions.map((q) => (
            <li key={q.asks}>
              {q.asks} <b className="font-semibold">{q.answer}</b> <span className="mute">· {q.others.join(' · ')}</span>
            </li>
          ))}
        </ol>
      </section>
      ) : null}
    </div>
  )
}
