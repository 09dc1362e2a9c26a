import type { Drawing } from '../api/client'

const EM = 1000

/** Paper where a letter would be full of ink, and ink on its edge. */
const HOLLOW = { fill: 'var(--color-base-100)', stroke: 'currentColor', strokeWidth: 26 }

/** A word with the class's marks, as it stands on paper too: letters, and lines over them. */
export function Drawn({ drawing, label, size = 1.75 }: { drawing: Drawing; label: string; /** In rem. */ size?: number }) {
  const height = drawing.top + drawing.bottom
  const bands = drawing.lines.filter((l) => l.paint === 'TINT')
  const lines = drawing.lines.filter((l) => l.paint !== 'TINT')
  return (
    <svg
      role="img"
      aria-label={drawing.says ? `${label}: ${drawing.says}` : label}
      viewBox={`0 ${-drawing.top} ${drawing.width} ${height}`}
      style={{ width: `${(drawing.width / EM) * size}rem`, height: `${(height / EM) * size}rem` }}
      className="font-word inline-block align-middle overflow-visible max-w-full"
      fill="currentColor"
    >
      {bands.map((l, i) => (
        <path key={i} d={l.path} fill="currentColor" fillOpacity={l.strong ? 0.3 : 0.14} />
      ))}
      {drawing.letters.map((l, i) => (
        <text key={i} x={l.x} y={0} fontSize={EM} xmlSpace="preserve" {...(l.hollow ? HOLLOW : {})}>
          {l.text}
        </text>
      ))}
      {lines.map((l, i) => (
        <path
          key={i}
          d={l.path}
          className={l.strong ? 'text-primary' : undefined}
          fill={l.paint === 'FULL' ? 'currentColor' : 'none'}
          stroke={l.paint === 'FULL' ? 'none' : 'currentColor'}
          strokeWidth={l.strong ? 85 : 38}
          strokeLinecap="round"
          strokeLinejoin="round"
        />
      ))}
    </svg>
  )
}
