import { fireEvent, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, test } from 'vitest'
import { session } from '../../../test/made-up'
import { show } from '../../../test/page'
import { answer } from '../../../test/server'
import { PrintPage } from './PrintPage'

beforeEach(() => answer('get', '/api/sessions/9', session()))

const open = (at = '/print/9') => show(<PrintPage />, '/print/:id', at)
const toPrint = async () => (await screen.findByRole('link', { name: 'Open to print' })).getAttribute('href')

test('opens the paper that is chosen, as it is to be, and keeps that in the address', async () => {
  open()
  expect(await toPrint()).toBe('/api/sessions/9/sheet.pdf?')
  await userEvent.click(screen.getByLabelText(/on Letter paper/))
  await userEvent.click(screen.getByLabelText(/one for each child/))
  await userEvent.click(screen.getByLabelText(/large print/))
  expect(await toPrint()).toBe('/api/sessions/9/sheet.pdf?size=LETTER&type=LARGE&names=true')
  expect(screen.getByLabelText('address').textContent).toContain('names=true')
  await userEvent.click(screen.getByLabelText(/Answers/))
  expect(await toPrint()).toContain('/api/sessions/9/key.pdf')
  expect(screen.queryByLabelText(/one for each child/)).toBeNull()
})

test('shows the first page once it is drawn, or says that it could not be', async () => {
  open('/print/9?paper=key')
  const picture = await screen.findByAltText('First page: Answers')
  expect(picture.getAttribute('src')).toBe('/api/sessions/9/key.png?')
  expect(screen.getByRole('status', { name: 'Loading' })).toBeDefined()
  fireEvent.load(picture)
  expect(screen.queryByRole('status', { name: 'Loading' })).toBeNull()
  fireEvent.error(picture)
  expect(screen.getByRole('alert').textContent).toContain('could not be drawn')
})
