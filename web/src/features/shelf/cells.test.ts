import { expect, test } from 'vitest'
import type { UnitView } from '../../api/client'
import { sounds } from '../../test/made-up'
import { merge, soundsOf, split, takeE, turn } from './cells'

const may = soundsOf(sounds)
const cells = (text: string): UnitView[] => text.split(' ').map((grapheme) => ({ grapheme, phoneme: may(grapheme)[0] ?? '' }))
const letters = (made: readonly UnitView[]) => made.map((c) => c.grapheme).join(' ')

test('a spelling says its own sounds first, the commonest before the rest', () => {
  expect(may('ea')).toEqual(['e', 'eɪ', 'k'])
})

test('turns to the next sound and back round', () => {
  const one = cells('ea')
  expect(turn(one, 0, 1, may)[0]?.phoneme).toBe('eɪ')
  expect(turn(turn(one, 0, 1, may), 0, -1, may)).toEqual(one)
  expect(turn(one, 0, -1, may)[0]?.phoneme).toBe('k')
})

test('joins two cells, and cuts them again', () => {
  expect(letters(merge(cells('r a i n'), 1, may))).toBe('r ai n')
  expect(letters(split(cells('r ai n'), 1, may))).toBe('r a i n')
})

test('nothing is joined past the end, and no letter cut in two', () => {
  expect(letters(merge(cells('r a'), 1, may))).toBe('r a')
  expect(letters(split(cells('r a'), 0, may))).toBe('r a')
})

test('a vowel takes a silent e after the next cell, and gives it back', () => {
  const taken = takeE(cells('c a k e'), 1, may)
  expect(letters(taken)).toBe('c a_e k')
  expect(taken[1]?.phoneme).toBe('eɪ')
  expect(letters(split(taken, 1, may))).toBe('c a k e')
})

test('a consonant takes no e, nor a vowel with none to take', () => {
  expect(letters(takeE(cells('c a k e'), 0, may))).toBe('c a k e')
  expect(letters(takeE(cells('c a k s'), 1, may))).toBe('c a k s')
})
