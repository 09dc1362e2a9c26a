import { Fragment } from 'react'

/** A text whose asked-for letters are underlined and bold: by weight and line, not by colour alone. */
export function Marked({ text, spans }: { text: string; spans: readonly { from: number; to: number }[] }) {
  const sorted = [...spans].sort((a, b) => a.from - b.from)
  return (
    <>
      {sorted.map((s, i) => (
        <Fragment key={s.from}>
          {text.slice(i === 0 ? 0 : sorted[i - 1]?.to, s.from)}
          <b className="font-bold text-primary border-b-2 border-accent">{text.slice(s.from, s.to)}</b>
        </Fragment>
      ))}
      {text.slice(sorted.at(-1)?.to ?? 0)}
    </>
  )
}
