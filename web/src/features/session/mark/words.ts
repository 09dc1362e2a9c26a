/** A run of letters of a text. */
export interface Range {
  readonly from: number
  readonly to: number
}

/** The words of a text, with the signs that stand on them. */
export function wordsOf(text: string): Range[] {
  return [...text.matchAll(/\S+/g)].map((m) => ({ from: m.index, to: m.index + m[0].length }))
}

/** The word after a place, or the one before it; undefined at either end. */
export function wordFrom(text: string, at: Range, by: 1 | -1): Range | undefined {
  const all = wordsOf(text)
  return by > 0 ? all.find((w) => w.from > at.from && w.from >= at.to) : all.findLast((w) => w.to < at.to && w.to <= at.from)
}
