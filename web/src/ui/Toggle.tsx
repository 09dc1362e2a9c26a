/** A filter that is on or off. */
export function Toggle({ on, label, toggle }: { on: boolean; label: string; toggle: () => void }) {
  return (
    <button type="button" aria-pressed={on} className={`btn btn-xs rounded-full ${on ? 'btn-primary' : ''}`} onClick={toggle}>
      {label}
    </button>
  )
}
