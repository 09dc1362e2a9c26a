import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, test } from 'vitest'
import { session, sounds } from '../../test/made-up'
import { show } from '../../test/page'
import { answer, askedOf, fail } from '../../test/server'
import { Sounds } from './Sounds'

beforeEach(() => {
  answer('get', '/api/sounds', sounds)
  answer('post', '/api/classes/1/rivals', [
    { word: 'cake', grapheme: 'a_e', focus: 1, clue: '', units: [{ grapheme: 'c', phoneme: 'k' }, { grapheme: 'a_e', phoneme: 'eɪ' }, { grapheme: 'k', phoneme: 'k' }] },
    { word: 'rain', grapheme: 'ai', focus: 1, clue: '', units: [{ grapheme: 'r', phoneme: 'r' }, { grapheme: 'ai', phoneme: 'eɪ' }, { grapheme: 'n', phoneme: 'n' }] },
  ])
  answer('post', '/api/classes/1/sessions/words', session({ id: 44 }))
})

async function open(at = '/sounds') {
  show(<Sounds />, '/sounds', at)
  await screen.findByLabelText('ai as in rain')
}

test('lists a sound with its spellings, their shares and places, and what is taught', async () => {
  await open('/sounds?sound=eɪ')
  const table = screen.getByLabelText('Spellings of ai')
  expect(within(table).getByText('50 %')).toBeDefined()
  expect(within(table).getAllByRole('img', { name: '0 % at the start, 75 % at the middle, 25 % at the end' })).toHaveLength(3)
  expect(within(table).getByText('learnt word by word')).toBeDefined()
})

test('what is not taught yet says its step', async () => {
  await open('/sounds?sound=e')
  expect(screen.getByText('taught at step 40')).toBeDefined()
})

test('ticks rivals, gets words for them, and puts them on a sheet', async () => {
  await open('/sounds?sound=eɪ')
  await userEvent.click(screen.getByLabelText('Tick a-e'))
  await userEvent.click(screen.getByLabelText('Tick ai'))
  expect(screen.getByLabelText('address').textContent).toContain('tick=a_e%2Cai')
  await userEvent.click(screen.getByRole('button', { name: 'Get words' }))
  expect(await screen.findByRole('img', { name: 'cake' })).toBeDefined()
  expect(askedOf('post', '/api/classes/1/rivals')[0]?.body).toEqual({ sound: 'eɪ', graphemes: ['a_e', 'ai'], count: 12, taught: true, without: [], seed: 1 })
  expect(screen.getByText('Only 2 words fit.')).toBeDefined()
  await userEvent.click(screen.getByRole('button', { name: 'Put on its sheet' }))
  expect(await screen.findByRole('link', { name: 'Open the sheet' })).toBeDefined()
  expect(askedOf('post', '/api/classes/1/sessions/words')[0]?.body).toEqual({ date: '2026-03-05', kind: 'words', words: ['cake', 'rain'] })
})

test('says why words could not be put on a sheet, and keeps them', async () => {
  fail('post', '/api/classes/1/sessions/words', 400, 'Words: at most 40 in one block, not 41.')
  await open('/sounds?sound=eɪ&tick=ai&seed=1')
  await userEvent.click(await screen.findByRole('button', { name: 'Put on its sheet' }))
  expect((await screen.findByRole('alert')).textContent).toBe('Words: at most 40 in one block, not 41.')
  expect(screen.getByRole('img', { name: 'rain' })).toBeDefined()
})

test('turns round to a spelling and its sounds', async () => {
  await open()
  await userEvent.click(screen.getByRole('button', { name: 'By spelling' }))
  await userEvent.click(screen.getByRole('button', { name: 'ea' }))
  expect(within(screen.getByLabelText('Sounds of ea')).getByText('75 %')).toBeDefined()
  expect(screen.getByLabelText('address').textContent).toBe('/sounds?way=graphemes&grapheme=ea')
})
