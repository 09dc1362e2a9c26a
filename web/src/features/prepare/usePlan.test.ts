import { expect, test } from 'vitest'
import { moved, predictable } from './usePlan'

test('moves a word and leaves the list alone at its ends', () => {
  expect(moved(['a', 'b', 'c'], 2, -1)).toEqual(['a', 'c', 'b'])
  expect(moved(['a', 'b', 'c'], 0, -1)).toEqual(['a', 'b', 'c'])
  expect(moved(['a', 'b', 'c'], 2, 1)).toEqual(['a', 'b', 'c'])
})

test.each([
  ['one side only', ['DUE', 'DUE', 'DUE', 'DUE'], /one side/],
  ['a run of three', ['DUE', 'NOT_DUE', 'NOT_DUE', 'NOT_DUE', 'DUE'], /Words 2 to 4/],
])('warns of %s', (_, sides, warning) => {
  expect(predictable(sides)).toMatch(warning)
})

test('says nothing of a mixed list, or of words that test nothing', () => {
  expect(predictable(['DUE', 'NOT_DUE', 'DUE', 'NOT_DUE'])).toBeUndefined()
  expect(predictable([null, null, null, null, 'DUE'])).toBeUndefined()
})
