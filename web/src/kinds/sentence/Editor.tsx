import { useState } from 'react'
import type { EditorProps } from '../kind'

/** The sentences of a sheet, each kept when it is left; an emptied one goes. */
export function Editor({ items, edit, own, longest }: EditorProps) {
  const texts = items.map((i) => i.text)
  const keep = (at: number, text: string) => edit.take([...texts.slice(0, at), ...(text ? [text] : []), ...texts.slice(at + 1)])
  return (
    <ul className="flex flex-col gap-1">
      {(texts.length === 0 ? [''] : texts).map((text, at) => (
        <li key={text || at} className="flex items-start gap-1">
          <Field kept={text} own={own} longest={longest} name={at === 0 ? 'Sentence' : `Sentence ${at + 1}`} keep={(typed) => keep(at, typed)} />
          {texts.length > 1 ? (
            <button type="button" className="btn btn-ghost btn-xs btn-square mt-1" aria-label={`Drop ${text}`} onClick={() => edit.drop(text)}>
              ×
            </button>
          ) : null}
        </li>
      ))}
    </ul>
  )
}

function Field({ kept, name, keep, own, longest }: { kept: string; name: string; keep: (text: string) => void; own: string; longest: number }) {
  const [text, setText] = useState(kept)
  return (
    <textarea
      aria-label={name}
      className="textarea w-full font-word text-body leading-snug"
      placeholder={own}
      rows={2}
      maxLength={longest}
      value={text}
      onChange={(e) => setText(e.target.value)}
      onBlur={() => (text.trim() === kept ? undefined : keep(text.trim()))}
    />
  )
}
