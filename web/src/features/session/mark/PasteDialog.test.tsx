import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test, vi } from 'vitest'
import { cell } from '../../../test/made-up'
import { show } from '../../../test/page'
import { answer, askedOf, fail } from '../../../test/server'
import { PasteDialog } from './PasteDialog'

const PATH = '/api/sessions/9/paste'
const found = [
  { pupil: 'Anwen', item: 'badge', written: 'bage', stands: '' },
  { pupil: 'Bashir', item: 'cage', written: 'caj', stands: 'kage' },
]
const bad = [{ row: 4, column: 1, text: 'Zed', reason: 'nobody in the class is called so' }]

test('shows what would go in and names what cannot; then the good cells go in', async () => {
  answer('post', PATH, { found, same: 2, bad, kept: [] })
  const taken = vi.fn()
  const close = vi.fn()
  show(<PasteDialog session={9} taken={taken} close={close} />, '/mark', '/mark')
  await userEvent.click(screen.getByLabelText('The block'))
  await userEvent.paste('\tbadge\nAnwen\tbage\n')
  expect(await screen.findByText('row 4, column 1,', { exact: false })).toBeDefined()
  expect(screen.getByText('one answer')).toBeDefined()
  expect(screen.getByLabelText('Something else stands there').textContent).toContain('Bashir, cage: kage stands there, caj is in the block')
  answer('post', PATH, { found, same: 2, bad, kept: [cell(3, 7, 'bage')] })
  await userEvent.click(screen.getByLabelText(/put those in too/))
  await userEvent.click(screen.getByRole('button', { name: 'Put two answers in' }))
  await waitFor(() => expect(close).toHaveBeenCalled())
  expect(askedOf('post', PATH).at(-1)?.body).toEqual({ text: '\tbadge\nAnwen\tbage\n', keep: true, replace: true })
  expect(taken.mock.calls[0]?.[0]).toHaveLength(1)
})

test('says why a block cannot be read, and the text stays', async () => {
  fail('post', PATH, 400, 'It cannot be read as cells.')
  show(<PasteDialog session={9} taken={() => undefined} close={() => undefined} />, '/mark', '/mark')
  await userEvent.click(screen.getByLabelText('The block'))
  await userEvent.paste('name,"bage')
  expect(await screen.findByText('It cannot be read as cells.')).toBeDefined()
  expect(screen.getByLabelText('The block')).toHaveProperty('value', 'name,"bage')
})
