import type { Mark } from '../api/client'
import { Tag } from './Parts'

const RESULTS: Record<string, string> = {
  RIGHT: 'right',
  READS_RIGHT: 'reads right',
  READS_OTHERWISE: 'reads otherwise',
  SOUND_ERROR: 'a sound is off',
  BLANK: 'nothing written',
}

/** What a mark says: the rules that failed, one sentence a fact, how the spelling reads. */
export function Explained({ mark }: { mark: Mark }) {
  const broken = mark.rules.filter((r) => r.outcome === 'UNDER' || r.outcome === 'OVER')
  return (
    <>
      {broken.map((r) => (
        <Tag key={r.rule + r.unit} tone={r.outcome === 'OVER' ? 'plum' : 'gold'}>
          {r.name} · {r.outcome === 'OVER' ? 'put where not due' : 'left out where due'}
        </Tag>
      ))}
      {mark.explanation.map((line) => (
        <p key={line} className="text-[15px] leading-snug">
          {line.replace(/ Written: .*$/, '')}
        </p>
      ))}
      <p className="text-[15px]">
        <strong>{RESULTS[mark.result] ?? mark.result}</strong>
        {mark.readsAs !== '//' && mark.result !== 'RIGHT' ? (
          <>
            {' '}
            · reads <span className="font-ipa">{mark.readsAs}</span>
          </>
        ) : null}
      </p>
    </>
  )
}

