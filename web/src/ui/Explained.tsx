import type { Mark } from '../api/client'
import { Tag } from './Parts'
import { KINDS } from './words'

const RESULTS: Record<string, string> = {
  RIGHT: 'right',
  READS_RIGHT: 'reads right',
  READS_OTHERWISE: 'reads otherwise',
  SOUND_ERROR: 'a sound is off',
  BLANK: 'nothing written',
}

/** Below this an explanation is a guess. */
const UNSURE = 0.8

function sure(mark: Mark): boolean {
  return (mark.confidence ?? 1) >= UNSURE
}

/** What a mark says: the rules that failed, one sentence a fact, how the spelling reads. */
export function Explained({ mark }: { mark: Mark }) {
  const broken = mark.rules.filter((r) => r.name !== undefined && (r.outcome === 'UNDER' || r.outcome === 'OVER'))
  return (
    <>
      {broken.map((r) => (
        <Tag key={r.rule + r.unit} tone={r.outcome === 'OVER' ? 'plum' : 'gold'}>
          {r.name} · {KINDS[r.outcome === 'OVER' ? 'OVER' : 'UNDER']}
        </Tag>
      ))}
      <Causes facts={mark.facts ?? []} />
      <p className="text-body">
        <strong>{RESULTS[mark.result] ?? mark.result}</strong>
        {mark.readsAs !== '//' && mark.result !== 'RIGHT' ? ` · reads ${mark.reads ?? ''}` : null}
        {sure(mark) ? null : <span className="mute"> · not sure</span>}
      </p>
      {mark.well ? <p className="text-small">Went well: {mark.well}</p> : null}
      {(mark.rivals ?? []).map((rival) => (
        <Rival key={rival.sentences.join(' ')} mark={mark} rival={rival} />
      ))}
    </>
  )
}

/** The cause to speak of first, with a line for the child; what else there is stands folded behind it. */
function Causes({ facts }: { facts: NonNullable<Mark['facts']> }) {
  const [first, ...others] = facts
  if (!first) return null
  return (
    <>
      <p className="text-body leading-snug w-full">{first.says}</p>
      {first.forChild ? <p className="text-small mute w-full">To the child: {first.forChild}</p> : null}
      {others.length > 0 ? (
        <details className="text-small w-full">
          <summary className="cursor-pointer">{others.length === 1 ? 'One thing more' : `${others.length} things more`}</summary>
          {others.map((fact) => (
            <p key={fact.says}>{fact.says}</p>
          ))}
        </details>
      ) : null}
    </>
  )
}

/** Another explanation of the same letters, nearly as good; folded, since the first is the likelier. */
function Rival({ mark, rival }: { mark: Mark; rival: NonNullable<Mark['rivals']>[number] }) {
  return (
    <details className="text-small w-full">
      <summary className="cursor-pointer">It could also be …</summary>
      <p className="font-word text-large">
        {rival.units.map((u, i) => (
          <span key={i}>
            {i > 0 ? ' · ' : ''}
            {u.grapheme === u.written ? u.grapheme : `${u.grapheme} → ${u.written || '–'}`}
          </span>
        ))}
      </p>
      {rival.sentences.map((sentence) => (
        <p key={sentence}>{sentence}</p>
      ))}
      <p className="mute">{!sure(mark) ? 'Too close to call: look at the paper.' : 'Less likely than the first.'}</p>
    </details>
  )
}

