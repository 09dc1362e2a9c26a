import { memo } from 'react'
import type { Pupil } from '../../../api/client'
import { AttemptCell } from './AttemptCell'
import type { Column } from './columns'
import type { Spot } from './keys'
import { OpenCell, type CellKeys } from './OpenCell'
import type { PaperStore } from './paperStore'
import { usePaper } from './usePapers'

/** One child's paper. Drawn again when another of its cells opens, not when a letter is typed. */
export const PaperRow = memo(function PaperRow({
  store,
  pupil,
  row,
  columns,
  open,
  go,
  keys,
  move,
}: {
  store: PaperStore
  pupil: Pupil
  row: number
  columns: readonly Column[]
  /** The open column, when the open cell is on this paper. */
  open: number | undefined
  go: (to: Spot) => void
  keys: CellKeys
  /** Puts the paper of one row where another lies. */
  move: (from: number, to: number) => void
}) {
  const state = usePaper(store, pupil.id)
  const column = open === undefined ? undefined : columns[open]
  return (
    <>
      <tr className={column ? 'soft' : ''}>
        <th
          scope="row"
          draggable
          title="Drag to where it lies in the pile; or Alt ↑ ↓"
          onDragStart={(e) => e.dataTransfer.setData('text/plain', String(row))}
          onDragOver={(e) => e.preventDefault()}
          onDrop={(e) => {
            e.preventDefault()
            move(Number(e.dataTransfer.getData('text/plain')), row)
          }}
          className={`cursor-grab text-left font-semibold text-small pl-2 pr-1.5 h-[21px] leading-none whitespace-nowrap sticky left-0 z-[5] ${column ? 'soft' : 'bg-base-100'}`}
        >
          {pupil.name} <span className="text-primary font-normal">{state === 'away' ? <em className="mute">away</em> : state === 'done' ? '✓' : ''}</span>
        </th>
        {columns.map((c, i) => (
          <td key={c.item.id} className={`border-b border-base-300 text-center p-0 ${c.first && i > 0 ? 'border-l-2' : ''}`}>
            {i === open && !c.kind.wide ? (
              <OpenCell store={store} pupilId={pupil.id} name={pupil.name} column={c} keys={keys} />
            ) : (
              <AttemptCell store={store} pupilId={pupil.id} name={pupil.name} column={c} row={row} at={i} go={go} />
            )}
          </td>
        ))}
      </tr>
      {column?.kind.wide ? (
        <tr className="soft">
          <td colSpan={columns.length + 1} className="p-0">
            {/* As wide as what is seen of the grid, wherever it is scrolled to. */}
            <div className="sticky left-0 w-[100cqw] p-1">
              <OpenCell key={column.item.id} store={store} pupilId={pupil.id} name={pupil.name} column={column} keys={keys} />
            </div>
          </td>
        </tr>
      ) : null}
    </>
  )
})
