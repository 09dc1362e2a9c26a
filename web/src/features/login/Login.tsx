import { useQueryClient } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { client, dataOf, said } from '../../api/client'
import { fieldText } from '../../lib/form'
import { FieldError } from '../../ui/FieldError'

/** Name and password; on a new school, makes the first account. */
export function Login({ first }: { first: boolean }) {
  const queries = useQueryClient()
  const [failure, setFailure] = useState('')
  const submit = async (e: FormEvent<HTMLFormElement>) => {
    e.preventDefault()
    const form = new FormData(e.currentTarget)
    const text = (field: string) => fieldText(form, field)
    try {
      await dataOf(client.POST(first ? '/api/accounts/first' : '/api/login', { body: { username: text('username'), password: text('password') } }))
      await queries.invalidateQueries()
    } catch (problem) {
      setFailure(said(problem))
    }
  }
  return (
    <main className="min-h-screen grid place-items-center">
      <form className="sheet p-8 w-96 flex flex-col gap-4" onSubmit={(e) => void submit(e)}>
        <h1 className="font-word font-bold text-title text-primary">
          dett<span className="border-b-4 border-accent">at</span>o
        </h1>
        <p className="mute">
          {first
            ? 'Welcome. Choose a name and a password of at least ten letters; they stay on this machine.'
            : 'Plan, dictate, mark sound by sound, see what to teach next.'}
        </p>
        <label className="flex flex-col gap-1">
          Name
          <input name="username" className="input w-full" autoComplete="username" required />
        </label>
        <label className="flex flex-col gap-1">
          Password
          <input
            name="password"
            type="password"
            className="input w-full"
            minLength={first ? 10 : undefined}
            autoComplete={first ? 'new-password' : 'current-password'}
            required
          />
        </label>
        <FieldError says={failure} />
        <button type="submit" className="btn btn-primary">
          {first ? 'Make the account' : 'Log in'}
        </button>
      </form>
    </main>
  )
}
