import { expect, test } from 'vitest'
import { session } from '../../../test/made-up'
import { counted } from '../../../ui/words'
import { calls, moved, within } from './script'

const all = calls(session())

test('gives the words, then the sentence', () => {
  expect(all.map((c) => [c.kind.id, c.item.text])).toEqual([
    ['words', 'badge'],
    ['words', 'cage'],
    ['sentence', 'The gull sat on the ledge.'],
  ])
})

test.each([
  ['the next step', { call: 0, step: 0 }, 1, { call: 0, step: 1 }],
  ['the next item after the last step', { call: 0, step: 6 }, 1, { call: 1, step: 0 }],
  ['the step before', { call: 1, step: 0 }, -1, { call: 0, step: 6 }],
  ['nowhere before the first', { call: 0, step: 0 }, -1, { call: 0, step: 0 }],
  ['nowhere after the last', { call: 2, step: 4 }, 1, { call: 2, step: 4 }],
] as const)('goes to %s', (_, from, by, to) => {
  expect(moved(from, by, all)).toEqual(to)
})

test('an address that leads nowhere leads to the nearest place', () => {
  expect(within({ call: 99, step: 1 }, all)).toEqual({ call: 2, step: 1 })
  expect(within({ call: 0, step: 40 }, all)).toEqual({ call: 0, step: 6 })
  expect(within({ call: -3, step: -1 }, all)).toEqual({ call: 0, step: 0 })
})

test('counts in words', () => {
  expect([counted(1, 'sound'), counted(3, 'sound'), counted(14, 'letter')]).toEqual(['one sound', 'three sounds', '14 letters'])
})
