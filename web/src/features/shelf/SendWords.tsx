import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { api } from '../../api/client'
import { useClass } from '../../app/classContext'
import { comingDays, dayName } from '../week/days'

/** Copies words, or adds them to the dictation of a coming school day. */
export function SendWords({ words }: { words: readonly string[] }) {
  const { id } = useClass()
  const queries = useQueryClient()
  const days = comingDays(new Date(), 5)
  const [day, setDay] = useState(days[0] ?? '')
  const [sent, setSent] = useState<{ id: number; text: string } | null>(null)
  const [failure, setFailure] = useState('')
  const send = async () => {
    setFailure('')
    try {
      const made = await api.send(id, day, [...words])
      await Promise.all([
        queries.invalidateQueries({ queryKey: ['dictations'] }),
        queries.invalidateQueries({ queryKey: ['dictation'] }),
      ])
      setSent({ id: made.id, text: `${words.length} words are on ${dayName(day)}'s sheet.` })
    } catch (problem) {
      setFailure(problem instanceof Error ? problem.message : 'Try again.')
    }
  }
  const copy = async () => {
    await navigator.clipboard.writeText(words.join('\n'))
    setSent({ id: 0, text: `${words.length} words are copied, one a line.` })
  }
  return (
    <div className="flex flex-col gap-2">
      <div className="flex items-center gap-2">
        <label className="sr-only" htmlFor="send-day">
          Day of the dictation
        </label>
        <select id="send-day" className="select select-sm w-auto grow pr-7" value={day} onChange={(e) => setDay(e.target.value)}>
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
      <p role="status" className="text-sm min-h-5">
        {sent ? sent.text : ''}{' '}
        {sent?.id ? (
          <Link className="link text-primary" to={`/class/${id}/prepare/${sent.id}`}>
            Open the sheet
          </Link>
        ) : null}
      </p>
      {failure ? (
        <p role="alert" className="text-error text-sm">
          {failure}
        </p>
      ) : null}
    </div>
  )
}
