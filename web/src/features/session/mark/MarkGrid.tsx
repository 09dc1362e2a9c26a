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

/** How the papers lie, and how they are put otherwise. */
export interface PileKeys {
  readonly byName: boolean
  readonly move: (from: number, to: number) => void
  readonly sortByName: () => void
}

/** Papers down, items across. */
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
    <div className="sheet overflow-auto min-h-0 max-lg:max-h-[65vh] @container">
      <table
        className="w-full table-fixed border-separate border-spacing-0 text-[14.5px]"
        style={{ minWidth: `${NAMES + columns.length * WORD}rem` }}
        aria-label="Papers and words"
      >
        <thead>
          <tr className="font-word">
            <th scope="col" className="w-24 text-left sticky top-0 left-0 bg-base-100 z-20 py-1">
              <span className="sr-only">Child</span>
              {pile.byName ? null : (
                <button type="button" className="link text-xs font-sans font-normal" title="The papers as the names go" onClick={pile.sortByName}>
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
