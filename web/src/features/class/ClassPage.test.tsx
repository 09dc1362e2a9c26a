import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, test } from 'vitest'
import type { Profile } from '../../api/client'
import { limpet, path } from '../../test/made-up'
import { show } from '../../test/page'
import { answer, askedOf, fail, problem } from '../../test/server'
import { ClassPage } from './ClassPage'

const everyone = limpet.pupils.map((p) => ({ ...p }))
const profile: Profile = { version: 2, accent: 'en-GB', step: 30, differentWords: 2, minutes: 20 }

beforeEach(() => {
  answer('get', '/api/classes/1/pupils', [...everyone, { id: 5, name: 'Cole', to: '2026-02-02' }])
  answer('get', '/api/classes/1/profile', profile)
  answer('get', '/api/classes/1/teachers', ['demo'])
  answer('get', '/api/templates', [])
  answer('get', '/api/accents', [{ id: 'en-GB', name: 'Southern British' }, { id: 'en-US', name: 'General American' }])
  answer('get', '/api/classes/1/sequence', path)
  let now = profile
  answer('get', '/api/classes/1/profile', () => now as never)
  answer('put', '/api/classes/1/profile', ({ body }) => (now = { ...(body as Profile), version: now.version + 1 }) as never)
})

const open = () => show(<ClassPage />, '/class', '/class')

test('shows who is there and who has left', async () => {
  open()
  expect(await screen.findByRole('heading', { name: 'Children · 2' })).toBeDefined()
  expect(screen.getByText(/left on Monday 2 February/)).toBeDefined()
})

test('adds children, commas between', async () => {
  answer('post', '/api/classes/1/pupils', [...everyone, { id: 6, name: 'Dai' }, { id: 7, name: 'Elin' }])
  open()
  await userEvent.type(await screen.findByLabelText(/to add/), 'Dai, Elin,{Enter}')
  expect(await screen.findByLabelText('Name of Elin')).toBeDefined()
  expect(askedOf('post', '/api/classes/1/pupils')[0]?.body).toEqual({ names: ['Dai', 'Elin'] })
  await waitFor(() => expect(screen.getByLabelText(/to add/)).toHaveProperty('value', ''))
})

test('says what is wrong with a name, and keeps what was typed', async () => {
  fail('post', '/api/classes/1/pupils', 400, "'Anwen' is there twice.")
  open()
  await userEvent.type(await screen.findByLabelText(/to add/), 'Anwen{Enter}')
  expect((await screen.findByRole('alert')).textContent).toContain('there twice')
  expect(screen.getByLabelText(/to add/)).toHaveProperty('value', 'Anwen')
})

test('renames a child when the name is left', async () => {
  answer('put', '/api/classes/1/pupils/3', [{ id: 3, name: 'Anwen R' }, everyone[1] ?? null])
  open()
  await userEvent.type(await screen.findByLabelText('Name of Anwen'), ' R{Enter}')
  expect(await screen.findByLabelText('Name of Anwen R')).toBeDefined()
  expect(askedOf('put', '/api/classes/1/pupils/3')[0]?.body).toEqual({ name: 'Anwen R' })
})

test('a child leaves, and comes back', async () => {
  answer('delete', '/api/classes/1/pupils/3', [{ ...everyone[0], to: '2026-03-04' } as never, everyone[1] ?? null])
  answer('post', '/api/classes/1/pupils/3/return', everyone)
  open()
  await userEvent.click(await screen.findByRole('button', { name: 'Anwen leaves the class' }))
  await userEvent.click(await screen.findByRole('button', { name: 'Anwen comes back' }))
  expect(await screen.findByRole('button', { name: 'Anwen leaves the class' })).toBeDefined()
})

test('keeps how far the class has come and what counts as a pattern, two fast changes both', async () => {
  open()
  await screen.findByRole('option', { name: '31: ai as in rain' })
  await userEvent.selectOptions(screen.getByLabelText(/^Taught up to/), '31: ai as in rain')
  await userEvent.selectOptions(screen.getByLabelText(/^Different words/), '3')
  await waitFor(() => expect(askedOf('put', '/api/classes/1/profile')).toHaveLength(2))
  expect(askedOf('put', '/api/classes/1/profile')[1]?.body).toEqual({ ...profile, version: 3, step: 31, differentWords: 3 })
})

test('settings changed elsewhere are shown, and nothing of theirs is overwritten', async () => {
  answer('put', '/api/classes/1/profile', () => problem(409, "The class's settings were changed meanwhile.", { current: { ...profile, version: 3, minutes: 30 } }))
  open()
  await screen.findByRole('option', { name: '31: ai as in rain' })
  answer('get', '/api/classes/1/profile', { ...profile, version: 3, minutes: 30 })
  await userEvent.selectOptions(screen.getByLabelText(/^Different words/), '3')
  expect((await screen.findByRole('alert')).textContent).toContain('changed meanwhile')
  await waitFor(() => expect(screen.getByLabelText(/^Minutes/)).toHaveProperty('value', '30'))
})

test('another teacher of the school may have the class too', async () => {
  answer('post', '/api/classes/1/teachers', ['demo', 'maren'])
  open()
  await userEvent.type(await screen.findByLabelText('Account of another teacher'), 'maren{Enter}')
  expect(await screen.findByText('demo, maren')).toBeDefined()
})
