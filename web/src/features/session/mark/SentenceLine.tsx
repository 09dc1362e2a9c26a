import type { SentenceMark } from '../../../api/client'
import { useTerms } from '../../../lib/terms'
import { Tag } from '../../../ui/Parts'
import { CONVENTIONS, counted } from '../../../ui/words'

type Word = SentenceMark['words'][number]

/** What was written, each word under the one that was dictated; what is off has a shape as well as a colour. */
export function SentenceLine({ mark }: { mark: SentenceMark }) {
  const inTerms = useTerms()
  const off = mark.conventions.filter((c) => c.outcome === 'UNDER' || c.outcome === 'OVER')
  return (
    <div className="flex flex-col gap-1 pb-1 text-left">
      <ol aria-label="Word by word" className="flex flex-wrap gap-1">
        {mark.words.map((word, i) => (
          <li key={i} className={`flex flex-col items-center rounded-lg border px-1.5 leading-tight ${look(word)}`}>
            <span className="mute text-small">{word.target || '·'}</span>
            <span className={`font-word ${isWrong(word) ? 'wavy' : ''}`}>{word.written || '—'}</span>
          </li>
        ))}
      </ol>
      <p className="flex flex-wrap items-center gap-1 text-small mute">
        {off.map((c) => (
          <Tag key={c.rule + c.outcome} tone={c.outcome === 'OVER' ? 'plum' : 'gold'}>
            {inTerms(CONVENTIONS[c.rule] ?? c.rule)}
          </Tag>
        ))}
        {mark.right} of {counted(mark.asked, 'word')}
      </p>
    </div>
  )
}

const isWrong = (word: Word) => word.kind === 'MATCH' && word.mark !== undefined && word.mark.result !== 'RIGHT'

/** Lost words are dashed; added, joined and changed ones tinted. */
function look(word: Word): string {
  if (word.kind === 'MISSING') return 'border-dashed border-base-300'
  if (word.kind === 'MATCH') return 'border-base-300 bg-base-100'
  return 'border-base-300 near'
}
