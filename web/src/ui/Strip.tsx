import type { Mark, MarkedUnit, UnitView } from '../api/client'
import { Sound } from './Sound'
import { piecesOf } from './written'

type Size = 'sm' | 'md' | 'xl'
const LETTERS: Record<Size, string> = { sm: 'text-large px-1.5', md: 'text-head px-2', xl: 'text-board px-5 pb-2' }
const SOUNDS: Record<Size, string> = { sm: 'text-small', md: 'text-small', xl: 'text-head' }

/** Joins the two letters of a split digraph with an arc; other graphemes stand as they are. */
function Grapheme({ text }: { text: string }) {
  const [first, second] = text.split('_')
  if (second === undefined) return <>{text}</>
  return (
    <>
      {first}
      <span aria-hidden className="inline-block text-[0.6em] align-super mx-px">
        ⏜
      </span>
      {second}
    </>
  )
}

/** A word as a row of cells, one a sound: the grapheme large, the sound small under it. */
export function Strip({
  units,
  size = 'md',
  focus = -1,
  untaught = [],
  label,
}: {
  units: readonly UnitView[]
  size?: Size
  focus?: number
  untaught?: readonly string[]
  label?: string
}) {
  const spoken = label ?? units.map((u) => u.grapheme.replace('_', ' ')).join(' ')
  return (
    <span role="img" aria-label={spoken} className="inline-flex font-word align-middle">
      {units.map((u, i) => (
        <span
          key={i}
          aria-hidden
          className={`flex flex-col items-center border border-l-0 first:border-l border-base-300 first:rounded-l-lg last:rounded-r-lg pb-0.5 ${LETTERS[size]} ${
            i === focus ? 'soft border-primary' : untaught.includes(u.grapheme) ? 'untaught' : 'bg-base-100'
          }`}
        >
          <span className="leading-tight whitespace-nowrap">
            <Grapheme text={u.grapheme} />
          </span>
          <Sound ipa={u.phoneme} look={`mute leading-none ${SOUNDS[size]}`} />
        </span>
      ))}
    </span>
  )
}

/** Empty frames of one width, so that nothing but the number of sounds is shown; pieces stand apart. */
export function Frames({ count, label, pieces = [] }: { count: number; label: string; pieces?: readonly number[] }) {
  const parted = pieces.length > 1 && pieces.length < count
  return (
    <span role="img" aria-label={label} className="inline-flex">
      {Array.from({ length: count }, (_, i) => {
        const opens = i === 0 || (parted && pieces.includes(i))
        return <span key={i} className={`w-24 h-20 bg-base-100 border-2 border-base-300 ${opens ? 'rounded-l-xl' : 'border-l-0'} ${opens && i > 0 ? 'ml-4' : ''} last:rounded-r-xl`} />
      })}
    </span>
  )
}

const VERDICT_WORDS: Record<MarkedUnit['verdict'], string> = {
  EXACT: 'right',
  ALTERNATIVE: 'another spelling',
  PARTIAL: 'not whole',
  NEAR: 'near sound',
  OTHER: 'another sound',
  MISSING: 'missing',
}

/** What stands for one unit, by shape: wavy, broken box, ≈, hatched, or an empty frame with room of its own. */
export function WrittenUnit({ unit, text = unit.written.replace('_', '-') }: { unit: MarkedUnit; text?: string }) {
  switch (unit.verdict) {
    case 'EXACT':
      return <span>{text}</span>
    case 'ALTERNATIVE':
      return <span className="wavy">{text}</span>
    case 'PARTIAL':
      return <span className="broken px-0.5">{text}</span>
    case 'NEAR':
      return <span className="near rounded px-0.5 text-secondary">{text}≈</span>
    case 'OTHER':
      return <span className="hatched rounded px-0.5">{text}</span>
    case 'MISSING':
      return <span className="inline-block border-[1.5px] border-accent rounded-xs w-[0.55em] h-[0.72em] mx-[0.14em] align-baseline" />
  }
}

/** A whole attempt in one line, letters in the order they were written; a swap is underlined twice. */
export function Written({ mark }: { mark: Mark }) {
  if (mark.swapped.length > 0) {
    return <span className="font-word whitespace-nowrap border-b-3 border-double border-secondary">{mark.attempt}</span>
  }
  const pieces = piecesOf(mark)
  if (!pieces) return <span className="font-word wavy whitespace-nowrap">{mark.attempt}</span>
  return (
    <span className="font-word whitespace-nowrap">
      {pieces.map((piece, i) => (piece.unit ? <WrittenUnit key={i} unit={piece.unit} text={piece.text} /> : <Added key={i} text={piece.text} />))}
    </span>
  )
}

function Extras({ mark, before }: { mark: Mark; before: number }) {
  return mark.extra.filter((e) => e.before === before).map((e, i) => <Added key={i} text={e.written} />)
}

/** Letters that stand for no sound; signs that are none stay as they are. */
function Added({ text }: { text: string }) {
  if (!/\p{L}/u.test(text)) return <>{text}</>
  return (
    <sup className="text-secondary border-b-2 border-secondary px-px">
      ▾{text}
    </sup>
  )
}

/** Says a mark for a screen reader: "r i dge: dge written ge, another spelling". */
export function spokenMark(mark: Mark): string {
  const wrong = mark.units
    .filter((u) => u.verdict !== 'EXACT')
    .map((u) => `${u.grapheme} ${u.written ? `written ${u.written}, ` : ''}${VERDICT_WORDS[u.verdict]}`)
  const extra = mark.extra.map((e) => `${e.written} added`)
  return [...wrong, ...extra].join('; ') || 'right'
}

/** The target over what the child wrote, cell by cell. */
export function MarkStrip({ mark }: { mark: Mark }) {
  return (
    <span role="img" aria-label={`${mark.target}, written ${mark.attempt}: ${spokenMark(mark)}`} className="inline-flex font-word text-head">
      {mark.units.map((u, i) => {
        const swapped = mark.swapped.some((s) => s.includes(i))
        return (
          <span key={i} aria-hidden className="flex flex-col items-center">
            <span
              className={`flex flex-col items-center w-full px-2 pb-0.5 border border-l-0 border-base-300 ${i === 0 ? 'border-l rounded-l-lg' : ''} ${i === mark.units.length - 1 ? 'rounded-r-lg' : ''} ${u.verdict === 'EXACT' ? 'bg-base-100' : 'soft border-primary'}`}
            >
              <span className="leading-tight whitespace-nowrap">
                <Grapheme text={u.grapheme} />
              </span>
              <Sound ipa={u.phoneme} look="mute text-small leading-none" />
            </span>
            <span className={`pt-1 ${swapped ? 'border-b-4 border-double border-secondary' : ''}`}>
              <Extras mark={mark} before={i} />
              <WrittenUnit unit={u} />
              {i === mark.units.length - 1 ? <Extras mark={mark} before={i + 1} /> : null}
            </span>
          </span>
        )
      })}
    </span>
  )
}
