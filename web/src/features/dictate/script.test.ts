import { expect, test } from 'vitest'
import type { Dictation } from '../../api/client'
import { calls, counted, moved, SENTENCE_STEPS, WORD_STEPS } from './script'

const dictation = { items: [{ word: 'ridge' }, { word: 'cage' }], sentence: 'The gull sat.' } as unknown as Dictation
const all = calls(dictation)

test('dictates the words, then the sentence', () => {
  expect(all.map((c) => (c.kind === 'word' ? c.item.word : c.text))).toEqual(['ridge', 'cage', 'The gull sat.'])
})

test.each([
  ['the next step', { call: 0, step: 0 }, 1, { call: 0, step: 1 }],
  ['the next item after the last step', { call: 0, step: WORD_STEPS.length - 1 }, 1, { call: 1, step: 0 }],
  ['the step before', { call: 1, step: 0 }, -1, { call: 0, step: WORD_STEPS.length - 1 }],
  ['nowhere before the first', { call: 0, step: 0 }, -1, { call: 0, step: 0 }],
  ['nowhere after the last', { call: 2, step: SENTENCE_STEPS.length - 1 }, 1, { call: 2, step: SENTENCE_STEPS.length - 1 }],
] as const)('goes to %s', (_, from, by, to) => {
  expect(moved(from, by, all)).toEqual(to)
})

test('counts in words', () => {
  expect([counted(1, 'sound'), counted(3, 'sound'), counted(14, 'letter')]).toEqual(['one sound', 'three sounds', '14 letters'])
})
