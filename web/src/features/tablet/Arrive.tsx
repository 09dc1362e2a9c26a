import { useMutation } from '@tanstack/react-query'
import { useEffect, useState, type FormEvent } from 'react'
import { api, said } from '../../api/client'
import { useUrl } from '../../lib/useUrl'

/** The code of the class, then the child's own name. */
export function Arrive({ sit }: { sit: (token: string) => void }) {
  const url = useUrl()
  const [code, setCode] = useState(url.get('code'))
  const join = useMutation({ mutationFn: api.tabletJoin })
  const choose = useMutation({ mutationFn: (pupilId: number) => api.tabletSit(code, pupilId), onSuccess: (seat) => sit(seat.token) })
  const scanned = url.get('code')
  const { mutate } = join
  // Whoever scanned the picture has typed the code already.
  useEffect(() => {
    if (scanned) mutate(scanned)
  }, [scanned, mutate])
  const submit = (e: FormEvent) => {
    e.preventDefault()
    join.mutate(code)
  }
  if (join.data) {
    return (
      <section className="flex flex-col gap-6 items-center w-full max-w-4xl">
        <h1 className="text-3xl font-word">{join.data.className}: who are you?</h1>
        {choose.isError ? (
          <p role="alert" className="text-error">
            {said(choose.error)}
          </p>
        ) : null}
        <ul className="grid grid-cols-2 sm:grid-cols-3 md:grid-cols-4 gap-3 w-full">
          {join.data.children.map((child) => (
            <li key={child.id}>
              <button type="button" className="btn btn-lg w-full text-2xl font-word font-normal" disabled={choose.isPending} onClick={() => choose.mutate(child.id)}>
                {child.name}
              </button>
            </li>
          ))}
        </ul>
      </section>
    )
  }
  return (
    <form onSubmit={submit} className="flex flex-col gap-5 items-center pt-12 w-full max-w-md">
      <label className="flex flex-col gap-3 items-center w-full">
        <span className="text-3xl font-word">What is the code?</span>
        <input
          className="input w-full h-20 text-4xl text-center font-mono tracking-widest"
          value={code}
          maxLength={12}
          spellCheck={false}
          autoCapitalize="off"
          autoComplete="off"
          autoCorrect="off"
          onChange={(e) => setCode(e.target.value)}
        />
      </label>
      {join.isError ? (
        <p role="alert" className="text-error">
          {said(join.error)}
        </p>
      ) : null}
      <button type="submit" className="btn btn-lg btn-primary w-full" disabled={!code.trim() || join.isPending}>
        Go on
      </button>
    </form>
  )
}
