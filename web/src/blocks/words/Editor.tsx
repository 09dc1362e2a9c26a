import { useEffect, useRef, useState, type FormEvent } from 'react'
import { Tag } from '../../ui/Parts'
import type { BlockEdit, EditorProps, PlannedItem } from '../kind'

/** The words of a sheet in their order: move, swap, drop, and one of her own. */
export function Editor({ items, edit, next, own = 'A word of your own', longest = 40 }: EditorProps) {
  const list = useRef<HTMLOListElement>(null)
  const moved = useRef<string | undefined>(undefined)
  // A moved row keeps the key that moved it under the finger.
  useEffect(() => {
    const keys = list.current?.querySelectorAll<HTMLElement>('[data-move]') ?? []
    if (moved.current) [...keys].find((key) => key.dataset.move === moved.current)?.focus()
    moved.current = undefined
  }, [items])
  const move = (text: string, by: -1 | 1) => {
    moved.current = `${text} ${by}`
    edit.move(text, by)
  }
  return (
    <>
      {items.length === 0 ? <p className="mute">Nothing yet. Take words with +, or let it be filled.</p> : null}
      <ol ref={list}>
        {items.map((item, i) => (
          <Row key={item.text} item={item} at={i} edit={edit} move={move} next={next(item)} />
        ))}
      </ol>
      <OwnWord add={edit.add} own={own} longest={longest} />
    </>
  )
}

function Row({
  item,
  at,
  edit,
  move,
  next,
}: {
  item: PlannedItem
  at: number
  edit: BlockEdit
  move: (text: string, by: -1 | 1) => void
  next: string | undefined
}) {
  const small = 'btn btn-ghost btn-xs btn-square'
  return (
    <li className="flex items-center gap-1 border-b border-dotted border-base-300 min-h-8">
      <span className="mute text-sm w-5">{at + 1}</span>
      <span className={`font-word grow min-w-0 ${item.text.includes(' ') ? 'text-base leading-tight py-1' : 'text-lg whitespace-nowrap'}`}>{item.text}</span>
      {item.view?.due ? <Tag tone={item.view.side === 'DUE' ? 'gold' : 'lagoon'}>{item.view.due.replace('_', '-')}</Tag> : null}
      <button type="button" data-move={`${item.text} -1`} className={small} aria-label={`Move ${item.text} up`} onClick={() => move(item.text, -1)}>
        ↑
      </button>
      <button type="button" data-move={`${item.text} 1`} className={small} aria-label={`Move ${item.text} down`} onClick={() => move(item.text, 1)}>
        ↓
      </button>
      <button
        type="button"
        className={small}
        disabled={!next}
        aria-label={next ? `Swap ${item.text} for ${next}` : `Nothing to swap ${item.text} for`}
        onClick={() => (next ? edit.swap(item.text, next) : undefined)}
      >
        ⇄
      </button>
      <button type="button" className={small} aria-label={`Drop ${item.text}`} onClick={() => edit.drop(item.text)}>
        ×
      </button>
    </li>
  )
}

function OwnWord({ add, own, longest }: { add: (word: string) => void; own: string; longest: number }) {
  const [word, setWord] = useState('')
  const submit = (e: FormEvent) => {
    e.preventDefault()
    if (word.trim()) add(longest > 40 ? word.trim() : word.trim().toLowerCase())
    setWord('')
  }
  return (
    <form onSubmit={submit} className="join">
      <input
        className="input input-sm join-item grow font-word"
        aria-label={own}
        placeholder={own}
        maxLength={longest}
        value={word}
        onChange={(e) => setWord(e.target.value)}
      />
      <button type="submit" className="btn btn-sm join-item">
        Add
      </button>
    </form>
  )
}
