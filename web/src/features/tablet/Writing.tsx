import { useEffect, useRef } from 'react'
import type { AskedOfChild } from './line'

interface WritingProps {
  readonly name: string
  readonly item: AskedOfChild
  readonly place: number
  readonly of: number
  readonly text: string
  /** How many answers wait to be sent. */
  readonly waiting: number
  readonly type: (text: string) => void
  readonly done: () => void
  readonly back: (() => void) | undefined
}

/** One thing to write, large; nothing corrects it and nothing helps. */
export function Writing({ name, item, place, of, text, waiting, type, done, back }: WritingProps) {
  const input = useRef<HTMLInputElement & HTMLTextAreaElement>(null)
  useEffect(() => input.current?.focus(), [])
  const plain = {
    ref: input,
    'aria-label': `Number ${place}`,
    value: text,
    maxLength: 400,
    spellCheck: false,
    autoCapitalize: 'off',
    autoComplete: 'off',
    autoCorrect: 'off',
    onChange: (e: { target: { value: string } }) => type(e.target.value),
    onKeyDown: (e: { key: string; preventDefault: () => void }) => {
      if (e.key !== 'Enter') return
      e.preventDefault()
      done()
    },
  } as const
  return (
    <section className="flex flex-col gap-6 w-full max-w-3xl">
      <header className="flex justify-between items-baseline">
        <h1 className="font-word text-head">{name}</h1>
        <p className="mute">
          {place} of {of}
        </p>
      </header>
      <progress className="progress progress-primary w-full" value={place - 1} max={of} aria-label={`${place - 1} of ${of} written`} />
      {item.reading ? <p className="font-word text-head sm:text-head leading-relaxed sheet p-4">{item.reading}</p> : null}
      <p className="font-word text-title sm:text-title leading-snug">
        <strong>{place}</strong> {item.before} {item.after ? <span aria-hidden="true">___</span> : null} {item.after}
      </p>
      {item.options.length > 0 ? (
        <ul className="flex flex-col gap-3">
          {item.options.map((option) => (
            <li key={option}>
              <button type="button" aria-pressed={text === option} className={`btn btn-lg w-full justify-start text-head font-word font-normal h-auto py-3 ${text === option ? 'btn-primary' : ''}`} onClick={() => type(option)}>
                {option}
              </button>
            </li>
          ))}
        </ul>
      ) : item.isLong ? (
        <textarea className="textarea w-full text-title font-word leading-normal" rows={4} {...plain} />
      ) : (
        <input className="input w-full h-24 text-board font-word" {...plain} />
      )}
      <div className="flex gap-3">
        {back ? (
          <button type="button" className="btn btn-lg" onClick={back}>
            ← Back
          </button>
        ) : null}
        <button type="button" className="btn btn-lg btn-primary grow" onClick={done}>
          Next
        </button>
      </div>
      <p role="status" className="mute text-body min-h-6">
        {waiting > 0 ? `${waiting} not sent yet` : ''}
      </p>
    </section>
  )
}
