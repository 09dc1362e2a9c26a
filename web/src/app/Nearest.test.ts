import { expect, test } from 'vitest'
import type { Summary } from '../api/client'
import { nearest } from './Nearest'

const summary = (id: number, state: Summary['state'], marked: number): Summary => ({
  id, state, marked, papers: 26, words: 10, date: '2026-03-02', rule: 'final-j', ruleName: 'dge or ge',
})
const all = [summary(1, 'ANSWERED', 26), summary(2, 'GIVEN', 13), summary(3, 'PLANNED', 0)]

test('marking means the unfinished papers, preparing the next plan', () => {
  expect(nearest(all, 'mark')?.id).toBe(2)
  expect(nearest(all, 'prepare')?.id).toBe(3)
  expect(nearest([summary(1, 'ANSWERED', 26)], 'mark')?.id).toBe(1)
  expect(nearest([summary(1, 'ANSWERED', 26)], 'dictate')).toBeUndefined()
})
