import { useEffect, useState, type FormEvent } from 'react'
import { line } from './line'
import { useCall } from './useCall'
import { fromAddress } from './usePlace'

/** The code of the class, then the child's own name. */
export function Arrive({ sit }: { sit: (token: string) => void }) {
  const [scanned] = useState(() => fromAddress('code'))
  const [code, setCode] = useState(scanned)
  const join = useCall(line.join)
  const choose = useCall(async (pupilId: number) => sit((await line.sit(code, pupilId)).token))
  const { make } = join
  // Whoever scanned the picture has typed the code already.
  useEffect(() => {
    if (scanned) make(scanned)
  }, [scanned, make])
  const submit = (e: FormEvent) => {
    e.preventDefault()
    join.make(code)
  }
  if (join.data) {
    return (
      <section className="flex flex-col gap-6 items-center w-full max-w-4xl">
        <h1 className="text-title font-word">{join.data.className}: who are you?</h1>
        {choose.error ? (
          <p role="alert" className="text-error">
            {choose.error.message}
          </p>
        ) : null}
        <ul className="grid grid-cols-2 sm:grid-cols-3 md:grid-cols-4 gap-3 w-full">
          {join.data.children.map((child) => (
            <li key={child.id}>
              <button type="button" className="btn btn-lg w-full text-head font-word font-normal" disabled={choose.pending} onClick={() => choose.make(child.id)}>
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
        <span className="text-title font-word">What is the code?</span>
        <input
          className="input w-full h-20 text-title text-center font-mono tracking-widest"
          value={code}
          maxLength={12}
          spellCheck={false}
          autoCapitalize="off"
          autoComplete="off"
          autoCorrect="off"
          onChange={(e) => setCode(e.target.value)}
        />
      </label>
      {join.error ? (
        <p role="alert" className="text-error">
          {join.error.message}
        </p>
      ) : null}
      <button type="submit" className="btn btn-lg btn-primary w-full" disabled={!code.trim() || join.pending}>
        Go on
      </button>
    </form>
  )
}
