import { useState, type KeyboardEvent } from 'react'
import { useKinds } from '../../../lib/classContext'
import { added, dropped, inBlock, moved, movedBlock, renamed, reviewed, taken, withoutBlock, type PlannedBlock } from './plan'
import type { SheetActions } from './useSheet'
import type { PlanEdit } from './usePlan'

interface BlockProps {
  readonly block: PlannedBlock
  readonly seconds: number | undefined
  readonly plan: PlanEdit
  readonly actions: SheetActions
  readonly open: boolean
  readonly toggle: () => void
}

/** A block of the sheet: its items in a line, or open to be changed. Alt and an arrow moves it. */
export function BlockSection({ block, seconds, plan, actions, open, toggle }: BlockProps) {
  const { Editor, example, longest } = useKinds().of(block.kind)
  const change = (items: Parameters<typeof inBlock>[1]) => plan.change(inBlock(block.id, items))
  const move = (e: KeyboardEvent) => {
    if (!e.altKey || (e.key !== 'ArrowUp' && e.key !== 'ArrowDown')) return
    e.preventDefault()
    const by = e.key === 'ArrowUp' ? -1 : 1
    const item = (e.target as HTMLElement).closest<HTMLElement>('[data-item]')?.dataset.item
    if (item === undefined) plan.change(movedBlock(block.id, by))
    else change(moved(item, by))
  }
  return (
    // eslint-disable-next-line jsx-a11y/no-noninteractive-element-interactions -- Alt and an arrow moves what has the focus in it
    <section aria-label={block.title} data-block={block.id} className={`rounded-lg border px-2 py-1 ${open ? 'border-primary border-2' : 'border-base-300'}`} onKeyDown={move}>
      <div className="flex items-center gap-1">
        <h2 className="font-semibold grow min-w-0">
          <button type="button" className="w-full text-left flex items-baseline gap-2" aria-expanded={open} onClick={toggle}>
            <span className="truncate">{block.title}</span>
            <span className="mute text-small font-normal">{block.items.length > 1 ? block.items.length : ''}</span>
            <span className="mute text-small font-normal ml-auto whitespace-nowrap">{seconds === undefined ? '' : `${Math.max(1, Math.round(seconds / 60))} min`}</span>
          </button>
        </h2>
        <button type="button" className="btn btn-ghost btn-xs btn-square" aria-label={`Drop the block ${block.title}`} onClick={() => plan.change(withoutBlock(block.id))}>
          ×
        </button>
      </div>
      {open ? (
        <>
          <Editor
            items={block.items}
            own={example}
            longest={longest}
            edit={{
              add: (text) => change(added(text)),
              drop: (text) => change(dropped(text)),
              swap: (item) => actions.swap(block, item),
              review: (text) => change(reviewed(text)),
              move: (text, by) => change(moved(text, by)),
              take: (texts) => change(taken(texts)),
            }}
          />
          <Title key={block.title} block={block} plan={plan} />
        </>
      ) : block.items.length > 0 ? (
        <p className="font-word leading-snug line-clamp-2">{block.items.map((i) => i.asks).join(' · ')}</p>
      ) : (
        <p className="mute text-small">nothing yet</p>
      )}
    </section>
  )
}

/** The block's name, kept when it is left. */
function Title({ block, plan }: { block: PlannedBlock; plan: PlanEdit }) {
  const [title, setTitle] = useState(block.title)
  const keep = () => {
    if (title.trim() !== block.title) plan.change(renamed(block.id, title.trim()))
  }
  return (
    <div className="flex items-center gap-1 pt-1">
      <label className="mute text-small flex items-center gap-1 grow">
        called
        <input
          className="input input-xs grow"
          maxLength={60}
          value={title}
          onChange={(e) => setTitle(e.target.value)}
          onBlur={keep}
          onKeyDown={(e) => (e.key === 'Enter' ? keep() : undefined)}
        />
      </label>
      {([-1, 1] as const).map((by) => (
        <button key={by} type="button" className="btn btn-ghost btn-xs btn-square" aria-label={`Move the block ${block.title} ${by < 0 ? 'up' : 'down'}`} onClick={() => plan.change(movedBlock(block.id, by))}>
          {by < 0 ? '⇡' : '⇣'}
        </button>
      ))}
    </div>
  )
}
