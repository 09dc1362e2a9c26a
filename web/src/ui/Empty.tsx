import type { ReactNode } from 'react'

/** A screen with nothing on it yet: what will be here, and how to begin. */
export function Empty({ says, children }: { says: string; children?: ReactNode }) {
  return (
    <div className="sheet p-6 flex flex-col gap-3 items-start">
      <p>{says}</p>
      {children}
    </div>
  )
}
