import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, test } from 'vitest'
import { rule, session, sounds } from '../../../test/made-up'
import { show } from '../../../test/page'
import { answer, askedOf, fail } from '../../../test/server'
import { chainQuery } from './Chains'
import { taskQuery } from './Exercises'
import { handout } from './handout'
import { sentenceQuery } from './Sentences'
import { Texts } from './Texts'

const SENTENCE = { text: 'The rain fell.', words: 3, tests: [], untaught: [], kind: 'STATEMENT' as const, step: 20, asked: [{ from: 5, to: 7 }], phrases: ['The rain', 'fell.'] }

beforeEach(() => {
  sessionStorage.clear()
  answer('get', '/api/sounds', sounds)
  answer('get', '/api/rules', [rule])
  answer('get', '/api/sentences', { total: 2, sentences: [SENTENCE, { ...SENTENCE, text: 'We may play.', asked: [], untaught: [{ word: 'may', graphemes: ['a_e'] }] }] })
  answer('post', '/api/classes/1/sessions/words', session({ id: 44 }))
})

function open(at = '/texts') {
  show(<Texts />, '/texts', at)
}

test('marks the letters that were asked for, and says what is not taught', async () => {
  open()
  expect((await screen.findByText('ai')).tagName).toBe('B')
  expect(screen.getByText('needs a-e')).toBeDefined()
  expect(screen.getByText(/2 sentences fit/)).toBeDefined()
})

test('asks with every filter of the address', () => {
  const filters = new URLSearchParams('rule=final-j&condition=final-j/short&sound=e&grapheme=ea&words=3-5&kind=QUESTION&names=no&text=seal')
  expect(sentenceQuery((k) => filters.get(k) ?? '', 'en-GB', 30)).toEqual({
    accent: 'en-GB', step: 30, rule: 'final-j', condition: 'final-j/short', sound: 'e', grapheme: 'ea', words: '3-5', kind: 'QUESTION', names: false, text: 'seal',
  })
  expect(sentenceQuery((k) => (k === 'taught' ? 'all' : ''), 'en-GB', 30)).toEqual({ accent: 'en-GB' })
  expect(chainQuery((k) => ({ doubled: 'false', start: 'cat' })[k] ?? '', 'en-GB', 9)).toEqual({ accent: 'en-GB', step: 9, length: 8, seed: 1, start: 'cat', doubled: false })
})

test('puts picked sentences on the sheet of a day', async () => {
  open()
  await userEvent.click(await screen.findByLabelText('Pick: The rain fell.'))
  await userEvent.click(await screen.findByLabelText('Pick: We may play.'))
  await userEvent.click(screen.getByRole('button', { name: 'Put on its sheet' }))
  await waitFor(() => expect(askedOf('post', '/api/classes/1/sessions/words')[0]?.body).toEqual({ date: '2026-03-05', kind: 'sentence', words: ['The rain fell.', 'We may play.'] }))
  expect(await screen.findByText(/2 sentences are on/)).toBeDefined()
})

test('checks a text as it is typed, and keeps it over a reload', async () => {
  answer('post', '/api/texts/check', {
    words: [{ word: 'it', at: 0, known: true, untaught: [], rules: [{ rule: rule.id, condition: 'x', word: 'it' }] }],
    counts: [],
    lookAlikes: [],
    warnings: [{ kind: 'NO_END_MARK', says: 'It has no end mark.', word: 'it' }],
  })
  open('/texts?view=check')
  await userEvent.type(screen.getByLabelText(/Type or paste/), 'it')
  expect(await screen.findByText('To mend · 1')).toBeDefined()
  expect(screen.getByText('It has no end mark.')).toBeDefined()
  expect(sessionStorage.getItem('dettato-text')).toBe('it')
})

test('shows a chain with its moves, and another on request', async () => {
  answer('get', '/api/chains', { words: ['cat', 'cap', 'cup'], moves: ['LAST', 'VOWEL'] })
  open('/texts?view=chains')
  expect(await screen.findByText('another last sound')).toBeDefined()
  await userEvent.click(screen.getByRole('button', { name: 'Another chain' }))
  expect(screen.getByLabelText('address').textContent).toBe('/texts?view=chains&seed=2')
})

test('says the longest chain where none is as long', async () => {
  fail('get', '/api/chains', 404, 'There is no chain of 12 words here; the longest has 4: it, in, on, not.')
  open('/texts?view=chains&length=12')
  expect(await screen.findByText(/the longest has 4/)).toBeDefined()
})

test('shows pairs of a contrast', async () => {
  answer('get', '/api/pairs', { total: 1, pairs: [{ a: 'hop', b: 'hope', differs: 'ɒ-əʊ' }] })
  open('/texts?view=pairs')
  expect(await screen.findByText('hope')).toBeDefined()
  expect(screen.getByText('o or oa')).toBeDefined()
})

test('shows a text with the letters of the sound that is hunted, its words by spelling and its questions', async () => {
  answer('get', '/api/passages', [
    { title: 'Hens', text: 'We see the sea.', words: 4, questions: [{ asks: 'What do we see?', answer: 'the sea', others: ['a hen', 'a ship'] }], untaught: [{ word: 'sea', graphemes: ['a_e'] }], columns: [{ sound: 'e', grapheme: 'ee', words: ['see'] }, { sound: 'e', grapheme: 'ea', words: ['sea'] }], spans: [{ from: 4, to: 6 }] },
    { title: 'Wind', text: 'It blew.', words: 2, questions: [], untaught: [], columns: [], spans: [] },
  ])
  open('/texts?view=read')
  expect(await screen.findByRole('heading', { name: 'Hens' })).toBeDefined()
  expect(screen.getByLabelText('Words by spelling').textContent).toBe('eeseeeasea')
  expect(screen.getByText(/sea \(a-e\)/)).toBeDefined()
  await userEvent.click(screen.getByRole('button', { name: /Wind/ }))
  expect(screen.getByLabelText('address').textContent).toBe('/texts?view=read&title=Wind')
})

const KINDS = [
  { id: 'gap', title: 'Gap sentences', asks: 'Write the word that fits.', levels: false, focus: true, boxed: true, toFind: false, sent: true },
  { id: 'listen', title: 'Listening', asks: 'Listen and say.', levels: true, focus: true, boxed: false, toFind: false, sent: true },
]
const GAP = { text: 'badge', says: 'I wear a ____.', answer: ['badge'], options: ['cage', 'badge'], why: 'short vowel, so dge' }

test('shows tasks with one box, answers and reasons, and hides the answers', async () => {
  answer('get', '/api/classes/1/exercises', KINDS)
  answer('get', '/api/classes/1/exercises/gap', { tasks: [GAP] })
  open('/texts?view=exercises&rule=final-j')
  expect(await screen.findByText('I wear a ____.')).toBeDefined()
  expect(screen.getByLabelText('To choose from').textContent).toBe('cagebadge')
  expect(screen.getByText('short vowel, so dge')).toBeDefined()
  await userEvent.click(screen.getByRole('button', { name: 'answers' }))
  expect(screen.queryByText('short vowel, so dge')).toBeNull()
  expect(screen.queryByRole('group', { name: 'Level' })).toBeNull()
})

test('asks for tasks by kind, level, number and focus, and says when none fits', async () => {
  answer('get', '/api/classes/1/exercises', KINDS)
  answer('get', '/api/classes/1/exercises/listen', { tasks: [] })
  open('/texts?view=exercises&ex=listen&level=2')
  expect(await screen.findByText(/Nothing taught so far fits/)).toBeDefined()
  await userEvent.click(screen.getByRole('button', { name: 'hard' }))
  expect(screen.getByLabelText('address').textContent).toContain('level=3')
  const get = (k: string) => ({ sound: 'eɪ', graphemes: 'ai,a_e', n: '12', level: '3', seed: '4' })[k] ?? ''
  expect(taskQuery(get)).toEqual({ level: 3, count: 12, seed: 4, sound: 'eɪ', graphemes: ['ai', 'a_e'] })
})

test('writes an exercise out with its answers at the end', () => {
  expect(handout(KINDS[0]!, [GAP])).toBe('Gap sentences\nWrite the word that fits.\n\ncage   badge\n\n1. I wear a ____.\n\nAnswers\n1. badge\n')
  expect(handout(KINDS[1]!, [GAP])).toContain('1. I wear a ____.   cage / badge')
})

test('keeps a sentence of the school, shows it as its own, and takes it away', async () => {
  answer('post', '/api/own-texts', {})
  answer('delete', '/api/own-texts/7', {})
  open()
  await screen.findByText(/2 sentences fit/)
  await userEvent.type(screen.getByLabelText('A sentence of your own'), 'Our gull ate it.')
  answer('get', '/api/sentences', { total: 1, sentences: [{ ...SENTENCE, text: 'Our gull ate it.', own: 7, asked: [] }] })
  await userEvent.click(screen.getByText('Keep it'))
  expect(askedOf('post', '/api/own-texts')[0]?.body).toEqual({ title: '', text: 'Our gull ate it.' })
  expect(await screen.findByText('our own')).toBeDefined()
  await userEvent.click(screen.getByLabelText('Take away: Our gull ate it.'))
  await waitFor(() => expect(askedOf('delete', '/api/own-texts/7')).toHaveLength(1))
})

test('shows sentences in phrases', async () => {
  open('/texts?phrases=yes')
  expect((await screen.findAllByText('The rain'))[0]?.tagName).toBe('SPAN')
})
