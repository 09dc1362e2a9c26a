import { expect, test } from 'vitest'
import { arrow, nextPaper, nextWord, shorthand, within } from './keys'

const size = { rows: 3, columns: 2 }

test.each([
  ['the next word', { row: 0, column: 0 }, { row: 0, column: 1 }],
  ['the next paper after the last word', { row: 0, column: 1 }, { row: 1, column: 0 }],
  ['nowhere after the last word of the last paper', { row: 2, column: 1 }, { row: 2, column: 1 }],
])('Enter goes to %s', (_, from, to) => {
  expect(nextWord(from, size)).toEqual(to)
})

test('Ctrl Enter goes to the start of the next paper, and stays on the last', () => {
  expect(nextPaper({ row: 0, column: 1 }, size)).toEqual({ row: 1, column: 0 })
  expect(nextPaper({ row: 2, column: 1 }, size)).toEqual({ row: 2, column: 1 })
})

test.each([
  ['ArrowUp', { row: 0, column: 1 }],
  ['ArrowDown', { row: 1, column: 1 }],
  ['ArrowLeft', { row: 0, column: 0 }],
  ['ArrowRight', { row: 0, column: 1 }],
])('%s holds at the edge', (key, to) => {
  expect(arrow({ row: 0, column: 1 }, key, size)).toEqual(to)
})

test('one key can say a whole word, letters cannot', () => {
  expect(['=', '-', '!', '?', 'a'].map(shorthand)).toEqual(['right', 'blank', 'away', 'unsure', undefined])
})

test('a spot that is not there is the nearest that is', () => {
  expect(within({ row: 98, column: 0 }, size)).toEqual({ row: 2, column: 0 })
  expect(within({ row: 1, column: 7 }, size)).toEqual({ row: 1, column: 1 })
  expect(within({ row: 1, column: 1 }, { rows: 0, columns: 0 })).toEqual({ row: 0, column: 0 })
})
