import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, test } from 'vitest'
import { map, rule, session, sounds, summary } from '../../test/made-up'
import { show } from '../../test/page'
import { answer, askedOf, fail, noContent, problem } from '../../test/server'
import { Week } from './Week'

const planned = { ...summary, id: 12, state: 'PLANNED' as const, date: '2026-03-05', title: 'ck, k or c at the end', marked: 0 }

beforeEach(() => {
  answer('get', '/api/classes/1/sessions', [summary, planned])
  answer('get', '/api/templates', [
    { id: 'dictation', name: 'Words and a sentence', says: 'both sides', minutes: 25, blocks: [] },
    { id: 'contrast', name: 'Two sides', says: 'pairs, words, gaps', minutes: 30, blocks: [] },
  ])
  answer('get', '/api/classes/1/map', map)
  answer('get', '/api/rules', [rule])
  answer('get', '/api/sounds', sounds)
})

const open = (at = '/week') => show(<Week />, '/week', at)

test('shows what is half marked and makes it the next step', async () => {
  open()
  expect((await screen.findByRole('link', { name: /^Next/ })).textContent).toContain('Mark the last paper')
  expect(screen.getByText('1 of 2 papers marked')).toBeDefined()
  expect(screen.getByText(/two words, sentence · 17 min · given/)).toBeDefined()
})

test('turns to any week and back, in the address', async () => {
  open()
  await userEvent.click(await screen.findByRole('button', { name: 'The week before' }))
  expect(await screen.findByRole('heading', { name: 'Week of Monday 23 February' })).toBeDefined()
  expect(screen.getByLabelText('address').textContent).toBe('/week?week=2026-02-23')
  expect(askedOf('get', '/api/classes/1/sessions').at(-1)?.query).toEqual({ from: '2026-02-09', to: '2026-03-15' })
  await userEvent.click(screen.getByRole('button', { name: 'This week' }))
  expect(await screen.findByRole('heading', { name: 'This week' })).toBeDefined()
  expect(screen.getByLabelText('address').textContent).toBe('/week')
})

test('says what the papers say, with an example and the way to its evidence', async () => {
  open()
  const patterns = await screen.findByRole('region', { name: 'What the last papers say' })
  expect(patterns.textContent).toContain('left out')
  expect(patterns.textContent).toContain('badge as bage')
  expect(within(patterns).getByRole('link').getAttribute('href')).toBe('/class/1/respond?child=4&rule=final-j')
})

test('says what a pattern needs when there is none', async () => {
  answer('get', '/api/classes/1/map', { ...map, groups: [] })
  open()
  expect(await screen.findByText(/A pattern needs failures/)).toBeDefined()
})

test('plans a session on a day, and not before it is asked to', async () => {
  answer('post', '/api/classes/1/sessions', session({ id: 12 }))
  open()
  await userEvent.click(await screen.findByRole('button', { name: 'Plan a session on Friday 6 March' }))
  await userEvent.selectOptions(await screen.findByLabelText('What it is about'), 'final-j')
  expect(askedOf('post', '/api/classes/1/sessions')).toEqual([])
  await userEvent.click(screen.getByRole('button', { name: 'Plan it' }))
  await waitFor(() => expect(screen.getByLabelText('address').textContent).toBe('/class/1/prepare/12'))
  expect(askedOf('post', '/api/classes/1/sessions')[0]?.body).toEqual({ date: '2026-03-06', focus: [{ rule: 'final-j' }], pupils: [] })
})

test('plans from a template', async () => {
  answer('post', '/api/classes/1/sessions', session({ id: 12 }))
  open()
  await userEvent.click(await screen.findByRole('button', { name: 'Plan a session on Friday 6 March' }))
  await userEvent.selectOptions(await screen.findByLabelText('What it is about'), 'final-j')
  await userEvent.selectOptions(screen.getByLabelText('Which kind of session'), 'Two sides')
  await userEvent.click(screen.getByRole('button', { name: 'Plan it' }))
  await waitFor(() => expect(askedOf('post', '/api/classes/1/sessions')[0]?.body).toEqual({ date: '2026-03-06', focus: [{ rule: 'final-j' }], pupils: [], template: 'contrast' }))
})

test('one key plans what the class needs, or what a group of it does', async () => {
  answer('post', '/api/classes/1/sessions', session({ id: 12 }))
  open()
  await screen.findByText(/badge/)
  await userEvent.click(await screen.findByRole('button', { name: 'Plan a session on Friday 6 March' }))
  expect((await screen.findByLabelText<HTMLSelectElement>('What it is about')).value).toBe('needs')
  await userEvent.selectOptions(screen.getByLabelText('For whom'), 'Bashir: dge or ge at the end')
  await userEvent.click(screen.getByRole('button', { name: 'Plan it' }))
  await waitFor(() => expect(askedOf('post', '/api/classes/1/sessions')[0]?.body).toEqual({ date: '2026-03-06', focus: [{ needs: true }], pupils: [4] }))
})

test('a sound is offered with its taught spellings', async () => {
  answer('post', '/api/classes/1/sessions', session({ id: 12 }))
  open()
  await userEvent.click(await screen.findByRole('button', { name: 'Plan a session on Friday 6 March' }))
  await userEvent.selectOptions(await screen.findByLabelText('What it is about'), '/eɪ/ as a-e, ai')
  await userEvent.click(screen.getByRole('button', { name: 'Plan it' }))
  await waitFor(() => expect(askedOf('post', '/api/classes/1/sessions')[0]?.body).toMatchObject({ focus: [{ sound: 'eɪ', graphemes: ['a_e', 'ai'] }] }))
})

test('a session is copied, or moved with all that is on it', async () => {
  answer('post', '/api/sessions/12/copy', session({ id: 13 }))
  answer('get', '/api/sessions/12', session({ id: 12 }))
  answer('put', '/api/sessions/12', session({ id: 12, version: 4 }))
  open()
  await userEvent.selectOptions(await screen.findByLabelText('What to do with ck, k or c at the end'), 'next week')
  await waitFor(() => expect(askedOf('post', '/api/sessions/12/copy')[0]?.body).toEqual({ date: '2026-03-12', classId: 1 }))
  await userEvent.selectOptions(await screen.findByLabelText('What to do with ck, k or c at the end'), 'move 2026-03-06')
  await waitFor(() => expect(askedOf('put', '/api/sessions/12')[0]?.body).toMatchObject({ date: '2026-03-06', blocks: [{ id: 51, items: [{ id: 7 }, { id: 8 }] }, { id: 52 }] }))
})

test('a session is taken up from a file, or it is said why not', async () => {
  answer('post', '/api/classes/1/sessions/file', session({ id: 14, date: '2026-03-05' }))
  open()
  await userEvent.upload(await screen.findByLabelText('A session from a file'), new File(['{"format":"dettato-session-1"}'], 'session.json', { type: 'application/json' }))
  expect(await screen.findByText(/stands on Thursday 5 March/)).toBeDefined()
  expect(askedOf('post', '/api/classes/1/sessions/file')[0]?.body).toEqual({ format: 'dettato-session-1' })
  answer('post', '/api/classes/1/sessions/file', () => problem(400, 'format: must match dettato-session-1'))
  await userEvent.upload(screen.getByLabelText('A session from a file'), new File(['{"format":1}'], 'session.json', { type: 'application/json' }))
  expect((await screen.findByRole('alert')).textContent).toContain('dettato-session-1')
})

test('a form that is left plans nothing', async () => {
  open()
  await userEvent.click(await screen.findByRole('button', { name: 'Plan a session on Friday 6 March' }))
  await userEvent.click(screen.getByRole('button', { name: 'Leave it' }))
  expect(screen.queryByLabelText('What it is about')).toBeNull()
})

test('a plan is taken away, and put back by Undo', async () => {
  answer('delete', '/api/sessions/12', noContent)
  answer('post', '/api/sessions/12/restore', session({ id: 12 }))
  open()
  await userEvent.selectOptions(await screen.findByLabelText('What to do with ck, k or c at the end'), 'away')
  expect(await screen.findByText(/is taken away/)).toBeDefined()
  expect(askedOf('delete', '/api/sessions/12')[0]?.headers.get('If-Match')).toBe('"3"')
  expect(screen.queryByLabelText('What to do with ck, k or c at the end')).toBeNull()
  await userEvent.click(screen.getByRole('button', { name: 'Undo' }))
  expect(await screen.findByLabelText('What to do with ck, k or c at the end')).toBeDefined()
})

test('says why a plan stays', async () => {
  answer('delete', '/api/sessions/12', () => problem(409, '2 papers of this session are kept, so it stays.'))
  open()
  await userEvent.selectOptions(await screen.findByLabelText('What to do with ck, k or c at the end'), 'away')
  expect((await screen.findByRole('alert')).textContent).toContain('so it stays')
  expect(screen.getByLabelText('What to do with ck, k or c at the end')).toBeDefined()
})

test('a session at the weekend is not lost from view', async () => {
  answer('get', '/api/classes/1/sessions', [{ ...planned, date: '2026-03-07' }])
  open()
  expect((await screen.findByRole('link', { name: /^Saturday 7, ck/ })).getAttribute('href')).toBe('/class/1/prepare/12')
})

test('says why the week could not be read, and tries again when asked', async () => {
  fail('get', '/api/classes/1/sessions', 500)
  open()
  const again = await screen.findByRole('button', { name: 'Try again' })
  answer('get', '/api/classes/1/sessions', [summary])
  await userEvent.click(again)
  expect(await screen.findByText('1 of 2 papers marked')).toBeDefined()
})

test('the number of a day opens its plan', async () => {
  open()
  await screen.findByRole('button', { name: 'Plan a session on Friday 6 March' })
  await userEvent.keyboard('5')
  expect(await screen.findByLabelText('What it is about')).toBe(document.activeElement)
})
