import { useQuery } from '@tanstack/react-query'
import { useDeferredValue, useState } from 'react'
import type { CheckedText, TextToCheck } from '../../../api/client'
import { ask } from '../../../api/ask'
import { useClass } from '../../../lib/classContext'
import { useUrl } from '../../../lib/useUrl'
import { Failed } from '../../../ui/Parts'
import { Pick } from '../filters'
import { SendWords } from '../SendWords'

const LONGEST = 20_000
/** What is typed is kept by the browser, so that a reload loses nothing. */
const KEPT = 'dettato-text'

/** A box for any text: what it holds, word by word, and what would mend it, as it is typed. */
export function CheckText() {
  const { id, accent } = useClass()
  const url = useUrl()
  const rules = useQuery(ask('get', '/api/rules', { params: { query: { accent } } }))
  const [text, setText] = useState(() => sessionStorage.getItem(KEPT) ?? '')
  const rule = url.get('rule')
  const body: TextToCheck = { accent, classId: id, text: useDeferredValue(text), ...(rule ? { focus: { rule } } : {}) }
  const checked = useQuery({ ...ask('post', '/api/texts/check', { body }), enabled: body.text.trim() !== '' })
  const type = (typed: string) => {
    setText(typed)
    sessionStorage.setItem(KEPT, typed)
  }
  const sentences = text.match(/[^.?!]+[.?!]+["'”’]*/g)?.map((s) => s.trim()) ?? []
  return (
    <div className="grid grid-cols-1 lg:grid-cols-[1fr_420px] gap-4 min-h-0 grow max-lg:min-h-fit">
      <div className="flex flex-col gap-2 min-h-0">
        <div className="flex items-center gap-2 max-w-96">
          <span className="mute text-small whitespace-nowrap">It should test</span>
          <Pick name="Rule" value={rule} change={(picked) => url.set({ rule: picked })}>
            {(rules.data ?? []).map((r) => [r.id, r.name] as const)}
          </Pick>
        </div>
        <label className="flex flex-col gap-1 min-h-0 grow">
          <span className="mute text-small">Type or paste a sentence or a text</span>
          <textarea className="textarea w-full grow min-h-48 font-word text-head leading-relaxed" maxLength={LONGEST} value={text} onChange={(e) => type(e.target.value)} placeholder="The keeper lit the lamp." />
        </label>
        {checked.isError ? <Failed error={checked.error} retry={() => void checked.refetch()} /> : null}
        <SendWords words={sentences} sentences />
      </div>
      {/* eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- a scrolling list must be reachable by keyboard */}
      <div role="group" aria-label="What was found" className="sheet p-3 min-h-0 overflow-auto flex flex-col gap-3" tabIndex={0}>
        {text.trim() === '' ? <p className="mute">What to mend, what is not taught yet and what each word tests will stand here.</p> : null}
        {checked.data && text.trim() !== '' ? <Findings found={checked.data} /> : null}
      </div>
    </div>
  )
}

function Findings({ found }: { found: CheckedText }) {
  return (
    <>
      <h2 className="font-semibold" aria-live="polite">
        {found.warnings.length === 0 ? 'Nothing to mend' : `To mend · ${found.warnings.length}`}
      </h2>
      <ul className="flex flex-col gap-1">
        {found.warnings.map((w, i) => (
          <li key={i} className="flex gap-2">
            <span aria-hidden>▸</span>
            <span>{w.says}</span>
          </li>
        ))}
      </ul>
      <h2 className="font-semibold">What it tests</h2>
      <Tested words={found.words} />
    </>
  )
}

/** Words by the rule whose special spelling is due in them. */
function Tested({ words }: { words: CheckedText['words'] }) {
  const { accent } = useClass()
  const known = useQuery(ask('get', '/api/rules', { params: { query: { accent } } }))
  const tested = (known.data ?? []).map((rule) => {
    const due = new Set(rule.conditions.filter((c) => c.side !== 'NOT_DUE').map((c) => c.id))
    const asked = words.filter((w) => w.rules.some((r) => due.has(r.condition))).map((w) => w.word)
    return { name: rule.name, words: [...new Set(asked)] }
  })
  const some = tested.filter((t) => t.words.length > 0)
  if (some.length === 0) return <p className="mute">No word of it asks for a special spelling.</p>
  return (
    <dl className="grid grid-cols-[auto_1fr] gap-x-3 gap-y-1">
      {some.map((t) => (
        <div key={t.name} className="contents">
          <dt className="mute">{t.name}</dt>
          <dd className="font-word">{t.words.join(', ')}</dd>
        </div>
      ))}
    </dl>
  )
}
