import { useEffect, useRef, useState, type FormEvent } from 'react'
import { Tag } from '../../ui/Parts'
import type { BlockEdit, EditorProps, PlannedItem } from '../kind'

/** The words of a sheet in their order: move, swap, drop, and one of her own. */
export function Editor({ items, edit, own, longest }: EditorProps) {
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
          <Row key={item.text} item={item} at={i} edit={edit} move={move} />
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
}: {
  item: PlannedItem
  at: number
  edit: BlockEdit
  move: (text: string, by: -1 | 1) => void
}) {
  const small = 'btn btn-ghost btn-xs btn-square opacity-45 group-hover:opacity-100 group-focus-within:opacity-100'
  const asked = item.right !== ''
  return (
    <li className="group flex items-center gap-0.5 border-b border-dotted border-base-300 min-h-8" data-item={item.text} tabIndex={-1}>
      <span className="mute text-small w-5">{at + 1}</span>
      <span className="grow min-w-0 flex flex-col">
        <span className={`font-word ${item.text.includes(' ') ? 'text-body leading-tight py-0.5' : 'text-large leading-6 whitespace-nowrap'}`}>
          {item.asks}
          {asked ? <span className="mute"> → {item.right}</span> : null}
        </span>
        {item.role === 'REVIEW' || item.role === 'ASSESSED' ? <span className="mute text-small leading-tight truncate">{item.why}</span> : null}
      </span>
      {item.view?.due && !asked ? <Tag tone={item.view.side !== 'NOT_DUE' ? 'gold' : 'lagoon'}>{item.view.due.replace('_', '-')}</Tag> : null}
      <button type="button" data-move={`${item.text} -1`} className={small} aria-label={`Move ${item.text} up`} onClick={() => move(item.text, -1)}>
        ↑
      </button>
      <button type="button" data-move={`${item.text} 1`} className={small} aria-label={`Move ${item.text} down`} onClick={() => move(item.text, 1)}>
        ↓
      </button>
      <button
        type="button"
        className={small}
        aria-label={`Swap ${item.text}`}
        title={item.why || item.view?.why || 'Swap it for the next best (S)'}
        onClick={() => edit.swap(item)}
      >
        ⇄
      </button>
      <button
        type="button"
        className={`${small} ${item.role === 'REVIEW' ? 'soft' : ''}`}
        aria-pressed={item.role === 'REVIEW'}
        aria-label={`${item.text} is review`}
        title="Review: met before, and due again"
        onClick={() => edit.review(item.text)}
      >
        ↺
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
        data-own
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
