import { expect, test } from 'vitest'
import { comingDays, dayName, daysOn, mondayOf, schoolDay, schoolWeek } from './days'

test.each([
  ['a Wednesday', '2026-03-04'],
  ['a Monday', '2026-03-02'],
  ['the Sunday after', '2026-03-08'],
])('the school week of %s runs from Monday to Friday', (_, day) => {
  expect(schoolWeek(day)).toEqual(['2026-03-02', '2026-03-03', '2026-03-04', '2026-03-05', '2026-03-06'])
})

test('counts days over the end of a month and a change of the clocks', () => {
  expect(daysOn('2026-03-28', 2)).toBe('2026-03-30')
  expect(daysOn('2026-03-01', -1)).toBe('2026-02-28')
  expect(mondayOf('2026-03-01')).toBe('2026-02-23')
})

test('no school day lies at the weekend', () => {
  expect(comingDays('2026-03-05', 3)).toEqual(['2026-03-06', '2026-03-09', '2026-03-10'])
  expect(schoolDay('2026-03-07')).toBe('2026-03-09')
  expect(schoolDay('2026-03-06')).toBe('2026-03-06')
})

test('names days for people', () => {
  expect(dayName('2026-03-17', true)).toBe('Tuesday 17 March')
  expect(dayName('2026-03-17')).toBe('Tuesday 17')
})
