import type { ClassMap } from '../../api/client'

/** Shares of what goes wrong by what it needs: three bars that together are all of it. */
export function Needs({ needs, of }: { needs: ClassMap['needs']; of: string }) {
  const { choosing, building, hearing } = needs
  const all = Math.max(1, choosing + building + hearing)
  const percent = (n: number) => Math.round((100 * n) / all)
  const share = (n: number) => `${percent(n)} %`
  const width = (n: number) => ({ width: `${percent(n)}%` })
  return (
    <div>
      <h2 className="mute text-small font-semibold">{of}</h2>
      <p className="text-small">
        choosing letters <strong>{share(choosing)}</strong> · building words <strong>{share(building)}</strong> · hearing sounds{' '}
        <strong>{share(hearing)}</strong>
      </p>
      <div className="flex h-2 rounded overflow-hidden mt-1" aria-hidden>
        <span className="bg-accent" style={width(choosing)} />
        <span className="bg-primary" style={width(building)} />
        <span className="bg-secondary" style={width(hearing)} />
      </div>
    </div>
  )
}
