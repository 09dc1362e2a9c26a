import { memo } from 'react'
import type { Column } from './columns'
import type { Spot } from './keys'
import { textOf, type Entry } from './cells'
import type { PaperStore } from './paperStore'
import { useCell } from './usePapers'

/** A cell that is not open: a dot when all is well. */
export const AttemptCell = memo(function AttemptCell({
  store,
  pupilId,
  name,
  column,
  row,
  at,
  go,
}: {
  store: PaperStore
  pupilId: number
  name: string
  column: Column
  row: number
  /** Which column it is in. */
  at: number
  go: (to: Spot) => void
}) {
  const entry = useCell(store, pupilId, column.item.id)
  return (
    <button
      type="button"
      tabIndex={-1}
      className="block w-full min-h-[21px] leading-[19px] px-0.5"
      aria-label={`${name}, ${column.item.head}: ${spoken(entry, column)}`}
      onClick={() => go({ row, column: at })}
    >
      <Look entry={entry} column={column} />
    </button>
  )
})

function Look({ entry, column }: { entry: Entry; column: Column }) {
  const { Shown } = column.kind
  if (entry.status === 'failed' || entry.status === 'refused') return <span className="font-word text-error">{textOf(entry)}!</span>
  if (entry.draft?.state === 'BLANK') return <span className="mute">–</span>
  if (entry.draft) return <span className="font-word">{textOf(entry)}</span>
  const cell = entry.kept
  if (!cell || cell.state === 'EMPTY') return null
  if (cell.state === 'BLANK') return <span className="mute">–</span>
  if (cell.state === 'UNSURE') return <span className="mute">{cell.written}?</span>
  return (
    <>
      <Shown cell={cell} />
      {cell.corrected ? <span className="text-small mute"> ✎</span> : null}
    </>
  )
}

function spoken(entry: Entry, column: Column): string {
  if (entry.status === 'failed') return `${textOf(entry)}, not kept yet`
  if (entry.status === 'refused') return `${textOf(entry)}, somebody else wrote here`
  if (entry.draft) return textOf(entry) || 'empty'
  const cell = entry.kept
  if (!cell || cell.state === 'EMPTY') return 'empty'
  return `${cell.state === 'WRITTEN' ? column.kind.voiced(cell) : cell.state.toLowerCase()}${cell.corrected ? `, corrected to ${cell.corrected}` : ''}`
}
