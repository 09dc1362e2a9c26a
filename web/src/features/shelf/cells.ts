import type { SoundView, UnitView } from '../../api/client'

const VOWELS = 'aeiouy'

/** What each spelling may say, the commonest first. */
export function soundsOf(sounds: readonly SoundView[]): (grapheme: string) => string[] {
  const known = new Map<string, { phoneme: string; count: number }[]>()
  for (const sound of sounds) {
    for (const g of sound.graphemes) {
      known.set(g.grapheme, [...(known.get(g.grapheme) ?? []), { phoneme: sound.phoneme, count: g.count }])
    }
  }
  const all = sounds.map((s) => s.phoneme)
  return (grapheme) => {
    const own = (known.get(grapheme) ?? []).sort((a, b) => b.count - a.count).map((s) => s.phoneme)
    return [...own, ...all.filter((p) => !own.includes(p))]
  }
}

/** The next or previous sound of one cell. */
export function turn(cells: readonly UnitView[], at: number, by: number, sounds: (g: string) => string[]): UnitView[] {
  return cells.map((c, i) => {
    if (i !== at) return c
    const may = sounds(c.grapheme)
    const now = Math.max(0, may.indexOf(c.phoneme))
    return { ...c, phoneme: may[(now + by + may.length) % may.length] ?? c.phoneme }
  })
}

/** Joins a cell with the one after it: s + h to sh. */
export function merge(cells: readonly UnitView[], at: number, sounds: (g: string) => string[]): UnitView[] {
  const here = cells[at]
  const next = cells[at + 1]
  if (!here || !next || here.grapheme.includes('_') || next.grapheme.includes('_')) return [...cells]
  const grapheme = here.grapheme + next.grapheme
  return [...cells.slice(0, at), { grapheme, phoneme: sounds(grapheme)[0] ?? here.phoneme }, ...cells.slice(at + 2)]
}

/** Cuts the first letter off a cell; a split vowel gives its e back. */
export function split(cells: readonly UnitView[], at: number, sounds: (g: string) => string[]): UnitView[] {
  const here = cells[at]
  if (!here || here.grapheme.length < 2) return [...cells]
  const cell = (grapheme: string): UnitView => ({ grapheme, phoneme: sounds(grapheme)[0] ?? here.phoneme })
  if (here.grapheme.includes('_')) {
    const home = at + 2
    return [...cells.slice(0, at), cell(here.grapheme.charAt(0)), ...cells.slice(at + 1, home), cell('e'), ...cells.slice(home)]
  }
  return [...cells.slice(0, at), cell(here.grapheme.charAt(0)), cell(here.grapheme.slice(1)), ...cells.slice(at + 1)]
}

/** Lets a vowel take the e after the next cell: a + k + e to a_e + k. */
export function takeE(cells: readonly UnitView[], at: number, sounds: (g: string) => string[]): UnitView[] {
  const here = cells[at]
  const e = cells[at + 2]
  if (!here || !e || here.grapheme.length !== 1 || !VOWELS.includes(here.grapheme) || e.grapheme !== 'e') return [...cells]
  const grapheme = `${here.grapheme}_e`
  return [...cells.slice(0, at), { grapheme, phoneme: sounds(grapheme)[0] ?? here.phoneme }, ...cells.slice(at + 1, at + 2), ...cells.slice(at + 3)]
}
