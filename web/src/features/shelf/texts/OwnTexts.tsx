import { inPath } from '../../../api/ask'
import { useQueryClient } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { asText, client, dataOf, said, type ImportedTexts } from '../../../api/client'
import { FieldError } from '../../../ui/FieldError'

/** Keeps what a school writes itself; sentences and texts are then read anew. */
export function useOwnTexts() {
  const queries = useQueryClient()
  const [failure, setFailure] = useState('')
  const [told, setTold] = useState('')
  const after = async (does: Promise<unknown>, done: (result: unknown) => string): Promise<boolean> => {
    setFailure('')
    setTold('')
    try {
      setTold(done(await does))
      await Promise.all([queries.invalidateQueries({ queryKey: ['sentences'] }), queries.invalidateQueries({ queryKey: ['passages'] })])
      return true
    } catch (problem) {
      setFailure(said(problem))
      return false
    }
  }
  return {
    failure,
    told,
    keep: (title: string, text: string) => after(dataOf(client.POST('/api/own-texts', { body: { title, text } })), () => 'It is kept, and found with the rest when it fits the filters.'),
    drop: (id: number) => after(dataOf(client.DELETE('/api/own-texts/{id}', inPath({ id }))), () => 'It is taken away.'),
    take: (file: string) =>
      after(dataOf(client.POST('/api/own-texts/import', { body: file, ...asText('text/csv') })), (result) => {
        const { imported, rejected } = result as ImportedTexts
        const bad = rejected.map((r) => `line ${r.line}: ${r.reason}`).join('; ')
        return `${imported} taken in.${bad ? ` Not taken: ${bad}.` : ''}`
      }),
  }
}

/** A sentence of the school's own, or (with a title) a text. */
export function OwnText({ titled }: { titled: boolean }) {
  const own = useOwnTexts()
  const [title, setTitle] = useState('')
  const [text, setText] = useState('')
  const submit = async (e: FormEvent) => {
    e.preventDefault()
    if (text.trim() && (await own.keep(title, text))) {
      setTitle('')
      setText('')
    }
  }
  const what = titled ? 'text' : 'sentence'
  return (
    <details className="border-t border-base-300 pt-2">
      <summary className="cursor-pointer text-small font-semibold">Your own {what}s</summary>
      <form onSubmit={(e) => void submit(e)} className="flex flex-col gap-1 mt-1">
        {titled ? <input className="input input-sm w-full" aria-label="Title of your text" placeholder="Title" required maxLength={80} value={title} onChange={(e) => setTitle(e.target.value)} /> : null}
        <textarea
          className="textarea textarea-sm w-full font-word text-body leading-snug"
          aria-label={`A ${what} of your own`}
          rows={titled ? 6 : 2}
          maxLength={titled ? 2000 : 300}
          placeholder={`A ${what} of your own`}
          value={text}
          onChange={(e) => setText(e.target.value)}
        />
        <button type="submit" className="btn btn-sm">
          Keep it
        </button>
      </form>
      <p className="text-small mt-2 flex gap-3 items-center">
        <a className="link" href="/api/own-texts.csv" download>
          All as CSV
        </a>
        <label className="link cursor-pointer focus-within:outline-2">
          Take in CSV
          <input
            type="file"
            accept=".csv,text/csv"
            className="sr-only"
            onChange={(e) => {
              const file = e.target.files?.[0]
              if (file) void file.text().then(own.take)
              e.target.value = ''
            }}
          />
        </label>
      </p>
      <p role="status" className="text-small">
        {own.told}
      </p>
      <FieldError says={own.failure} />
    </details>
  )
}

/** Takes an own sentence or text away. */
export function DropOwn({ id, name }: { id: number; name: string }) {
  const own = useOwnTexts()
  return (
    <>
      <span className="badge badge-sm badge-outline whitespace-nowrap">our own</span>
      <button type="button" className="btn btn-ghost btn-xs btn-square" aria-label={`Take away: ${name}`} onClick={() => void own.drop(id)}>
        ×
      </button>
      <FieldError says={own.failure} />
    </>
  )
}
