import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { render, screen, waitFor } from '@testing-library/react'
import { Suspense } from 'react'
import userEvent from '@testing-library/user-event'
import { MemoryRouter } from 'react-router'
import { beforeEach, expect, test } from 'vitest'
import told from '../test/kinds.json'
import { limpet, map, rule, summary } from '../test/made-up'
import { TODAY } from '../test/page'
import { answer, askedOf, fail, noContent, problem } from '../test/server'
import { Teachers } from './Teachers'

beforeEach(() => {
  answer('get', '/api/login', { user: { name: 'demo', role: 'LEAD' }, first: false, today: TODAY })
  answer('get', '/api/classes', [limpet, { ...limpet, id: 2, name: 'Class Winkle' }])
  answer('get', '/api/classes/*/sessions', [summary])
  answer('get', '/api/classes/*/map', map)
  answer('get', '/api/kinds', told)
  answer('get', '/api/rules', [rule])
  answer('get', '/api/accents', [{ id: 'en-GB', name: 'Southern British' }])
  answer('get', '/api/marking/progress', { running: false, left: 0, total: 0, aside: 0 })
})

function open(at = '/') {
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <MemoryRouter initialEntries={[at]}>
        <Suspense>
          <Teachers />
        </Suspense>
      </MemoryRouter>
    </QueryClientProvider>,
  )
}

test('asks who it is before anything else', async () => {
  answer('get', '/api/login', { user: null, first: false, today: TODAY })
  open()
  expect(await screen.findByLabelText('Password')).toBeDefined()
})

test('opens the week of the first class, with every page in the rail', async () => {
  open()
  expect(await screen.findByRole('heading', { name: 'This week' })).toBeDefined()
  const rail = screen.getByRole('navigation', { name: 'Pages' })
  expect([...rail.querySelectorAll('a')].map((a) => a.textContent)).toEqual(['Week', 'Prepare', 'Dictate', 'Mark', 'Respond', 'Rules', 'Sounds', 'Words', 'Texts', 'Deck', 'Class'])
})

test('a new teacher makes a class first', async () => {
  answer('get', '/api/classes', [])
  open()
  expect(await screen.findByRole('heading', { name: 'Your class' })).toBeDefined()
})

test('goes to another class', async () => {
  open()
  await userEvent.selectOptions(await screen.findByLabelText('Class'), 'Class Winkle')
  await waitFor(() => expect(askedOf('get', '/api/classes/2/sessions')).not.toEqual([]))
})

test('says that nothing is planned, and where to plan', async () => {
  open('/class/1/prepare')
  expect(await screen.findByText('No session is planned from today on.')).toBeDefined()
  expect(screen.getByRole('link', { name: 'Plan one in the week' })).toBeDefined()
})

test('says when the server is away, and tries again', async () => {
  fail('get', '/api/login', undefined, '', 1)
  open()
  await userEvent.click(await screen.findByRole('button', { name: 'Try again' }))
  expect(await screen.findByRole('heading', { name: 'This week' })).toBeDefined()
})

test('asks for the password in place when the login has ended, and goes on with what it was doing', async () => {
  let ended = true
  answer('get', '/api/classes/*/sessions', () => (ended ? problem(401, 'You are not logged in.') : ([summary] as never)))
  answer('post', '/api/login', ({ body }) => {
    if ((body as { password: string }).password !== 'demo-dettato') return problem(401, 'Name and password do not match.')
    ended = false
    return { user: { name: 'demo', role: 'LEAD' }, first: false, today: TODAY }
  })
  open()
  await userEvent.type(await screen.findByLabelText('Password of demo'), 'guess{Enter}')
  expect((await screen.findByText('Name and password do not match.'))).toBeDefined()
  await userEvent.clear(screen.getByLabelText('Password of demo'))
  await userEvent.type(screen.getByLabelText('Password of demo'), 'demo-dettato{Enter}')
  expect(await screen.findByText('1 of 2 papers marked')).toBeDefined()
})

test('says how far marking anew has come', async () => {
  answer('get', '/api/marking/progress', { running: true, left: 30, total: 120, aside: 0 })
  open()
  expect(await screen.findByLabelText('90 of 120 attempts')).toBeDefined()
})

test('says how many answers a newer version could not mark', async () => {
  answer('get', '/api/marking/progress', { running: false, left: 0, total: 0, aside: 2 })
  open()
  expect(await screen.findByText('2 answers could not be marked again')).toBeDefined()
})

test('logs out, or says why it could not', async () => {
  fail('delete', '/api/login', undefined, '', 1)
  open()
  await userEvent.click(await screen.findByRole('button', { name: /log out/ }))
  expect((await screen.findByText(/cannot be reached/))).toBeDefined()
  answer('delete', '/api/login', noContent)
  answer('get', '/api/login', { user: null, first: false, today: TODAY })
  await userEvent.click(screen.getByRole('button', { name: /log out/ }))
  expect(await screen.findByLabelText('Password')).toBeDefined()
})
