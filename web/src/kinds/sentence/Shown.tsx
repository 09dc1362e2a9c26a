import type { SentenceMark } from '../../api/client'
import { counted } from '../../ui/words'
import type { CellProps } from '../kind'

/** A sentence in brief: words right, and signs that are off. */
export function Shown({ cell }: CellProps) {
  const mark = cell.sentence
  if (cell.result === 'RIGHT') return <span className="mute">{cell.override ? '◦' : '•'}</span>
  if (!mark) return <span className="font-word">{cell.written}</span>
  return (
    <span className="whitespace-nowrap">
      <span className={mark.right < mark.asked ? 'wavy' : ''}>
        {mark.right}/{mark.asked}
      </span>
      {mark.signsOff > 0 ? <span className="text-secondary"> ▾{mark.signsOff}</span> : null}
    </span>
  )
}

export function spokenSentence(mark: SentenceMark): string {
  return `${mark.right} of ${counted(mark.asked, 'word')} right, ${counted(mark.signsOff, 'sign')} off`
}
