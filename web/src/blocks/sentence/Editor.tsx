import { useState } from 'react'
import type { EditorProps } from '../kind'

/** The sentence of a sheet; kept when it is left. */
export function Editor({ items, edit }: EditorProps) {
  const kept = items[0]?.text ?? ''
  return <Field key={kept} kept={kept} keep={(text) => edit.take(text ? [text, ...items.slice(1).map((i) => i.text)] : items.slice(1).map((i) => i.text))} />
}

function Field({ kept, keep }: { kept: string; keep: (text: string) => void }) {
  const [text, setText] = useState(kept)
  return (
    <textarea
      aria-label="Sentence"
      className="textarea w-full font-word text-base leading-snug"
      placeholder="A sentence that holds what it is about"
      rows={2}
      maxLength={300}
      value={text}
      onChange={(e) => setText(e.target.value)}
      onBlur={() => (text.trim() === kept ? undefined : keep(text.trim()))}
    />
  )
}
