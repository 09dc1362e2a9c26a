import { fireEvent, screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, test } from 'vitest'
import { rule, sounds, word } from '../../test/made-up'
import { show } from '../../test/page'
import { answer, askedOf, fail, noContent } from '../../test/server'
import { query, Words } from './Words'

beforeEach(() => {
  answer('get', '/api/sounds', sounds)
  answer('get', '/api/rules', [rule])
  answer('get', '/api/words/*/proposals', {
    spelling: 'zeak',
    source: 'GUESS',
    proposals: [
      { confidence: 0.8, clue: '', units: [{ grapheme: 'z', phoneme: 'z' }, { grapheme: 'ea', phoneme: 'e' }, { grapheme: 'k', phoneme: 'k' }] },
      { confidence: 0.2, clue: '', units: [{ grapheme: 'z', phoneme: 'z' }, { grapheme: 'ea', phoneme: 'eɪ' }, { grapheme: 'k', phoneme: 'k' }] },
    ],
  })
  answer('get', '/api/own-words', [word('skerry', { own: true })])
  answer('get', '/api/words', { total: 2, words: [word('sea', { homophones: ['see'] }), word('gull')] })
  answer('put', '/api/own-words/zeak', word('zeak'))
})

async function open(at = '/words') {
  show(<Words />, '/words', at)
  await screen.findByLabelText('Filters')
}

test('shows words as strips with what they mean and what they sound like', async () => {
  await open()
  expect(await screen.findByText('sounds like see · what sea means')).toBeDefined()
  expect(screen.getByText('2 fit')).toBeDefined()
})

test('asks with every filter of the address', () => {
  const filters = new URLSearchParams('pattern=*ight&sound=e&grapheme=ea&place=END&cluster=START&sounds=7&beats=3&rule=final-j&side=DUE&common=2&taught=yes&alike=yes&joined=yes&ending=ing')
  expect(query((k) => filters.get(k) ?? '', 'en-GB', 30)).toEqual({
    accent: 'en-GB', pattern: '*ight', sound: 'e', grapheme: 'ea', position: 'END', cluster: 'START', minSounds: 7, minBeats: 3,
    rule: 'final-j', side: 'DUE', commonness: 2, taughtBy: 30, homophone: true, compound: true, ending: 'ing',
  })
  expect(query(() => '', 'en-GB', 30)).toEqual({ accent: 'en-GB' })
})

test('typing and choosing keep the filters in the address', async () => {
  await open()
  await userEvent.type(screen.getByLabelText(/^Letters/), 'c?t')
  await userEvent.selectOptions(await screen.findByLabelText('Sound'), 'e')
  await userEvent.click(screen.getByRole('button', { name: 'sound-alikes' }))
  expect(screen.getByLabelText('address').textContent).toBe('/words?pattern=c%3Ft&sound=e&alike=yes')
  await userEvent.click(screen.getByRole('button', { name: 'Clear all filters' }))
  expect(screen.getByLabelText('address').textContent).toBe('/words')
})

test('gathers picked words', async () => {
  await open()
  await userEvent.click(await screen.findByLabelText('Pick gull'))
  expect(screen.getByRole('heading', { name: 'Picked · 1' })).toBeDefined()
  await userEvent.click(screen.getByLabelText('Drop gull'))
  expect(screen.getByText(/Tick words to gather them/)).toBeDefined()
})

test('a word it does not know can be taken, mended by keyboard and kept', async () => {
  await open('/words?pattern=zeak')
  await userEvent.click(await screen.findByRole('button', { name: 'Add it as our own' }))
  expect(await screen.findByText('80 % sure')).toBeDefined()
  const mender = screen.getByLabelText(/^Mend the cut/)
  fireEvent.keyDown(mender, { key: 'ArrowRight' })
  fireEvent.keyDown(mender, { key: 'ArrowDown' })
  await userEvent.type(screen.getByLabelText('A clue to say with it'), 'a rock{Enter}')
  await waitFor(() => expect(askedOf('put', '/api/own-words/zeak')).toHaveLength(1))
  expect(askedOf('put', '/api/own-words/zeak')[0]?.body).toEqual({
    units: [{ grapheme: 'z', phoneme: 'z' }, { grapheme: 'ea', phoneme: 'eɪ' }, { grapheme: 'k', phoneme: 'k' }],
    clue: 'a rock',
    choose: true,
  })
})

test('of a word that is read in two ways the school says which it means', async () => {
  const [moving, turn] = ['ɪ', 'aɪ'].map((vowel) => [{ grapheme: 'w', phoneme: 'w' }, { grapheme: 'i', phoneme: vowel }, { grapheme: 'nd', phoneme: 'nd' }])
  answer('get', '/api/words', { total: 2, words: [word('wind', { clue: 'moving air' }), word('wind', { clue: 'to turn' })] })
  answer('get', '/api/words/*/proposals', { spelling: 'wind', source: 'LEXICON', proposals: [{ confidence: 1, clue: 'moving air', units: moving }, { confidence: 1, clue: 'to turn', units: turn }] })
  answer('put', '/api/own-words/wind', word('wind'))
  await open('/words?pattern=wind')
  expect(await screen.findByText(/is read in 2 ways; dictations mean “moving air”/)).toBeDefined()
  await userEvent.click(screen.getByRole('button', { name: 'Choose which' }))
  await userEvent.click((await screen.findAllByRole('radio'))[1]!)
  await userEvent.click(screen.getByRole('button', { name: 'Keep it' }))
  await waitFor(() => expect(askedOf('put', '/api/own-words/wind')[0]?.body).toEqual({ units: turn, clue: 'to turn', choose: true }))
})

test('what the server refuses is said, and what was entered stays', async () => {
  fail('put', '/api/own-words/zeak', 400, "'z' cannot say 'q'.")
  await open('/words?own=zeak')
  await userEvent.type(await screen.findByLabelText('A clue to say with it'), 'a rock{Enter}')
  expect((await screen.findByRole('alert')).textContent).toBe("'z' cannot say 'q'.")
  expect(screen.getByDisplayValue('a rock')).toBeDefined()
})

test('own words can be mended, taken away, and read in from a file', async () => {
  answer('delete', '/api/own-words/skerry', noContent)
  answer('post', '/api/own-words/import', { imported: 1, rejected: [{ line: 4, reason: 'no sounds.' }] })
  await open('/words?ours=yes')
  await userEvent.upload(await screen.findByLabelText('Read one in'), new File(['<lexicon/>'], 'own.pls'))
  expect(await screen.findByText('1 words are in. line 4: no sounds.')).toBeDefined()
  await userEvent.click(screen.getByLabelText('Take skerry away'))
  expect(await screen.findByText('skerry is taken away.')).toBeDefined()
  await userEvent.click(screen.getByLabelText('Mend skerry'))
  expect(screen.getByLabelText('address').textContent).toContain('own=skerry')
})

test('nothing found says what to do', async () => {
  answer('get', '/api/words', { total: 0, words: [] })
  await open('/words?ending=ness')
  expect(await screen.findByText('No word fits all of this. Loosen a filter.')).toBeDefined()
})

test('says why a word could not be taken away', async () => {
  fail('delete', '/api/own-words/skerry', 403, 'Only whoever looks after Dettato at your school may change the words.')
  await open('/words?ours=yes')
  await userEvent.click(await screen.findByLabelText('Take skerry away'))
  expect(await screen.findByText(/Only whoever looks after/)).toBeDefined()
})

test('of a thousand words only those in view are drawn', async () => {
  answer('get', '/api/words', { total: 1000, words: Array.from({ length: 1000 }, (_, i) => word(`w${i}`)) })
  await open('/words?shown=1000')
  expect(await screen.findByLabelText('Pick w0')).toBeDefined()
  expect(screen.getAllByLabelText(/^Pick w/).length).toBeLessThan(100)
})
