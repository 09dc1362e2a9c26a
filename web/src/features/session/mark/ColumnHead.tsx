import { memo, useState, useSyncExternalStore } from 'react'
import type { Column } from './columns'
import type { PaperStore } from './paperStore'

/** What is asked, and on how many papers it is off. Drawn again when that number changes, not with every key. */
export const ColumnHead = memo(function ColumnHead({ store, column, parted }: { store: PaperStore; column: Column; /** Whether a block begins here that is not the first. */ parted: boolean }) {
  const [subscribe] = useState(() => store.onAll())
  const off = useSyncExternalStore(subscribe, () => store.off(column.item.id))
  const head = column.item.head
  return (
    <th
      scope="col"
      title={column.item.why ? `${head}: ${column.item.why}` : head}
      className={`sticky top-0 bg-base-100 z-10 border-b border-base-300 px-0.5 py-1 min-w-12 align-bottom text-small leading-tight tracking-tight ${parted ? 'border-l-2' : ''}`}
    >
      <span className="flex justify-center items-start gap-px">
        <span data-head className={head.includes(' ') ? 'min-w-24 max-w-44 text-balance' : 'whitespace-nowrap'}>
          {head}
        </span>
        {off > 0 ? (
          <span className="rounded bg-warning text-warning-content text-small px-[3px] leading-[1.2] font-sans font-normal" aria-label={`${off} off`}>
            {off}
          </span>
        ) : null}
      </span>
    </th>
  )
})
