import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, test, vi } from 'vitest'
import { api } from '../../api/client'
import { dictation, map, rule, summary } from '../../test/made-up'
import { show } from '../../test/page'
import { dayName, isoDay, schoolWeek } from './days'
import { Week } from './Week'

const today = schoolWeek(new Date())[2] ?? ''

beforeEach(() => {
  vi.spyOn(api, 'dictations').mockResolvedValue([{ ...summary, date: today }])
  vi.spyOn(api, 'map').mockResolvedValue(map)
  vi.spyOn(api, 'rules').mockResolvedValue([rule])
})

test('shows what is half marked and makes it the next step', async () => {
  show(<Week />, '/week', '/week')
  expect((await screen.findByRole('link', { name: /^Next/ })).textContent).toContain('Mark the other 1 papers')
  expect(screen.getByText('1 of 2 papers marked')).toBeDefined()
})

test('says what the papers say, with an example', async () => {
  show(<Week />, '/week', '/week')
  const patterns = await screen.findByRole('region', { name: 'What the last papers say' })
  expect(patterns.textContent).toContain('left out')
  expect(patterns.textContent).toContain('badge as bage')
})

test('says what a pattern needs when there is none', async () => {
  vi.spyOn(api, 'map').mockResolvedValue({ ...map, groups: [] })
  show(<Week />, '/week', '/week')
  expect(await screen.findByText(/A pattern needs failures/)).toBeDefined()
})

test('plans a dictation on a day', async () => {
  const plan = vi.spyOn(api, 'plan').mockResolvedValue(dictation({ id: 12 }))
  show(<Week />, '/week', '/week')
  const box = await screen.findByLabelText(`Plan a dictation on ${dayName(today, true)}`)
  await waitFor(() => expect(box).toHaveProperty('disabled', false))
  await userEvent.selectOptions(box, 'final-j')
  expect(plan).toHaveBeenCalledWith(1, today, 'final-j')
  await waitFor(() => expect(screen.getByLabelText('address').textContent).toBe('/class/1/prepare/12'))
})

test('says why the week could not be read, and tries again when asked', async () => {
  vi.spyOn(api, 'dictations').mockRejectedValueOnce(new Error('The server is away.'))
  show(<Week />, '/week', '/week')
  await userEvent.click(await screen.findByRole('button', { name: 'Try again' }))
  expect(await screen.findByText('1 of 2 papers marked')).toBeDefined()
})

test.each([
  ['a Wednesday', new Date(2026, 2, 4)],
  ['a Monday', new Date(2026, 2, 2)],
  ['the Sunday after', new Date(2026, 2, 8)],
])('the school week of %s runs from Monday to Friday', (_, date) => {
  expect(schoolWeek(date)).toEqual(['2026-03-02', '2026-03-03', '2026-03-04', '2026-03-05', '2026-03-06'])
})

test('writes days for the API and for people', () => {
  expect(isoDay(new Date(2026, 0, 5))).toBe('2026-01-05')
  expect(dayName('2026-03-17', true)).toBe('Tuesday 17 March')
})
