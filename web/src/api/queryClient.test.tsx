import { QueryClientProvider } from '@tanstack/react-query'
import { render, screen } from '@testing-library/react'
import { Suspense } from 'react'
import userEvent from '@testing-library/user-event'
import { BrowserRouter } from 'react-router'
import { afterEach, expect, test } from 'vitest'
import { Teachers } from '../app/Teachers'
import { limpet, map, rule } from '../test/made-up'
import { TODAY } from '../test/page'
import told from '../test/kinds.json'
import { answer, askedOf } from '../test/server'
import { newQueries } from './queryClient'

afterEach(() => window.history.replaceState(null, '', '/'))

/** Two classes that call things otherwise: neither is shown what was said to the other. */
test('what was said in the words of one class is not shown to another', async () => {
  answer('get', '/api/login', { user: { name: 'demo', role: 'LEAD' }, first: false, today: TODAY })
  answer('get', '/api/kinds', told)
  answer('get', '/api/classes', [limpet, { ...limpet, id: 2, name: 'Class Winkle' }])
  answer('get', '/api/classes/*/sessions', [])
  answer('get', '/api/classes/*/map', map)
  answer('get', '/api/sounds', [])
  answer('get', '/api/templates', [])
  answer('get', '/api/accents', [{ id: 'en-GB', name: 'Southern British' }])
  answer('get', '/api/marking/progress', { running: false, left: 0, total: 0, aside: 0 })
  answer('get', '/api/rules', ({ headers }) => [{ ...rule, name: headers.get('Dettato-Class') === '2' ? 'before a suffix' : 'before an ending' }])
  window.history.replaceState(null, '', '/class/1/rules')
  render(
    <QueryClientProvider client={newQueries(false)}>
      <BrowserRouter useTransitions={false}>
        <Suspense>
          <Teachers />
        </Suspense>
      </BrowserRouter>
    </QueryClientProvider>,
  )
  expect((await screen.findAllByText(/before an ending/)).length).toBeGreaterThan(0)
  await userEvent.selectOptions(screen.getByLabelText('Class'), 'Class Winkle')
  await userEvent.click(await screen.findByRole('link', { name: 'Rules' }))
  expect((await screen.findAllByText(/before a suffix/)).length).toBeGreaterThan(0)
  expect(screen.queryByText(/before an ending/)).toBeNull()
  await userEvent.selectOptions(screen.getByLabelText('Class'), 'Class Limpet')
  await userEvent.click(await screen.findByRole('link', { name: 'Rules' }))
  expect((await screen.findAllByText(/before an ending/)).length).toBeGreaterThan(0)
  expect(new Set(askedOf('get', '/api/rules').map((a) => a.headers.get('Dettato-Class')))).toEqual(new Set(['1', '2']))
})
