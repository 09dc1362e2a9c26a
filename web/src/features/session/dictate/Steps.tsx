import { useTerms } from '../../../lib/terms'

/** The steps of one item, each a button that goes there; they stand at the same place whatever is below them. */
export function Steps({ steps, step, go }: { steps: readonly string[]; step: number; go: (step: number) => void }) {
  const inTerms = useTerms()
  return (
    <ol className="flex flex-wrap justify-center gap-2 shrink-0 py-1" aria-label="Steps">
      {steps.map((name, i) => (
        <li key={name}>
          <button
            type="button"
            aria-current={i === step ? 'step' : undefined}
            className={`rounded-full px-4 min-h-11 border ${i === step ? 'bg-primary text-primary-content border-primary' : 'border-base-300 bg-base-100 hover:border-primary'}`}
            onClick={() => go(i)}
          >
            {inTerms(name)}
          </button>
        </li>
      ))}
    </ol>
  )
}
