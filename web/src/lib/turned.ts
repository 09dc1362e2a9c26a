import type { SoundView, Spelt } from '../api/client'

/** One spelling with the sounds it stands for, the commonest first. */
export type GraphemeFigure = {
  grapheme: string
  count: number
  sounds: { phoneme: string; keyword: string; share: number; spelt: Spelt }[]
}

/** The same figures the other way round: from a spelling to its sounds, in the order of the alphabet. */
export function graphemesOf(sounds: readonly SoundView[]): GraphemeFigure[] {
  const found = new Map<string, GraphemeFigure>()
  for (const sound of sounds) {
    for (const spelt of sound.graphemes) {
      const figure = found.get(spelt.grapheme) ?? { grapheme: spelt.grapheme, count: 0, sounds: [] }
      figure.count += spelt.count
      figure.sounds.push({ phoneme: sound.phoneme, keyword: sound.keyword, share: 0, spelt })
      found.set(spelt.grapheme, figure)
    }
  }
  for (const figure of found.values()) {
    figure.sounds.forEach((s) => (s.share = s.spelt.count / figure.count))
    figure.sounds.sort((a, b) => b.share - a.share)
  }
  return [...found.values()].sort((a, b) => a.grapheme.localeCompare(b.grapheme))
}

/** "38 %", or "under 1 %". */
export function percent(share: number): string {
  const whole = Math.round(share * 100)
  return whole === 0 ? 'under 1 %' : `${whole} %`
}
