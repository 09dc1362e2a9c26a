import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, test } from 'vitest'
import { evidence, map, session } from '../../test/made-up'
import { show } from '../../test/page'
import { answer, askedOf, fail } from '../../test/server'
import { Respond } from './Respond'

beforeEach(() => {
  answer('get', '/api/classes/1/map', map)
  answer('get', '/api/classes/1/pupils/4/rules/final-j', evidence)
})

const open = (at = '/respond') => show(<Respond />, '/respond', at)

test('says of each child and rule what the evidence allows', async () => {
  open()
  expect((await screen.findByLabelText('Bashir, dge or ge at the end: pattern, left out where due, 4 of 5')).textContent).toBe('▼ 4/5')
  expect(screen.getByLabelText('Anwen, dge or ge at the end: not enough words yet').textContent).toBe('–')
})

test('leaves out rules that no child has met', async () => {
  answer('get', '/api/classes/1/map', { ...map, rules: [...map.rules, { id: 'qu', name: 'qu' }] })
  open()
  expect(await screen.findByRole('columnheader', { name: 'dge or ge at the end' })).toBeDefined()
  expect(screen.queryByRole('columnheader', { name: 'qu' })).toBeNull()
})

test('asks for the evidence behind a cell when it is opened, and keeps the child by number in the address', async () => {
  open()
  const cell = await screen.findByLabelText(/^Bashir, dge/)
  expect(askedOf('get', '/api/classes/1/pupils/4/rules/final-j')).toEqual([])
  await userEvent.click(cell)
  expect(await screen.findByText('bage')).toBeDefined()
  expect(screen.getByText('9 right in a row would clear it.')).toBeDefined()
  expect(screen.getByText('The newest 2 of 5.')).toBeDefined()
  expect(screen.getByLabelText('address').textContent).toBe('/respond?child=4&rule=final-j')
})

test('says under which condition a rule is broken', async () => {
  show(<Respond />, '/respond', '/respond?child=4&rule=final-j')
  const broken = await screen.findByRole('region', { name: 'Broken' })
  expect(broken.textContent).toContain('one short vowel letter stands right before')
  expect(broken.textContent).toContain('4 of 5 failed')
})

test('a rule without evidence says so', async () => {
  answer('get', '/api/classes/1/pupils/3/rules/final-j', { rule: 'final-j', ruleName: 'x', evidence: [] })
  open('/respond?child=3&rule=final-j')
  expect(await screen.findByText('No word has tested it yet.')).toBeDefined()
})

test('evidence that cannot be had is asked for again', async () => {
  fail('get', '/api/classes/1/pupils/4/rules/final-j', undefined, '', 1)
  open('/respond?child=4&rule=final-j')
  await userEvent.click(await screen.findByRole('button', { name: 'Try again' }))
  expect(await screen.findByText('bage')).toBeDefined()
})

test('shares out what goes wrong, in attempts', async () => {
  open()
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
  answer('get', '/api/classes/1/pupils/4/leanings', { leanings: [leaning, slip], needs: { hearing: 3, choosing: 1, building: 0 } })
  open()
  expect((await screen.findByRole('button', { name: 'Anwen, sound by sound' })).textContent).toBe('Anwen')
  await userEvent.click(await screen.findByRole('button', { name: 'Bashir, sound by sound: 1 beside the rules' }))
  const card = await screen.findByRole('region', { name: 'Bashir, sound by sound' })
  expect(card.textContent).toContain('/θ/ as in thin: f or v for th · 4 of 5')
  expect(card.textContent).toContain('bath baf')
  expect(card.textContent).toContain('11 right in a row would clear it.')
  expect(card.textContent).toMatch(/A slip or two.*\/eɪ\/ as in rain: a_e where another is due, 1 of 5/)
  expect(card.textContent).toContain('hearing sounds 75 %')
  expect(screen.getByLabelText('address').textContent).toBe('/respond?child=4')
})

test('a child without patterns is told so, and a failure can be tried again', async () => {
  answer('get', '/api/classes/1/pupils/3/leanings', { leanings: [], needs: { hearing: 0, choosing: 0, building: 0 } })
  fail('get', '/api/classes/1/pupils/3/leanings', 500, 'The server is away.', 1)
  open('/respond?child=3')
  expect(await screen.findByText(/The server is away/)).toBeDefined()
  await userEvent.click(screen.getByRole('button', { name: /again/i }))
  expect(await screen.findByText(/No sound is written otherwise/)).toBeDefined()
})

test('plans words for a group on a school day', async () => {
  answer('post', '/api/classes/1/sessions', session({ id: 12 }))
  open()
  await userEvent.click(await screen.findByRole('button', { name: 'Plan words on dge or ge at the end for Wednesday 4' }))
  await waitFor(() => expect(screen.getByLabelText('address').textContent).toBe('/class/1/prepare/12'))
  expect(askedOf('post', '/api/classes/1/sessions')[0]?.body).toEqual({ date: '2026-03-04', focus: [{ rule: 'final-j' }], pupils: [4] })
})

test('says why words could not be planned', async () => {
  fail('post', '/api/classes/1/sessions')
  open()
  await userEvent.click(await screen.findByRole('button', { name: /^Plan words on dge/ }))
  expect((await screen.findByRole('alert')).textContent).toContain('cannot be reached')
})

test('says that nothing is marked yet', async () => {
  answer('get', '/api/classes/1/map', { ...map, attempts: 0 })
  open()
  expect(await screen.findByText(/No papers are marked yet/)).toBeDefined()
})
