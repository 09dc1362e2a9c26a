import type { Paper } from '../../../api/client'
import { ColumnHead } from './ColumnHead'
import type { Column } from './columns'
import type { Spot } from './keys'
import type { CellKeys } from './OpenCell'
import { PaperRow } from './PaperRow'
import type { PaperStore } from './paperStore'

/** How the papers lie, and how they are put otherwise. */
export interface PileKeys {
  readonly byName: boolean
  readonly move: (from: number, to: number) => void
  readonly sortByName: () => void
}

/**
 * Papers down, items across. A column is as wide as its widest answer, so that nothing a child wrote is ever cut; what is
 * too wide for the window scrolls beside the names.
 */
export function MarkGrid({
  store,
  papers,
  columns,
  spot,
  go,
  keys,
  pile,
}: {
  store: PaperStore
  papers: readonly Paper[]
  columns: readonly Column[]
  spot: Spot
  go: (to: Spot) => void
  keys: CellKeys
  pile: PileKeys
}) {
  return (
    <div className="sheet scrolls overflow-auto min-h-0 max-lg:max-h-[65vh] @container">
      <table className="w-full border-separate border-spacing-0 text-body" aria-label="Papers and words">
        <thead>
          <tr className="font-word">
            <th scope="col" className="text-left sticky top-0 left-0 bg-base-100 z-20 py-1">
              <span className="sr-only">Child</span>
              {pile.byName ? null : (
                <button type="button" className="link text-small font-sans font-normal" title="The papers as the names go" onClick={pile.sortByName}>
                  A–Z
                </button>
              )}
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
              move={pile.move}
            />
          ))}
        </tbody>
      </table>
    </div>
  )
}
