import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { client, dataOf, said } from '../../api/client'
import { ask } from '../../api/ask'
import { fieldText } from '../../lib/form'
import { FieldError } from '../../ui/FieldError'

/** A new teacher's first class: a name, an accent, first names or codes one a line. */
export function FirstClass() {
  const queries = useQueryClient()
  const accents = useQuery(ask('get', '/api/accents'))
  const [failure, setFailure] = useState('')
  const submit = async (e: FormEvent<HTMLFormElement>) => {
    e.preventDefault()
    const form = new FormData(e.currentTarget)
    const text = (field: string) => fieldText(form, field)
    const names = text('pupils').split('\n').map((n) => n.trim()).filter(Boolean)
    try {
      await dataOf(client.POST('/api/classes', { body: { name: text('name'), accent: text('accent'), pupils: names } }))
      await queries.invalidateQueries()
    } catch (problem) {
      setFailure(said(problem))
    }
  }
  return (
    <main className="min-h-screen grid place-items-center">
      <form className="sheet p-8 w-[30rem] flex flex-col gap-4" onSubmit={(e) => void submit(e)}>
        <h1 className="text-head font-semibold">Your class</h1>
        <label className="flex flex-col gap-1">
          Its name
          <input name="name" className="input w-full" required maxLength={120} />
        </label>
        <label className="flex flex-col gap-1">
          How you speak
          <select name="accent" className="select w-full">
            {accents.data?.map((a) => (
              <option key={a.id} value={a.id}>
                {a.name}
              </option>
            ))}
          </select>
        </label>
        <label className="flex flex-col gap-1">
          First names or codes, one a line
          <textarea name="pupils" className="textarea w-full h-48" required />
        </label>
        <FieldError says={failure} />
        <button type="submit" className="btn btn-primary">
          Make the class
        </button>
      </form>
    </main>
  )
}
