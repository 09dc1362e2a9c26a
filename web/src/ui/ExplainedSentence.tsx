import type { SentenceMark } from '../api/client'
import { Tag } from './Parts'
import { Written } from './Strip'
import { CONVENTIONS, counted } from './words'
import { useTerms } from '../lib/terms'

const KINDS: Record<SentenceMark['words'][number]['kind'], string> = {
  MATCH: '',
  MISSING: 'missing',
  EXTRA: 'added',
  DOUBLED: 'twice',
  JOINED: 'joined',
  SPLIT: 'split',
  REPLACED: 'another word',
  SWAPPED: 'moved',
}

/** A sentence's mark: signs that are off, then the words that are, each with what it says. */
export function ExplainedSentence({ mark, text }: { mark: SentenceMark; text: string }) {
  const inTerms = useTerms()
  const off = mark.conventions.filter((c) => c.outcome === 'UNDER' || c.outcome === 'OVER')
  const words = mark.words.filter((w) => w.kind !== 'MATCH' || w.mark?.result !== 'RIGHT')
  return (
    <>
      <p className="font-word">{text}</p>
      <p>
        <strong>
          {mark.right} of {counted(mark.asked, 'word')}
        </strong>{' '}
        right
      </p>
      {off.length > 0 ? (
        <p className="flex flex-wrap gap-1">
          {off.map((c) => (
            <Tag key={c.rule + c.outcome} tone={c.outcome === 'OVER' ? 'plum' : 'gold'}>
              {inTerms(CONVENTIONS[c.rule] ?? c.rule)}
              {c.words.length > 0 ? `: ${c.words.join(', ')}` : ''}
            </Tag>
          ))}
        </p>
      ) : null}
      <ul className="flex flex-col gap-1">
        {words.map((w, i) => (
          <li key={i} className="text-body leading-snug">
            <span className="font-word">{w.target || '–'}</span> {w.mark ? <Written mark={w.mark} /> : <span className="font-word mute">{w.written}</span>}{' '}
            <span className="mute">{KINDS[w.kind]}</span>
            {[...(w.mark ? [w.mark] : []), ...w.parts].flatMap((m) => m.facts ?? []).map((f) => (
              <span key={f.says} className="block text-small">
                {f.says}
              </span>
            ))}
          </li>
        ))}
      </ul>
    </>
  )
}
