import type { ReactNode } from 'react'
import { Key } from '../../../ui/Parts'

/** Back and Next, large enough for a thumb; where nothing comes next, whatever ends it stands in the place of Next. */
export function Onward({ back, next, nextName, end }: { back: (() => void) | undefined; next: (() => void) | undefined; nextName: string; end: ReactNode }) {
  return (
    <div className="grid grid-cols-[minmax(9rem,1fr)_minmax(0,3fr)] gap-3 shrink-0">
      <button type="button" className="btn btn-lg h-16 text-large font-semibold" disabled={!back} onClick={back}>
        <Key>←</Key> Back
      </button>
      {next ? (
        <button type="button" className="btn btn-lg btn-primary h-16 text-large font-semibold" onClick={next}>
          <span className="truncate">Next: {nextName}</span>
          <Key>
            <span className="text-base-content">Space</span>
          </Key>
        </button>
      ) : (
        end
      )}
    </div>
  )
}
