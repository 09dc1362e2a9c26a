import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { client, dataOf, said } from '../../api/client'
import { ask, classChanged, inPath } from '../../api/ask'
import { useClass, useKinds, useToday } from '../../lib/classContext'
import { comingDays, dayName } from '../../lib/days'
import { FieldError } from '../../ui/FieldError'

/** Copies words or sentences, or adds them to the session of a coming school day. */
export function SendWords({ words, sentences = false }: { words: readonly string[]; sentences?: boolean }) {
  const things = !sentences ? `${words.length} words are` : words.length === 1 ? '1 sentence is' : `${words.length} sentences are`
  const { id } = useClass()
  const kinds = useKinds()
  const queries = useQueryClient()
  const days = comingDays(useToday(), 5)
  const [day, setDay] = useState(days[0] ?? '')
  const [sent, setSent] = useState<{ id: number; text: string } | null>(null)
  const [failure, setFailure] = useState('')
  const send = async () => {
    setFailure('')
    try {
      const made = await dataOf(client.POST('/api/classes/{id}/sessions/words', { params: { path: { id } }, body: { date: day, kind: sentences ? kinds.sentence.id : kinds.word.id, words: [...words] } }))
      queries.setQueryData(ask('get', '/api/sessions/{id}', inPath({ id: made.id })).queryKey, made)
      await classChanged(queries, id)
      setSent({ id: made.id, text: `${things} on ${dayName(day)}'s sheet.` })
    } catch (problem) {
      setFailure(said(problem))
    }
  }
  const copy = async () => {
    try {
      await navigator.clipboard.writeText(words.join('\n'))
      setSent({ id: 0, text: `${things} copied, one a line.` })
    } catch {
      setFailure('The browser does not let this page copy. Select the words and copy them by hand.')
    }
  }
  return (
    <div className="flex flex-col gap-2">
      <div className="flex flex-wrap items-center gap-2">
        <label className="sr-only" htmlFor="send-day">
          Day of the session
        </label>
        <select id="send-day" className="select select-sm w-auto grow min-w-40 pr-7" value={day} onChange={(e) => setDay(e.target.value)}>
          {days.map((d, i) => (
            <option key={d} value={d}>
              {i === 0 ? `next: ${dayName(d)}` : dayName(d)}
            </option>
          ))}
        </select>
        <button type="button" className="btn btn-sm btn-primary" disabled={words.length === 0} onClick={() => void send()}>
          Put on its sheet
        </button>
        <button type="button" className="btn btn-sm" disabled={words.length === 0} onClick={() => void copy()}>
          Copy
        </button>
      </div>
      <p role="status" className="text-small min-h-5">
        {sent ? sent.text : ''}{' '}
        {sent?.id ? (
          <Link className="link text-primary" to={`/class/${id}/prepare/${sent.id}`}>
            Open the sheet
          </Link>
        ) : null}
      </p>
      <FieldError says={failure} />
    </div>
  )
}
