import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import { limpet } from '../../test/made-up'
import { show, TODAY } from '../../test/page'
import { answer, askedOf, problem } from '../../test/server'
import { FirstClass } from './FirstClass'
import { Login } from './Login'

const inside = { user: { name: 'demo', role: 'LEAD' }, first: false, today: TODAY }

test('logs in from the keyboard, with the token of the cookie', async () => {
  document.cookie = 'XSRF-TOKEN=a%2Fb'
  answer('post', '/api/login', inside)
  show(<Login first={false} />, '/', '/')
  await userEvent.type(screen.getByLabelText('Name'), 'demo')
  await userEvent.type(screen.getByLabelText('Password'), 'demo-dettato{Enter}')
  await waitFor(() => expect(askedOf('post', '/api/login')[0]?.body).toEqual({ username: 'demo', password: 'demo-dettato' }))
  expect(askedOf('post', '/api/login')[0]?.headers.get('X-XSRF-TOKEN')).toBe('a/b')
})

test('says that name and password do not match', async () => {
  answer('post', '/api/login', () => problem(401, 'Name and password do not match.'))
  show(<Login first={false} />, '/', '/')
  await userEvent.type(screen.getByLabelText('Name'), 'demo')
  await userEvent.type(screen.getByLabelText('Password'), 'guess{Enter}')
  expect((await screen.findByRole('alert')).textContent).toBe('Name and password do not match.')
})

test('a new school makes its first account', async () => {
  answer('post', '/api/accounts/first', inside)
  show(<Login first />, '/', '/')
  await userEvent.type(screen.getByLabelText('Name'), 'ada')
  await userEvent.type(screen.getByLabelText('Password'), 'long enough{Enter}')
  await waitFor(() => expect(askedOf('post', '/api/accounts/first')[0]?.body).toEqual({ username: 'ada', password: 'long enough' }))
})

test('makes a class from names, one a line', async () => {
  answer('post', '/api/classes', limpet as never)
  answer('get', '/api/accents', [{ id: 'en-GB', name: 'Southern British' }, { id: 'en-US', name: 'General American' }])
  show(<FirstClass />, '/', '/')
  await screen.findByRole('option', { name: 'General American' })
  await userEvent.type(screen.getByLabelText('Its name'), 'Class Limpet')
  await userEvent.selectOptions(screen.getByLabelText('How you speak'), 'en-US')
  await userEvent.type(screen.getByLabelText(/First names or codes/), 'Ada{Enter}{Enter} Bea ')
  await userEvent.click(screen.getByRole('button', { name: 'Make the class' }))
  await waitFor(() => expect(askedOf('post', '/api/classes')[0]?.body).toEqual({ name: 'Class Limpet', accent: 'en-US', pupils: ['Ada', 'Bea'] }))
})
