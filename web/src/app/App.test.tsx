import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { render } from '@testing-library/react'
import { MemoryRouter } from 'react-router'
import { beforeEach, expect, test, vi } from 'vitest'
import { api } from '../api/client'
import { limpet, map, rule, summary } from '../test/made-up'
import { App } from './App'

const session = vi.spyOn(api, 'session')

beforeEach(() => {
  session.mockResolvedValue({ user: { name: 'demo' }, first: false })
  vi.spyOn(api, 'classes').mockResolvedValue([limpet, { ...limpet, id: 2, name: 'Class Winkle' }])
  vi.spyOn(api, 'dictations').mockResolvedValue([summary])
  vi.spyOn(api, 'map').mockResolvedValue(map)
  vi.spyOn(api, 'rules').mockResolvedValue([rule])
  vi.spyOn(api, 'accents').mockResolvedValue([{ id: 'en-GB', name: 'Southern British' }])
})

function open(at = '/') {
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <MemoryRouter initialEntries={[at]}>
        <App />
      </MemoryRouter>
    </QueryClientProvider>,
  )
}

test('asks who it is before anything else', async () => {
  session.mockResolvedValue({ first: false })
  open()
  expect(await screen.findByLabelText('Password')).toBeDefined()
})

test('opens the week of the first class, with every page in the rail', async () => {
  open()
  expect(await screen.findByRole('heading', { name: 'This week' })).toBeDefined()
  const rail = screen.getByRole('navigation', { name: 'Pages' })
  expect([...rail.querySelectorAll('a')].map((a) => a.textContent)).toEqual(['Week', 'Prepare', 'Dictate', 'Mark', 'Respond', 'Rules', 'Sounds', 'Words'])
})

test('a new teacher makes a class first', async () => {
  vi.spyOn(api, 'classes').mockResolvedValue([])
  open()
  expect(await screen.findByRole('heading', { name: 'Your class' })).toBeDefined()
})

test('goes to another class', async () => {
  open()
  await userEvent.selectOptions(await screen.findByLabelText('Class'), 'Class Winkle')
  await waitFor(() => expect(api.dictations).toHaveBeenCalledWith(2))
})

test('says that nothing is planned, and where to plan', async () => {
  open('/class/1/prepare')
  expect(await screen.findByText('No dictation is planned.')).toBeDefined()
  expect(screen.getByRole('link', { name: 'Plan one in the week' })).toBeDefined()
})

test('says when the server is away, and tries again', async () => {
  session.mockRejectedValueOnce(new Error('The server is away.'))
  open()
  await userEvent.click(await screen.findByRole('button', { name: 'Try again' }))
  expect(await screen.findByRole('heading', { name: 'This week' })).toBeDefined()
})

test('logs out', async () => {
  const out = vi.spyOn(api, 'logOut').mockResolvedValue(undefined)
  open()
  await userEvent.click(await screen.findByRole('button', { name: /log out/ }))
  expect(out).toHaveBeenCalledOnce()
})
