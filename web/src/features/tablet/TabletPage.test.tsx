import { cleanup, render, screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, test } from 'vitest'
import { answer, askedOf, fail, noContent, problem } from '../../test/server'
import { TabletPage } from './TabletPage'

const ITEM = '/api/tablet/items/*'
const asked = (id: number, over = {}) => ({ id, reading: '', before: '', after: '', options: [], isLong: false, ...over })
const sheet = { name: 'Anwen', items: [asked(7), asked(8, { before: 'The gull sat on the', after: '.' }), asked(10, { isLong: true })], written: [], handedIn: false }

beforeEach(() => {
  answer('post', '/api/tablet/join', { className: 'Class Limpet', children: [{ id: 3, name: 'Anwen' }, { id: 4, name: 'Bashir' }] })
  answer('post', '/api/tablet/sit', { token: 't0' })
  answer('get', '/api/tablet/sheet', sheet)
  answer('put', ITEM, noContent)
  answer('post', '/api/tablet/hand-in', noContent)
})

function open(at = '/write') {
  window.history.replaceState(null, '', at)
  render(<TabletPage />)
}
const written = () => askedOf('put', ITEM).map((a) => [a.path.replace(/.*items\//, ''), (a.body as { written: string }).written, a.headers.get('Tablet-Token')])

async function sitDown() {
  open('/write?code=abc234')
  await userEvent.click(await screen.findByRole('button', { name: 'Anwen' }))
  return screen.findByLabelText('Number 1')
}

test('a code, a name, one thing at a time by keys alone, and the paper is handed in', async () => {
  open()
  await userEvent.type(screen.getByLabelText('What is the code?'), 'abc234{Enter}')
  await userEvent.click(await screen.findByRole('button', { name: 'Anwen' }))
  expect(await screen.findByLabelText('Number 1')).toBe(document.activeElement)
  await userEvent.keyboard('bage{Enter}')
  expect(screen.getByText(/The gull sat on the/)).toBeDefined()
  await userEvent.keyboard('lege{Enter}')
  await userEvent.keyboard('The gul sat.{Enter}')
  await userEvent.click(await screen.findByRole('button', { name: 'Hand in' }))
  expect(await screen.findByText('Thank you, Anwen.')).toBeDefined()
  expect(written()).toEqual([
    ['7', 'bage', 't0'],
    ['8', 'lege', 't0'],
    ['10', 'The gul sat.', 't0'],
  ])
})

test('nothing corrects and nothing suggests', async () => {
  const input = await sitDown()
  for (const [name, value] of [['spellcheck', 'false'], ['autocapitalize', 'off'], ['autocomplete', 'off'], ['autocorrect', 'off']] as const) expect(input.getAttribute(name)).toBe(value)
})

test('a wrong code is said so', async () => {
  fail('post', '/api/tablet/join', 404, 'No class has this code now. Look again.')
  open()
  await userEvent.type(screen.getByLabelText('What is the code?'), 'zzz{Enter}')
  expect((await screen.findByRole('alert')).textContent).toContain('No class has this code')
})

test('a dropped line: what is written waits, also across a reload, and is sent when it is there again', async () => {
  let down = true
  answer('put', ITEM, () => (down ? problem(503, 'down') : noContent()))
  await sitDown()
  await userEvent.keyboard('bage{Enter}')
  expect(await screen.findByText('1 not sent yet')).toBeDefined()
  await userEvent.keyboard('leg')
  cleanup()
  down = false
  open()
  expect(await screen.findByLabelText('Number 2')).toHaveProperty('value', 'leg')
  await waitFor(() => expect(written().at(-1)).toEqual(['7', 'bage', 't0']))
})

test('when the teacher has ended it, what was written stays on the page', async () => {
  answer('put', ITEM, () => problem(404, 'This has ended. Ask your teacher.'))
  await sitDown()
  await userEvent.keyboard('bage{Enter}')
  expect((await screen.findByRole('alert')).textContent).toContain('This has ended. Ask your teacher. What you wrote is still on this page.')
  expect(window.localStorage.getItem('dettato.tablet')).toContain('bage')
})
