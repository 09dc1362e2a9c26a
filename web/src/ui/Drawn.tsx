import type { Drawing } from '../api/client'

const EM = 1000

/** A word with the class's marks, as it stands on paper too: letters, and lines over them. */
export function Drawn({ drawing, label, size = 1.75 }: { drawing: Drawing; label: string; /** In rem. */ size?: number }) {
  const height = drawing.top + drawing.bottom
  return (
    <svg
      role="img"
      aria-label={drawing.says ? `${label}: ${drawing.says}` : label}
      viewBox={`0 ${-drawing.top} ${drawing.width} ${height}`}
      style={{ width: `${(drawing.width / EM) * size}rem`, height: `${(height / EM) * size}rem` }}
      className="font-word inline-block align-middle overflow-visible max-w-full"
      fill="currentColor"
    >
      {drawing.letters.map((l, i) => (
        <text key={i} x={l.x} y={0} fontSize={EM} xmlSpace="preserve">
          {l.text}
        </text>
      ))}
      {drawing.lines.map((l, i) => (
        <path
          key={i}
          d={l.path}
          className={l.strong ? 'text-primary' : undefined}
          fill={l.filled ? 'currentColor' : 'none'}
          stroke={l.filled ? 'none' : 'currentColor'}
          strokeWidth={l.strong ? 85 : 38}
          strokeLinecap="round"
          strokeLinejoin="round"
        />
      ))}
    </svg>
  )
}
