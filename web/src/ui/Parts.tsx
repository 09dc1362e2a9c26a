import type { ReactNode } from 'react'

/** A key as it stands on the keyboard. */
export function Key({ children }: { children: ReactNode }) {
  return <kbd className="kbd kbd-sm font-sans bg-base-100 border-base-300">{children}</kbd>
}

/** A small tag: gold where a special spelling is due or left out, plum where put too often. */
export function Tag({ tone, children }: { tone: 'gold' | 'lagoon' | 'plum' | 'plain'; children: ReactNode }) {
  const tones = {
    gold: 'bg-warning text-warning-content',
    lagoon: 'soft text-primary',
    plum: 'near text-secondary',
    plain: 'bg-base-200 text-base-content',
  }
  return <span className={`rounded px-1.5 py-px text-small font-semibold whitespace-nowrap ${tones[tone]}`}>{children}</span>
}

/** Grey bars in the place of what is on its way. */
export function Loading({ rows = 6 }: { rows?: number }) {
  return (
    <div role="status" aria-label="Loading" className="flex flex-col gap-3 p-4 w-full">
      {Array.from({ length: rows }, (_, i) => (
        <div key={i} className="skeleton h-7 w-full" />
      ))}
    </div>
  )
}

/** What went wrong, and a way to try again. */
export function Failed({ error, retry }: { error: Error; retry?: () => void }) {
  return (
    <div role="alert" className="alert m-4 border-error text-error bg-base-100">
      <span>{error.message}</span>
      {retry ? (
        <button type="button" className="btn btn-sm" onClick={retry}>
          Try again
        </button>
      ) : null}
    </div>
  )
}

/** The head of a screen: what it is about, and its one or two actions. */
export function Head({ title, note, children }: { title: string; note?: ReactNode; children?: ReactNode }) {
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1 min-h-11 shrink-0">
      <h1 className="text-head font-semibold">{title}</h1>
      {note ? <span className="mute text-small min-w-0">{note}</span> : null}
      <div className="ml-auto flex items-center gap-2">{children}</div>
    </div>
  )
}
