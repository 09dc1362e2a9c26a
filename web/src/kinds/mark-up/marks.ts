/** Letters of a word, each with the number of the grapheme it belongs to: c a k e is 0 1 2 1. */
export interface Marks {
  readonly letters: string
  readonly groups: readonly number[]
}

const SPLIT = /^([a-z]+)[-_]e$/

/** Reads graphemes told apart, a split one at its vowel: "c a-e k". */
export function readMarks(text: string): Marks {
  let letters = ''
  const groups: number[] = []
  let silent: number | undefined
  text
    .toLowerCase()
    .split(/[\s.|/]+/)
    .filter(Boolean)
    .forEach((grapheme, at) => {
      const vowel = SPLIT.exec(grapheme)?.[1]
      for (const letter of vowel ?? grapheme) {
        letters += letter
        groups.push(at)
      }
      if (vowel) silent = at
      else if (silent !== undefined) {
        letters += 'e'
        groups.push(silent)
        silent = undefined
      }
    })
  return silent === undefined ? { letters, groups } : { letters: `${letters}e`, groups: [...groups, silent] }
}

/** The same as it is typed. */
export function writeMarks({ letters, groups }: Marks): string {
  const order = [...new Set(groups)]
  return order
    .map((group) => {
      const at = groups.flatMap((g, i) => (g === group ? [i] : []))
      const text = at.map((i) => letters[i]).join('')
      const split = at.some((i, n) => n > 0 && i !== (at[n - 1] ?? 0) + 1)
      return split ? `${text.slice(0, -1)}-${text.slice(-1)}` : text
    })
    .join(' ')
}

/** Every letter by itself. */
export function apart(letters: string): Marks {
  return { letters, groups: [...letters].map((_, i) => i) }
}

/** Joins a letter to the one before it, or parts them. */
export function turned({ letters, groups }: Marks, at: number): Marks {
  if (at < 1 || at >= letters.length) return { letters, groups }
  const here = groups[at] ?? 0
  const before = groups[at - 1] ?? 0
  const fresh = Math.max(...groups) + 1
  const run = runFrom(groups, at)
  return { letters, groups: groups.map((g, i) => (i < at || i >= run ? g : here === before ? fresh : before)) }
}

/** Ties the grapheme of a letter to the e after the next one, or lets it go. */
export function tied(marks: Marks, at: number): Marks {
  const { letters, groups } = marks
  const group = groups[at]
  const end = runFrom(groups, runFrom(groups, at))
  if (group === undefined) return marks
  if (letters[end] !== 'e') return marks
  const fresh = Math.max(...groups) + 1
  return { letters, groups: groups.map((g, i) => (i === end ? (g === group ? fresh : group) : g)) }
}

/** Where the letters end that stand together with this one. */
function runFrom(groups: readonly number[], at: number): number {
  let end = at
  while (end < groups.length && groups[end] === groups[at]) end++
  return end
}
