import { useLayoutEffect, useRef, type KeyboardEvent } from 'react'
import type { Column } from './columns'
import { shorthand, type Shorthand } from './keys'
import { textOf, type PaperStore } from './paperStore'
import { useCell } from './usePapers'

/** What a key of the open cell means beside letters. */
export interface CellKeys {
  next(wholePaper: boolean): void
  /** Whether an arrow led to another cell. */
  arrow(key: string): boolean
  say(means: Shorthand, text: string): void
}

/** The cell that is typed in. */
export function OpenCell({ store, pupilId, name, column, keys }: { store: PaperStore; pupilId: number; name: string; column: Column; keys: CellKeys }) {
  const input = useRef<HTMLInputElement>(null)
  const entry = useCell(store, pupilId, column.item.id)
  const text = textOf(entry)
  // Before it is seen: whoever types as soon as it is there loses no letter.
  useLayoutEffect(() => {
    input.current?.focus()
    input.current?.select()
    input.current?.scrollIntoView({ block: 'nearest', inline: 'nearest' })
  }, [])
  const onKey = (e: KeyboardEvent<HTMLInputElement>) => {
    if (e.key === 'Enter') {
      e.preventDefault()
      keys.next(e.ctrlKey)
      return
    }
    const { selectionStart, selectionEnd } = e.currentTarget
    const whole = selectionStart === 0 && selectionEnd === text.length
    const leaves = e.key === 'ArrowUp' || e.key === 'ArrowDown' || ((e.key === 'ArrowLeft' || e.key === 'ArrowRight') && whole)
    if (leaves && keys.arrow(e.key)) {
      e.preventDefault()
      return
    }
    // A sentence may hold a question mark of its own.
    const means = text === '' || whole || (e.key === '?' && !column.kind.long) ? shorthand(e.key) : undefined
    if (means) {
      e.preventDefault()
      keys.say(means, text)
    }
  }
  const shape = column.kind.long ? 'text-lg px-2 h-9' : 'text-center h-[21px] leading-none'
  return (
    <input
      ref={input}
      className={`w-full font-word bg-base-100 border-2 border-primary rounded outline-none block ${shape}`}
      aria-label={`${name}: ${column.kind.head(column.item)}`}
      value={text}
      maxLength={400}
      spellCheck={false}
      autoCapitalize="off"
      autoComplete="off"
      onChange={(e) => store.type(pupilId, column.item.id, e.target.value)}
      onKeyDown={onKey}
    />
  )
}
