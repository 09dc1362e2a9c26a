import { expect, test } from 'vitest'
import type { Summary } from '../api/client'
import { summary } from '../test/made-up'
import { nearest, nextStep } from './next'

const TODAY = '2026-03-04'
const one = (id: number, date: string, state: Summary['state'], marked = 0, items = 3): Summary => ({ ...summary, id, date, state, marked, items })

test.each([
  ['half-marked papers first', [one(1, '2026-03-03', 'GIVEN', 1), one(2, TODAY, 'PLANNED')], 'mark/1'],
  ["today's session before what is told", [one(1, '2026-03-03', 'GIVEN', 2), one(2, TODAY, 'PLANNED')], 'dictate/2'],
  ['words for a sheet that has none', [one(2, TODAY, 'PLANNED', 0, 0)], 'prepare/2'],
  ['what the papers say when all are marked', [one(1, '2026-03-03', 'GIVEN', 2)], 'respond'],
  ['the next session that is planned', [one(1, '2026-03-03', 'ANSWERED', 2), one(2, '2026-03-06', 'PLANNED')], 'prepare/2'],
  ['nothing for a plan that was left lying', [one(1, '2026-01-12', 'PLANNED')], undefined],
  ['nothing for papers of long ago', [one(1, '2026-01-12', 'GIVEN', 1)], undefined],
  ['nothing when there is nothing', [], undefined],
] as const)('the next step is %s', (_, all, to) => {
  expect(nextStep(all, TODAY)?.to).toBe(to)
})

test.each([
  [26, 0, 'Mark the 26 papers'],
  [26, 13, 'Mark the other 13 papers'],
  [26, 25, 'Mark the last paper'],
  [1, 0, 'Mark the one paper'],
])('of %i papers with %i marked it says: %s', (papers, marked, says) => {
  expect(nextStep([{ ...one(1, TODAY, 'GIVEN', marked), papers }], TODAY)?.text).toBe(`${says} on ${summary.title}`)
})

test('a page of the rail opens what is next, not the oldest plan there ever was', () => {
  const all = [one(1, '2025-09-01', 'PLANNED'), one(2, '2026-03-02', 'GIVEN', 2), one(3, '2026-03-03', 'GIVEN', 1), one(4, '2026-03-09', 'PLANNED'), one(5, '2026-03-06', 'PLANNED')]
  expect(nearest(all, 'prepare', TODAY)?.id).toBe(5)
  expect(nearest(all, 'dictate', TODAY)?.id).toBe(5)
  expect(nearest(all, 'mark', TODAY)?.id).toBe(3)
  expect(nearest([], 'mark', TODAY)).toBeUndefined()
})
