/** Where in a word a spelling stands: three bars of shares, in the order start, middle, end. */
export function Places({ start, middle, end }: { start: number; middle: number; end: number }) {
  const said = [
    ['start', start],
    ['middle', middle],
    ['end', end],
  ] as const
  const label = said.map(([name, share]) => `${Math.round(share * 100)} % at the ${name}`).join(', ')
  return (
    <span role="img" aria-label={label} title={label} className="inline-flex gap-0.5 items-end h-6">
      {said.map(([name, share]) => (
        <span key={name} className="w-4 bg-base-200 h-full flex items-end rounded-sm overflow-hidden">
          <span className="w-full bg-primary/70" style={{ height: `${Math.max(share > 0 ? 6 : 0, share * 100)}%` }} />
        </span>
      ))}
    </span>
  )
}
