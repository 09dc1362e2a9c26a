import { useLayoutEffect, useRef, useState } from 'react'
import type { MarkerProps } from '../kind'
import { apart, readMarks, tied, turned, writeMarks, type Marks } from './marks'

/** The marks on a word that is typed, by keys: as they should be when its letters are, else letter by letter. */
export function MarkKeys({ text, model, name, keep, leave }: MarkerProps) {
  const input = useRef<HTMLInputElement>(null)
  const due = readMarks(model)
  const [marks, setMarks] = useState<Marks>(() => (due.letters === text.toLowerCase() ? due : apart(text.toLowerCase())))
  const [at, setAt] = useState(1)
  useLayoutEffect(() => {
    input.current?.focus()
    input.current?.parentElement?.scrollIntoView({ block: 'nearest', inline: 'nearest' })
  }, [])
  const press = (key: string): boolean => {
    const last = marks.letters.length - 1
    if (key === 'ArrowRight') setAt(Math.min(at + 1, last))
    else if (key === 'ArrowLeft') setAt(Math.max(at - 1, 0))
    else if (key === ' ') setMarks(turned(marks, at))
    else if (key === '-') setMarks(tied(marks, at))
    else if (key === '0') setMarks({ letters: marks.letters, groups: marks.groups.map(() => 0) })
    else if (key === 'Enter') keep(writeMarks(marks))
    else if (key === 'Escape') leave()
    else return false
    return true
  }
  return (
    <div className="absolute z-30 left-0 top-0 bg-base-100 border-2 border-primary rounded shadow px-2 py-1 text-left">
      <input
        ref={input}
        className="sr-only"
        readOnly
        aria-label={`${name}, its marks, at ${marks.letters[at] ?? ''}`}
        value={writeMarks(marks)}
        onKeyDown={(e) => {
          if (press(e.key)) e.preventDefault()
        }}
      />
      <div aria-hidden="true" className="flex font-word text-head">
        {[...marks.letters].map((letter, i) => (
          <Letter key={i} letter={letter} marks={marks} at={i} chosen={i === at} />
        ))}
      </div>
      <p className="mute text-small w-44 font-sans">← → letter · Space joins or parts · - ties to the e · 0 none · Enter</p>
    </div>
  )
}

/** A dot under a letter by itself, a bar under several, half an arc under each of two that are split. */
function Letter({ letter, marks, at, chosen }: { letter: string; marks: Marks; at: number; chosen: boolean }) {
  const group = marks.groups[at]
  const mine = marks.groups.flatMap((g, i) => (g === group ? [i] : []))
  const joined = mine.includes(at - 1)
  const next = mine.includes(at + 1)
  const split = mine.length > 1 && !joined && !next
  const sign = mine.length === 1 ? '•' : split ? '⏝' : '━'
  return (
    <span className={`flex flex-col items-center leading-none px-1 ${joined ? '' : 'ml-1.5'} ${chosen ? 'soft rounded' : ''}`}>
      {letter}
      <span className="text-small text-primary">{sign}</span>
    </span>
  )
}
