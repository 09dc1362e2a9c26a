import { useLayoutEffect, useRef, useState } from 'react'

/** What a child wrote on checking, beside what it wrote first; both are kept. */
export function Correction({ name, first, known, long, keep, leave }: { name: string; first: string; known: string; long: boolean; keep: (text: string) => void; leave: () => void }) {
  const input = useRef<HTMLInputElement>(null)
  const [text, setText] = useState(known)
  useLayoutEffect(() => {
    input.current?.focus()
    input.current?.select()
  }, [])
  return (
    <input
      ref={input}
      className={`w-full font-word bg-base-100 border-2 border-accent rounded outline-none block ${long ? 'text-large px-2 h-9' : 'text-center h-[21px] leading-none'}`}
      aria-label={`${name}, corrected`}
      placeholder={`${first} →`}
      value={text}
      maxLength={400}
      spellCheck={false}
      autoCapitalize="off"
      autoComplete="off"
      onChange={(e) => setText(e.target.value)}
      onKeyDown={(e) => {
        if (e.key === 'Enter') keep(text.trim())
        else if (e.key === 'Escape') leave()
        else return
        e.preventDefault()
      }}
    />
  )
}
