import { expect, test } from 'vitest'
import { sounds } from '../test/made-up'
import { graphemesOf, percent } from './turned'

test('turns figures round: a spelling, its sounds, the commonest first', () => {
  const ea = graphemesOf(sounds).find((g) => g.grapheme === 'ea')
  expect(ea?.count).toBe(4)
  expect(ea?.sounds.map((s) => [s.phoneme, s.share])).toEqual([
    ['e', 0.75],
    ['eɪ', 0.25],
  ])
})

test('says small shares without a nought', () => {
  expect(percent(0.384)).toBe('38 %')
  expect(percent(0.001)).toBe('under 1 %')
})
