import { Written } from '../../ui/Strip'
import type { CellProps } from '../kind'
import { judged } from './judged'

/** Letters and marks, each with what was due where it is off. */
export function Told({ cell }: CellProps) {
  const two = judged(cell)
  const [letters, marks] = cell.sentence?.words ?? []
  if (!two || !letters || !marks) return null
  return (
    <dl className="grid grid-cols-[4.5rem_1fr] gap-x-2 gap-y-1 w-full">
      <dt className="mute">letters</dt>
      <dd>
        <strong>{two.letters ? 'right' : 'off'}</strong> {letters.mark && !two.letters ? <Written mark={letters.mark} /> : null}
        {(two.letters ? [] : (letters.mark?.facts ?? [])).map((fact) => (
          <span key={fact.says} className="block text-small leading-snug">
            {fact.says}
          </span>
        ))}
      </dd>
      <dt className="mute">marks</dt>
      <dd>
        <strong>{two.marks ? 'right' : 'off'}</strong>
        {two.marks ? null : (
          <>
            {' '}
            <span className="font-word">{marks.written.replaceAll(' ', ' · ')}</span> <span className="mute">for</span> <span className="font-word">{marks.target.replaceAll(' ', ' · ')}</span>
          </>
        )}
      </dd>
    </dl>
  )
}
