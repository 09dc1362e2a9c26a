import { useId, useState } from 'react'

const LETTERS = 2
const SHOWN = 3

/** Spellings that stand ready under a cell. */
export interface Standing {
  readonly id: string
  readonly all: readonly string[]
  readonly at: number
  /** What a key does to them: one is taken, the choice has moved, or nothing. */
  press(key: string): string | undefined
  /** What the input says of them. */
  readonly input: Record<string, unknown>
}

/** What others wrote for this word, once two of its letters are typed. */
export function useReady(others: () => string[], text: string): Standing {
  const id = useId()
  const [chosen, setChosen] = useState({ at: -1, text })
  const all = text.trim().length < LETTERS ? [] : others().filter((other) => other.startsWith(text) && other !== text).slice(0, SHOWN)
  const at = chosen.text === text && chosen.at < all.length ? chosen.at : -1
  return {
    id,
    all,
    at,
    press: (key) => {
      if (all.length === 0) return undefined
      if (key === 'Enter') return all[at]
      if (/^[1-9]$/.test(key)) return all[Number(key) - 1]
      const to = key === 'ArrowDown' ? Math.min(at + 1, all.length - 1) : key === 'ArrowUp' && at >= 0 ? at - 1 : undefined
      if (to === undefined) return undefined
      setChosen({ at: to, text })
      return 'moved'
    },
    input:
      all.length === 0 ? {} : { role: 'combobox', 'aria-expanded': true, 'aria-controls': id, 'aria-autocomplete': 'list', ...(at < 0 ? {} : { 'aria-activedescendant': `${id}.${at}` }) },
  }
}

export function Ready({ ready, take }: { ready: Standing; take: (text: string) => void }) {
  if (ready.all.length === 0) return null
  return (
    <ul id={ready.id} role="listbox" aria-label="Others wrote" className="absolute left-0 top-full z-30 min-w-full w-max bg-base-100 border border-base-300 rounded-b shadow text-left font-word">
      {ready.all.map((text, i) => (
        <li key={text} id={`${ready.id}.${i}`} role="option" aria-selected={i === ready.at} className={`px-2 flex gap-2 justify-between cursor-pointer ${i === ready.at ? 'soft' : ''}`} onPointerDown={() => take(text)}>
          {text}
          <kbd className="mute text-small self-center">{i + 1}</kbd>
        </li>
      ))}
    </ul>
  )
}
