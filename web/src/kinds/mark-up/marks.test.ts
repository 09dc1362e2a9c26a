import { expect, test } from 'vitest'
import { apart, readMarks, tied, turned, writeMarks } from './marks'

test.each(['c a-e k', 'sh i p', 'ch ur ch', 'k i tt e n', 'b r i dge', 'ch a-e s', 'cake'])('reads %s and writes the same', (text) => {
  expect(writeMarks(readMarks(text))).toBe(text)
})

test('the e of a split grapheme stands after what it is split by', () => {
  expect(readMarks('c a-e k').letters).toBe('cake')
  expect(readMarks('a_e ch').letters).toBe('ache')
  expect(readMarks('c.a-e|k').groups).toEqual([0, 1, 2, 1])
})

test('a letter is joined to the one before it, and parted again', () => {
  const ship = turned(apart('ship'), 1)
  expect(writeMarks(ship)).toBe('sh i p')
  expect(writeMarks(turned(ship, 1))).toBe('s h i p')
  expect(writeMarks(turned(turned(apart('bridge'), 4), 5))).toBe('b r i dge')
  expect(writeMarks(turned(apart('ship'), 0))).toBe('s h i p')
})

test('a vowel is tied to the e after the next grapheme, and let go', () => {
  const cake = tied(apart('cake'), 1)
  expect(writeMarks(cake)).toBe('c a-e k')
  expect(writeMarks(tied(cake, 1))).toBe('c a k e')
  expect(writeMarks(tied(turned(apart('ache'), 2), 0))).toBe('a-e ch')
  expect(writeMarks(tied(apart('cat'), 1))).toBe('c a t')
})
