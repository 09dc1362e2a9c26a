import { useLayoutEffect, useRef, useState, type KeyboardEvent } from 'react'
import type { Column } from './columns'
import { Correction } from './Correction'
import { shorthand, type Shorthand } from './keys'
import { isDone, textOf } from './cells'
import type { PaperStore } from './paperStore'
import { Ready, useReady } from './Ready'
import { SentenceLine } from './SentenceLine'
import { useCell } from './usePapers'
import { wordFrom, type Range } from './words'

/** What a key of the open cell means beside letters. */
export interface CellKeys {
  next(wholePaper: boolean): void
  /** Whether an arrow led to another cell. */
  arrow(key: string): boolean
  say(means: Shorthand, text: string): void
  /** Another child's spelling stands here too. */
  readonly take: (text: string) => void
  /** What the child wrote on checking. */
  readonly correct: (text: string) => void
}

const isWithModifier = (e: KeyboardEvent) => e.ctrlKey || e.altKey || e.metaKey

interface InCell {
  readonly text: string
  readonly wide: boolean
  readonly byWord: boolean
  readonly toWord: (from: Range, by: 1 | -1) => boolean
  readonly keys: CellKeys
}

/** Does what a key means beside letters; whether it meant anything. */
function pressed(e: KeyboardEvent<HTMLInputElement>, { text, wide, byWord, toWord, keys }: InCell): boolean {
  if (e.key === 'Enter') {
    keys.next(e.ctrlKey)
    return true
  }
  if (isWithModifier(e)) return false
  const at = { from: e.currentTarget.selectionStart ?? 0, to: e.currentTarget.selectionEnd ?? 0 }
  const whole = at.from === 0 && at.to === text.length
  const side = e.key === 'ArrowRight' ? 1 : e.key === 'ArrowLeft' ? -1 : undefined
  if (byWord && side && (side > 0 || !whole) && toWord(whole ? { from: -1, to: -1 } : at, side)) return true
  if ((e.key === 'ArrowUp' || e.key === 'ArrowDown' || (side && whole)) && keys.arrow(e.key)) return true
  // A sentence may hold a question mark of its own.
  const means = text === '' || whole || (e.key === '?' && !wide) ? shorthand(e.key) : undefined
  if (means) keys.say(means, text)
  return means !== undefined
}

/** The cell that is typed in. */
export function OpenCell({ store, pupilId, name, column, keys }: { store: PaperStore; pupilId: number; name: string; column: Column; keys: CellKeys }) {
  const input = useRef<HTMLInputElement>(null)
  const entry = useCell(store, pupilId, column.item.id)
  const text = textOf(entry)
  const [correcting, setCorrecting] = useState(false)
  const [marking, setMarking] = useState(false)
  /** What is to be selected once it is drawn. */
  const selection = useRef<Range>(undefined)
  const { wide } = column.kind
  const model = column.item.answer[0] ?? column.item.text
  const ready = useReady(() => (wide ? [] : store.others(column.item.id, model)), text)
  // Before it is seen: whoever types as soon as it is there loses no letter.
  useLayoutEffect(() => {
    if (correcting || marking) return
    input.current?.focus()
    input.current?.select()
    input.current?.scrollIntoView({ block: 'nearest', inline: 'nearest' })
  }, [correcting, marking])
  useLayoutEffect(() => {
    if (selection.current) input.current?.setSelectionRange(selection.current.from, selection.current.to)
    selection.current = undefined
  })
  /** A sentence is gone through word by word; an empty one begins as it was dictated. */
  const toWord = (from: Range, by: 1 | -1): boolean => {
    const whole = text || model
    const word = wordFrom(whole, text ? from : { from: -1, to: -1 }, by)
    if (!word) return false
    if (!text) {
      selection.current = word
      store.type(pupilId, column.item.id, whole)
    }
    input.current?.setSelectionRange(word.from, word.to)
    return true
  }
  const aside = (open: (on: boolean) => void) => {
    store.leave(pupilId, column.item.id)
    open(true)
  }
  const onKey = (e: KeyboardEvent<HTMLInputElement>) => {
    const taken = ready.press(e.key)
    if (taken && taken !== 'moved') keys.take(taken)
    const marked = taken === undefined && e.key === 'Enter' && column.kind.Marker && /^[a-z]{2,}$/i.test(text)
    const corrected = taken === undefined && e.key === '/' && !isWithModifier(e) && text && isDone(entry)
    if (marked) aside(setMarking)
    if (corrected) aside(setCorrecting)
    if (taken !== undefined || marked || corrected || pressed(e, { text, wide, byWord: column.kind.byWord, toWord, keys })) e.preventDefault()
  }
  if (correcting) {
    return <Correction long={wide} name={`${name}: ${column.item.head}`} first={text} known={entry.kept?.corrected ?? ''} keep={keys.correct} leave={() => setCorrecting(false)} />
  }
  const { Marker } = column.kind
  const shape = wide ? 'text-large px-2 h-9' : 'text-center h-[21px] leading-none'
  return (
    <div className="relative">
      {wide && entry.kept?.sentence ? <SentenceLine mark={entry.kept.sentence} /> : null}
      {/* What is typed, unseen: the column is as wide as that. */}
      {wide ? null : (
        <span aria-hidden className="invisible block h-0 px-2 font-word whitespace-pre">
          {text}
        </span>
      )}
      <input
        ref={input}
        size={1}
        className={`w-full min-w-0 font-word bg-base-100 border-2 border-primary rounded outline-none block ${shape}`}
        aria-label={`${name}: ${column.item.head}`}
        value={text}
        maxLength={400}
        spellCheck={false}
        autoCapitalize="off"
        autoComplete="off"
        onChange={(e) => store.type(pupilId, column.item.id, e.target.value)}
        onKeyDown={onKey}
        {...ready.input}
      />
      <Ready ready={ready} take={keys.take} />
      {Marker && marking ? <Marker text={text} model={model} name={`${name}: ${column.item.head}`} keep={keys.take} leave={() => setMarking(false)} /> : null}
    </div>
  )
}
