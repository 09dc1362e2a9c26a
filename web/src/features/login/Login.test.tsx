import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test, vi } from 'vitest'
import { api } from '../../api/client'
import { limpet } from '../../test/made-up'
import { show } from '../../test/page'
import { FirstClass } from './FirstClass'
import { Login } from './Login'

test('logs in from the keyboard', async () => {
  const logIn = vi.spyOn(api, 'logIn').mockResolvedValue({ user: { name: 'demo' }, first: false })
  show(<Login first={false} />, '/', '/')
  await userEvent.type(screen.getByLabelText('Name'), 'demo')
  await userEvent.type(screen.getByLabelText('Password'), 'demo-dettato{Enter}')
  expect(logIn).toHaveBeenCalledWith('demo', 'demo-dettato')
})

test('says that name and password do not match', async () => {
  vi.spyOn(api, 'logIn').mockRejectedValue(new Error('Name and password do not match.'))
  show(<Login first={false} />, '/', '/')
  await userEvent.type(screen.getByLabelText('Name'), 'demo')
  await userEvent.type(screen.getByLabelText('Password'), 'guess{Enter}')
  expect((await screen.findByRole('alert')).textContent).toBe('Name and password do not match.')
})

test('a new school makes its first account', async () => {
  const create = vi.spyOn(api, 'createFirst').mockResolvedValue({ user: { name: 'ada' }, first: false })
  show(<Login first />, '/', '/')
  await userEvent.type(screen.getByLabelText('Name'), 'ada')
  await userEvent.type(screen.getByLabelText('Password'), 'long enough{Enter}')
  expect(create).toHaveBeenCalledWith('ada', 'long enough')
})

test('makes a class from names, one a line', async () => {
  const create = vi.spyOn(api, 'createClass').mockResolvedValue(limpet)
  vi.spyOn(api, 'accents').mockResolvedValue([{ id: 'en-GB', name: 'Southern British' }, { id: 'en-US', name: 'General American' }])
  show(<FirstClass />, '/', '/')
  await screen.findByRole('option', { name: 'General American' })
  await userEvent.type(screen.getByLabelText('Its name'), 'Class Limpet')
  await userEvent.selectOptions(screen.getByLabelText('How you speak'), 'en-US')
  await userEvent.type(screen.getByLabelText(/First names or codes/), 'Ada{Enter}{Enter} Bea ')
  await userEvent.click(screen.getByRole('button', { name: 'Make the class' }))
  expect(create).toHaveBeenCalledWith('Class Limpet', 'en-US', ['Ada', 'Bea'])
})
