import type { Mark, MarkedUnit } from '../api/client'

/** Letters of an attempt that belong together: what stands for a unit, or letters that stand for none. */
export interface Piece {
  /** As the child wrote it; "" where a unit has nothing. */
  readonly text: string
  /** Not there for letters that were added. */
  readonly unit: MarkedUnit | undefined
}

/**
 * An attempt in its pieces, left to right. Joined, their texts are the attempt, letter by letter, with its capitals and
 * signs: the e of a split vowel stands where the child put it.
 *
 * @returns undefined where the mark's letters are not those of the attempt in that order
 */
export function piecesOf(mark: Mark): readonly Piece[] | undefined {
  const read = [...mark.attempt]
  let at = 0
  const pieces: Piece[] = []
  for (const { letters, unit } of inOrder(mark)) {
    let text = ''
    for (const letter of letters) {
      while (at < read.length && !isLetter(read[at])) text += read[at++]
      if (read[at]?.toLowerCase() !== letter.toLowerCase()) return undefined
      text += read[at++]
    }
    pieces.push({ text, unit })
  }
  const left = read.slice(at)
  if (left.some(isLetter)) return undefined
  return left.length > 0 ? [...pieces, { text: left.join(''), unit: undefined }] : pieces
}

const isLetter = (sign: string | undefined) => sign !== undefined && /[\p{L}\p{M}]/u.test(sign)

function inOrder(mark: Mark): { letters: string; unit: MarkedUnit | undefined }[] {
  const all: { letters: string; unit: MarkedUnit | undefined }[] = []
  let owed: MarkedUnit | undefined
  const added = (before: number) => mark.extra.filter((e) => e.before === before).forEach((e) => all.push({ letters: e.written, unit: undefined }))
  mark.units.forEach((unit, i) => {
    added(i)
    const [head = '', tail] = unit.written.split('_')
    all.push({ letters: head, unit })
    if (owed) all.push({ letters: 'e', unit: owed })
    owed = tail === undefined ? undefined : unit
  })
  if (owed) all.push({ letters: 'e', unit: owed })
  added(mark.units.length)
  return all
}
