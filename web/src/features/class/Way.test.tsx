import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, test } from 'vitest'
import type { Profile } from '../../api/client'
import { choices, limpet, path } from '../../test/made-up'
import { show } from '../../test/page'
import { answer, askedOf, fail } from '../../test/server'
import { ClassPage } from './ClassPage'

const profile: Profile = { version: 2, accent: 'en-GB', step: 30, differentWords: 2, minutes: 20, choices }
const option = (id: string, title: string) => ({ id, title, changes: `changes with ${id}`, example: `${id} shown` })
const drawing = { width: 2000, top: 860, bottom: 300, letters: [{ text: 'sh', x: 80, hollow: false }], lines: [{ shape: 'UNDERLINE', path: 'M 80 290 L 900 290', paint: 'LINE', strong: true }], says: 'line close under sh' } as const

beforeEach(() => {
  let now = profile
  answer('get', '/api/classes/1/profile', () => now as never)
  answer('put', '/api/classes/1/profile', ({ body }) => (now = { ...(body as Profile), version: now.version + 1 }) as never)
  answer('get', '/api/choices', {
    choices: [{ id: 'counting', title: 'How many sounds', options: [option('GIVEN', 'the teacher says it'), option('FOUND', 'the class finds it')] }],
    terms: [
      { id: 'beat', usual: 'beat', grammar: 'syllable', american: 'beat', about: 'rab-bit has two' },
      { id: 'full-stop', usual: 'full stop', grammar: 'full stop', american: 'period', about: 'ends a sentence' },
    ],
    meanings: [
      { id: 'SOUND', title: 'each sound', says: 'one mark', shapes: [{ id: 'UNDERLINE', title: 'underline' }, { id: 'RING', title: 'ring' }] },
      { id: 'DOUBLE', title: 'a doubled consonant', says: 'twice', shapes: [{ id: 'RING', title: 'ring' }, { id: 'UNDERLINE', title: 'underline' }] },
    ],
  } as never)
  answer('post', '/api/notation/preview', { words: [{ text: 'shell', drawing }], legend: [{ meaning: 'SOUND', shape: 'UNDERLINE', title: 'each sound', drawing }] } as never)
})

test('a choice says what it changes, shows it, and is kept at once', async () => {
  show(<ClassPage />, '/class', '/class?show=way')
  const select = await screen.findByLabelText(/How many sounds/)
  expect(screen.getByText('changes with GIVEN')).toBeDefined()
  await userEvent.selectOptions(select, 'FOUND')
  expect(await screen.findByText('FOUND shown')).toBeDefined()
  expect(askedOf('put', '/api/classes/1/profile')[0]?.body).toMatchObject({ version: 2, choices: { ...choices, counting: 'FOUND' } })
})

test('chunks are kept when the field is left, and asked for only where they are used', async () => {
  show(<ClassPage />, '/class', '/class?show=way')
  await screen.findByLabelText(/How many sounds/)
  expect(screen.queryByLabelText(/Chunks we teach/)).toBeNull()
  answer('get', '/api/classes/1/profile', { ...profile, choices: { ...choices, parting: 'CHUNKS' } } as never)
  show(<ClassPage />, '/class', '/class?show=way')
  await userEvent.type(await screen.findByLabelText(/Chunks we teach/), 'Ing, all{Enter}')
  await waitFor(() => expect(askedOf('put', '/api/classes/1/profile').at(-1)?.body).toMatchObject({ choices: { chunks: ['ing', 'all'] } }))
})

test('words are drawn with the marks, each told in words, and a legend beside', async () => {
  show(<ClassPage />, '/class', '/class?show=marks')
  expect(await screen.findByRole('img', { name: 'shell: line close under sh' })).toBeDefined()
  expect(within(screen.getByRole('list', { name: 'What the marks mean' })).getByText('each sound')).toBeDefined()
})

test('a shape that means something is not offered for another meaning', async () => {
  show(<ClassPage />, '/class', '/class?show=marks')
  const doubled = await screen.findByLabelText(/a doubled consonant/)
  expect(within(doubled).getByRole('option', { name: 'underline (in use)' })).toHaveProperty('disabled', true)
  await userEvent.selectOptions(doubled, 'RING')
  await waitFor(() => expect(askedOf('put', '/api/classes/1/profile')[0]?.body).toMatchObject({ choices: { notation: { signs: { SOUND: 'UNDERLINE', DOUBLE: 'RING' } } } }))
  await userEvent.selectOptions(await screen.findByRole('combobox', { name: /^each sound/ }), '')
  await waitFor(() => expect(askedOf('put', '/api/classes/1/profile')[1]?.body).toMatchObject({ choices: { notation: { signs: { DOUBLE: 'RING' } } } }))
})

test('two quick changes both stand', async () => {
  show(<ClassPage />, '/class', '/class?show=marks')
  const doubled = await screen.findByLabelText(/a doubled consonant/)
  const sound = screen.getByRole('combobox', { name: /^each sound/ })
  fireEvent.change(doubled, { target: { value: 'RING' } })
  fireEvent.change(sound, { target: { value: '' } })
  await waitFor(() => expect(askedOf('put', '/api/classes/1/profile')[1]?.body).toMatchObject({ version: 3, choices: { notation: { signs: { DOUBLE: 'RING', SPLIT: 'ARC' } } } }))
  expect(askedOf('put', '/api/classes/1/profile')[1]?.body).not.toHaveProperty('choices.notation.signs.SOUND')
})

test('what the server asks about a shape is said, and the old marks stand', async () => {
  fail('put', '/api/classes/1/profile', 400, 'the ring would mean both')
  show(<ClassPage />, '/class', '/class?show=marks')
  await userEvent.selectOptions(await screen.findByLabelText(/a doubled consonant/), 'RING')
  expect((await screen.findByRole('alert')).textContent).toContain('the ring would mean both')
  expect(screen.getByLabelText(/a doubled consonant/)).toHaveProperty('value', '')
})

test('things are called as the class calls them; what is left empty is told, and stays as typed', async () => {
  show(<ClassPage />, '/class', '/class?show=words')
  await userEvent.click(await screen.findByRole('button', { name: 'Words of grammar' }))
  await waitFor(() => expect(askedOf('put', '/api/classes/1/profile')[0]?.body).toMatchObject({ choices: { terms: { beat: 'syllable', 'full-stop': 'full stop' } } }))
  fail('put', '/api/classes/1/profile', 400, 'There is no word for the full stop.')
  const stop = await screen.findByLabelText(/^full stop/)
  await userEvent.clear(stop)
  await userEvent.tab()
  expect(await screen.findByText('There is no word for the full stop.')).toBeDefined()
  expect(stop).toHaveProperty('value', '')
})

test('texts that explain are said in the words of the class', async () => {
  show(<ClassPage />, '/class', '/class?show=words', { ...limpet, words: { ending: 'suffix', 'an ending': 'a suffix', base: 'root' } })
  expect(await screen.findByText('The suffix starts with a vowel, so the silent e goes.')).toBeDefined()
  expect(screen.getByText(/^A one-beat root ends/)).toBeDefined()
})

test('the path says what is taught; a number moves it, letters are ticked ahead or made to wait', async () => {
  answer('get', '/api/classes/1/sequence', path)
  show(<ClassPage />, '/class', '/class?show=taught')
  expect(await screen.findByRole('button', { name: 'Taught up to step 30', pressed: true })).toBeDefined()
  await userEvent.click(screen.getByRole('button', { name: 'ai, ai as in rain' }))
  await waitFor(() => expect(askedOf('put', '/api/classes/1/profile').at(-1)?.body).toMatchObject({ choices: { ticks: { early: ['ai FACE'], later: [] } } }))
  await userEvent.click(screen.getByRole('button', { name: 'sh, sh as in ship' }))
  await waitFor(() => expect(askedOf('put', '/api/classes/1/profile').at(-1)?.body).toMatchObject({ choices: { ticks: { early: ['ai FACE'], later: ['sh ʃ'] } } }))
  await userEvent.keyboard('{ArrowRight}')
  expect(document.activeElement).toBe(screen.getByRole('button', { name: 'Taught up to step 31' }))
  await userEvent.keyboard('{Enter}')
  await waitFor(() => expect(askedOf('put', '/api/classes/1/profile').at(-1)?.body).toMatchObject({ step: 31 }))
})

test('a file with wrong lines is told of; going back to ours can be undone', async () => {
  answer('get', '/api/classes/1/sequence', { ...path, own: true })
  fail('put', '/api/classes/1/sequence', 400, "Nothing was taken. line 3: 'qx' is no grapheme.")
  show(<ClassPage />, '/class', '/class?show=taught')
  await userEvent.upload(await screen.findByLabelText('Take in your own'), new File(['step,grapheme\n1,qx\n'], 'own.csv', { type: 'text/csv' }))
  expect(await screen.findByText(/'qx' is no grapheme/)).toBeDefined()
  answer('delete', '/api/classes/1/sequence', path)
  answer('put', '/api/classes/1/sequence', path)
  answer('get', '/api/classes/1/sequence.csv', () => new Response('step,grapheme\n1,s\n'))
  answer('get', '/api/classes/1/sequence', path)
  await userEvent.click(screen.getByRole('button', { name: 'Back to ours' }))
  await userEvent.click(await screen.findByRole('button', { name: 'Undo' }))
  await waitFor(() => expect(askedOf('put', '/api/classes/1/sequence').at(-1)?.body).toBe('step,grapheme\n1,s\n'))
})
