import type { Paper } from '../../../api/client'
import { ColumnHead } from './ColumnHead'
import type { Column } from './columns'
import type { Spot } from './keys'
import type { CellKeys } from './OpenCell'
import { PaperRow } from './PaperRow'
import type { PaperStore } from './paperStore'

/** Narrowest columns, in rem: of names, of a word, so that a zoomed page scrolls in place of cutting letters off. */
const NAMES = 6
const WORD = 4

/** Papers down, items across. */
export function MarkGrid({
  store,
  papers,
  columns,
  spot,
  go,
  keys,
}: {
  store: PaperStore
  papers: readonly Paper[]
  columns: readonly Column[]
  spot: Spot
  go: (to: Spot) => void
  keys: CellKeys
}) {
  return (
    <div className="sheet overflow-auto min-h-0 max-lg:max-h-[65vh] px-2">
      <table
        className="w-full table-fixed border-collapse text-[14.5px]"
        style={{ minWidth: `${NAMES + columns.length * WORD}rem` }}
        aria-label="Papers and words"
      >
        <thead>
          <tr className="font-word">
            <th scope="col" className="w-24 text-left sticky top-0 left-0 bg-base-100 z-20 py-1">
              <span className="sr-only">Child</span>
            </th>
            {columns.map((c, i) => (
              <ColumnHead key={c.item.id} store={store} column={c} parted={c.first && i > 0} />
            ))}
          </tr>
        </thead>
        <tbody>
          {papers.map((paper, row) => (
            <PaperRow
              key={paper.pupil.id}
              store={store}
              pupil={paper.pupil}
              row={row}
              columns={columns}
              open={row === spot.row ? spot.column : undefined}
              go={go}
              keys={keys}
            />
          ))}
        </tbody>
      </table>
    </div>
  )
}
