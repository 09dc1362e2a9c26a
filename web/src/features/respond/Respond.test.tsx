import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, test, vi } from 'vitest'
import { api } from '../../api/client'
import { dictation, map } from '../../test/made-up'
import { show } from '../../test/page'
import { Respond } from './Respond'

beforeEach(() => {
  vi.spyOn(api, 'map').mockResolvedValue(map)
})

test('says of each child and rule what the evidence allows', async () => {
  show(<Respond />, '/respond', '/respond')
  expect((await screen.findByLabelText('Bashir, dge or ge at the end: pattern, left out where due, 4 of 5')).textContent).toBe('▼ 4/5')
  expect(screen.getByLabelText('Anwen, dge or ge at the end: not enough words yet').textContent).toBe('–')
})

test('leaves out rules that no child has met', async () => {
  vi.spyOn(api, 'map').mockResolvedValue({ ...map, rules: [...map.rules, { id: 'qu', name: 'qu' }] })
  show(<Respond />, '/respond', '/respond')
  expect(await screen.findByRole('columnheader', { name: 'dge or ge at the end' })).toBeDefined()
  expect(screen.queryByRole('columnheader', { name: 'qu' })).toBeNull()
})

test('opens the evidence behind a cell and keeps it in the address', async () => {
  show(<Respond />, '/respond', '/respond')
  await userEvent.click(await screen.findByLabelText(/^Bashir, dge/))
  expect(screen.getByText('bage')).toBeDefined()
  expect(screen.getByText('9 right in a row would clear it.')).toBeDefined()
  expect(screen.getByLabelText('address').textContent).toBe('/respond?pupil=Bashir&rule=final-j')
})

test('a rule without evidence says so', async () => {
  show(<Respond />, '/respond', '/respond?pupil=Anwen&rule=final-j')
  expect(await screen.findByText('No word has tested it yet.')).toBeDefined()
})

test('shares out what goes wrong, in attempts', async () => {
  show(<Respond />, '/respond', '/respond')
  expect((await screen.findByText(/choosing letters/)).textContent).toContain('choosing letters 50 % · building words 25 % · hearing sounds 25 %')
  const bars = [...document.querySelectorAll<HTMLElement>('.bg-accent, .bg-primary, .bg-secondary')].map((b) => b.style.width)
  expect(bars).toEqual(['50%', '25%', '25%'])
})

test('opens a child sound by sound, patterns first, and keeps it in the address', async () => {
  const leaning = {
    kind: 'CONFUSION' as const,
    sound: 'θ',
    keyword: 'thin',
    written: '',
    label: 'f or v for th',
    opportunities: 5,
    failures: 4,
    probability: 0.98,
    pattern: true,
    examples: [{ date: '2026-03-02', target: 'bath', attempt: 'baf' }],
    wouldChange: '11 right in a row would clear it',
  }
  const slip = { ...leaning, label: 'a_e where another is due', sound: 'eɪ', keyword: 'rain', failures: 1, pattern: false }
  const asked = vi.spyOn(api, 'leanings').mockResolvedValue({ leanings: [leaning, slip], needs: { hearing: 3, choosing: 1, building: 0 } })
  show(<Respond />, '/respond', '/respond')
  expect((await screen.findByRole('button', { name: 'Anwen, sound by sound' })).textContent).toBe('Anwen')
  await userEvent.click(await screen.findByRole('button', { name: 'Bashir, sound by sound: 1 beside the rules' }))
  const card = await screen.findByRole('region', { name: 'Bashir, sound by sound' })
  expect(asked).toHaveBeenCalledWith(1, 4)
  expect(card.textContent).toContain('/θ/ as in thin: f or v for th · 4 of 5')
  expect(card.textContent).toContain('bath baf')
  expect(card.textContent).toContain('11 right in a row would clear it.')
  expect(card.textContent).toMatch(/A slip or two.*\/eɪ\/ as in rain: a_e where another is due, 1 of 5/)
  expect(card.textContent).toContain('hearing sounds 75 %')
  expect(screen.getByLabelText('address').textContent).toBe('/respond?pupil=Bashir')
})

test('a child without patterns is told so, and a failure can be tried again', async () => {
  const asked = vi.spyOn(api, 'leanings').mockRejectedValueOnce(new Error('The server is away.'))
  show(<Respond />, '/respond', '/respond?pupil=Anwen')
  expect(await screen.findByText(/The server is away/)).toBeDefined()
  asked.mockResolvedValue({ leanings: [], needs: { hearing: 0, choosing: 0, building: 0 } })
  await userEvent.click(screen.getByRole('button', { name: /again/i }))
  expect(await screen.findByText(/No sound is written otherwise/)).toBeDefined()
})

test('plans words for a group', async () => {
  const plan = vi.spyOn(api, 'plan').mockResolvedValue(dictation({ id: 12 }))
  show(<Respond />, '/respond', '/respond')
  await userEvent.click(await screen.findByRole('button', { name: 'Plan words on dge or ge at the end' }))
  expect(plan.mock.calls[0]?.[2]).toBe('final-j')
  await waitFor(() => expect(screen.getByLabelText('address').textContent).toBe('/class/1/prepare/12'))
})

test('says that nothing is marked yet', async () => {
  vi.spyOn(api, 'map').mockResolvedValue({ ...map, attempts: 0 })
  show(<Respond />, '/respond', '/respond')
  expect(await screen.findByText(/No papers are marked yet/)).toBeDefined()
})
