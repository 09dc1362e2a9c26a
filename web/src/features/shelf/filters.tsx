import { type ReactNode } from 'react'

/** A filter with its name before it. */
export function Row({ label, children }: { label: string; children: ReactNode }) {
  return (
    <div className="grid grid-cols-[66px_1fr] items-center gap-1">
      <span className="mute text-small">{label}</span>
      {children}
    </div>
  )
}

/** One of many, or any. */
export function Pick({ name, value, change, children }: { name: string; value: string; change: (value: string) => void; children: readonly (readonly [string, string])[] }) {
  return (
    <select aria-label={name} className="select select-sm w-full" value={value} onChange={(e) => change(e.target.value)}>
      <option value="">any</option>
      {children.map(([v, text]) => (
        <option key={v} value={v}>
          {text}
        </option>
      ))}
    </select>
  )
}

/** One of few. */
export function Choice({ name, options, value, change }: { name: string; options: readonly (readonly [string, string])[]; value: string; change: (value: string) => void }) {
  return (
    <div role="group" aria-label={name} className="join w-full">
      {options.map(([v, text]) => (
        <button key={v} type="button" aria-pressed={v === value} className={`btn btn-xs join-item grow px-1 ${v === value ? 'btn-primary' : ''}`} onClick={() => change(v)}>
          {text}
        </button>
      ))}
    </div>
  )
}

/** On or off. */
export function Flag({ on, label, toggle }: { on: boolean; label: string; toggle: (value: string) => void }) {
  return (
    <button type="button" aria-pressed={on} className={`btn btn-xs rounded-full ${on ? 'btn-primary' : ''}`} onClick={() => toggle(on ? '' : 'yes')}>
      {label}
    </button>
  )
}
