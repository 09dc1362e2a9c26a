import { useEffect, useRef, useState, useSyncExternalStore, type FormEvent } from 'react'
import { client, dataOf, said } from '../api/client'
import { hasEnded, loggedInAgain, subscribeToEnd } from '../api/ended'
import { fieldText } from '../lib/form'
import { whenTypingRests } from '../lib/typing'
import { FieldError } from '../ui/FieldError'

/** Asks for the password in place when the login has ended; what was typed is kept, and sent when it is there again. */
export function SignInAgain({ user }: { user: string }) {
  const ended = useSyncExternalStore(subscribeToEnd, hasEnded)
  const dialog = useRef<HTMLDialogElement>(null)
  const [failure, setFailure] = useState('')
  useEffect(() => {
    // Not under the fingers of somebody who types: the rest of the word would go into the password.
    if (ended) return whenTypingRests(() => dialog.current?.showModal())
    dialog.current?.close()
    return undefined
  }, [ended])
  const submit = async (e: FormEvent<HTMLFormElement>) => {
    e.preventDefault()
    const form = e.currentTarget
    try {
      await dataOf(client.POST('/api/login', { body: { username: user, password: fieldText(new FormData(form), 'password') } }))
      setFailure('')
      form.reset()
      loggedInAgain()
    } catch (problem) {
      setFailure(said(problem))
    }
  }
  return (
    <dialog ref={dialog} className="modal" aria-labelledby="again" onCancel={(e) => e.preventDefault()}>
      <form className="modal-box flex flex-col gap-3 bg-base-100" onSubmit={(e) => void submit(e)}>
        <h2 id="again" className="text-large font-semibold">
          Your login has ended
        </h2>
        <p>Everything you typed is still here. Type your password and it goes on.</p>
        <label className="flex flex-col gap-1">
          Password of {user}
          <input name="password" type="password" className="input w-full" autoComplete="current-password" required />
        </label>
        <FieldError says={failure} />
        <button type="submit" className="btn btn-primary self-start">
          Go on
        </button>
      </form>
    </dialog>
  )
}
