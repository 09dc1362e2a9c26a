import { SendWords } from './SendWords'

interface Picked {
  readonly picked: readonly string[]
  readonly drop: (word: string) => void
  readonly clear: () => void
  readonly sentences?: boolean
}

/** Words or sentences picked so far, to be copied or put on a sheet. */
export function Tray({ picked, drop, clear, sentences = false }: Picked) {
  const things = sentences ? 'sentences' : 'words'
  return (
    <section aria-label={`Picked ${things}`} className="sheet p-3 flex flex-col gap-2 min-h-0">
      <div className="flex items-center">
        <h2 className="font-semibold">Picked · {picked.length}</h2>
        {picked.length > 0 ? (
          <button type="button" className="btn btn-ghost btn-xs ml-auto" onClick={clear}>
            Empty it
          </button>
        ) : null}
      </div>
      {picked.length === 0 ? <p className="mute text-small">Tick {things} to gather them here, then put them on a sheet.</p> : null}
      <ol className="overflow-auto min-h-0">
        {picked.map((w, i) => (
          <li key={w} className="flex items-center gap-2 border-b border-dotted border-base-300 min-h-8">
            <span className="mute text-small w-5">{i + 1}</span>
            <span className={`font-word grow ${sentences ? 'leading-tight py-1' : 'text-large'}`}>{w}</span>
            <button type="button" className="btn btn-ghost btn-xs btn-square" aria-label={`Drop ${w}`} onClick={() => drop(w)}>
              ×
            </button>
          </li>
        ))}
      </ol>
      <div className="mt-auto">
        <SendWords words={picked} sentences={sentences} />
      </div>
    </section>
  )
}
