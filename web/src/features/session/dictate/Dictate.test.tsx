import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, test } from 'vitest'
import { sentenceItem, session } from '../../../test/made-up'
import { show } from '../../../test/page'
import { answer, askedOf, fail, noContent } from '../../../test/server'
import { Dictate } from './Dictate'

beforeEach(() => {
  answer('get', '/api/sessions/9', session())
})

async function open(at = '/dictate/9') {
  show(<Dictate />, '/dictate/:id', at)
  await screen.findByText('write')
}

const step = () => document.querySelector('[aria-current=step]')?.textContent

test('says the clue and shows empty frames before the word is written', async () => {
  await open()
  expect(screen.getByText(/What badge means/)).toBeDefined()
  expect(screen.getByRole('img', { name: 'two sounds' })).toBeDefined()
  expect(step()).toBe('clue')
})

test('space goes on, however fast, and the arrow goes back', async () => {
  await open()
  await userEvent.keyboard('    ')
  expect(step()).toBe('write')
  expect(screen.getByLabelText('Writing time')).toBeDefined()
  await userEvent.keyboard('{ArrowLeft}')
  expect(step()).toBe('count sounds')
})

test('shows the model with the reason when it is time', async () => {
  await open('/dictate/9?item=1&step=6')
  expect(screen.getByRole('img', { name: 'badge' })).toBeDefined()
  expect(screen.getByText(/dge is due/)).toBeDefined()
})

test('R counts how often it was said again, S skips to the next word', async () => {
  await open()
  await userEvent.keyboard('rr')
  expect(screen.getByText('said again 2×')).toBeDefined()
  await userEvent.keyboard('s')
  expect(screen.getByText('cage')).toBeDefined()
})

test('ends with the sentence', async () => {
  await open('/dictate/9?item=3&step=1')
  expect(screen.getByText('The gull sat on the ledge.')).toBeDefined()
  expect(screen.getByText(/six words/)).toBeDefined()
  expect(screen.queryByRole('button', { name: /^Next: the/ })).toBeNull()
})

test('goes on and back by touch, to any step, and says what comes next', async () => {
  await open()
  expect(screen.getByRole<HTMLButtonElement>('button', { name: /Back/ }).disabled).toBe(true)
  await userEvent.click(screen.getByRole('button', { name: /^Next: say it/ }))
  expect(step()).toBe('say it')
  await userEvent.click(screen.getByRole('button', { name: 'show' }))
  expect(step()).toBe('show')
  await userEvent.click(screen.getByRole('button', { name: /^Next: check: one line/ }))
  expect(screen.getByRole('button', { name: /^Next: cage/ })).toBeDefined()
  await userEvent.click(screen.getByRole('button', { name: /Back/ }))
  expect(step()).toBe('show')
  await userEvent.click(screen.getByRole('button', { name: /skip/ }))
  expect(screen.getByText('2 of 3')).toBeDefined()
})

test('where nothing comes next, the end stands in the place of Next', async () => {
  await open('/dictate/9?item=3&step=5')
  expect(screen.queryByRole('button', { name: /^Next/ })).toBeNull()
  expect(screen.getByRole('button', { name: 'Done: mark the papers' })).toBeDefined()
})

test.each([['the switch', async () => userEvent.click(screen.getByRole('checkbox', { name: /Hide the word/ }))], ['H', async () => userEvent.keyboard('h')]])('%s hides all that spells the word until it is shown', async (_, hide) => {
  await open()
  await hide()
  expect(document.querySelector('main, body')?.textContent).not.toMatch(/badge/i)
  expect(screen.getByText('The word is hidden until it is shown')).toBeDefined()
  await waitFor(() => expect(screen.getByLabelText('address').textContent).toContain('hidden=1'))
  await userEvent.click(screen.getByRole('button', { name: 'show' }))
  expect(screen.getByRole('img', { name: 'badge' })).toBeDefined()
  await userEvent.click(screen.getByRole('button', { name: /^check: one line/ }))
  expect(screen.getByRole('button', { name: /^Next: the next one/ })).toBeDefined()
})

test('keeps the place in the address, so that a reload stays', async () => {
  await open()
  await userEvent.keyboard('s  ')
  await waitFor(() => expect(screen.getByLabelText('address').textContent).toBe('/dictate/9?item=2&step=3'))
})

test('is given when it is done, and goes on to the papers', async () => {
  answer('put', '/api/sessions/9/state', session({ state: 'GIVEN', version: 4 }))
  await open()
  await userEvent.click(screen.getByRole('button', { name: 'Done: mark the papers' }))
  await waitFor(() => expect(screen.getByLabelText('address').textContent).toBe('/class/1/mark/9'))
  const sent = askedOf('put', '/api/sessions/9/state')[0]
  expect([sent?.body, sent?.headers.get('If-Match')]).toEqual([{ state: 'GIVEN', took: expect.any(Object) as unknown }, '"3"'])
})

test('says why it could not be noted as given, and tries again', async () => {
  fail('put', '/api/sessions/9/state', undefined, '', 1)
  await open()
  await userEvent.click(screen.getByRole('button', { name: 'Done: mark the papers' }))
  expect((await screen.findByRole('alert')).textContent).toContain('cannot be reached')
  answer('put', '/api/sessions/9/state', session({ state: 'GIVEN' }))
  await userEvent.click(screen.getByRole('button', { name: 'Try again' }))
  await waitFor(() => expect(screen.getByLabelText('address').textContent).toBe('/class/1/mark/9'))
})

test('an address past the end opens the last item', async () => {
  await open('/dictate/9?item=99&step=1')
  expect(screen.getByText('3 of 3')).toBeDefined()
})

test('what is said aloud is noted when the class stumbles, by X or by the button', async () => {
  const cards = { id: 60, kind: 'cards', title: 'Cards', role: 'REVIEW' as const, spoken: true, seconds: 9, items: [{ ...sentenceItem(70, 'ai [/eɪ/]'), says: 'ai', answer: ['/eɪ/'] }] }
  answer('get', '/api/sessions/9', session({ blocks: [cards] }))
  answer('put', '/api/sessions/9/items/70/stumble', noContent)
  show(<Dictate />, '/dictate/:id', '/dictate/9')
  expect(await screen.findByText('ai')).toBeDefined()
  await userEvent.keyboard('x')
  await waitFor(() => expect(askedOf('put', '/api/sessions/9/items/70/stumble')[0]?.body).toEqual({ stumbled: true, pupils: [] }))
  await userEvent.keyboard(' ')
  expect(await screen.findByText('/eɪ/')).toBeDefined()
})

test('nothing is shown of words that are asked unaided', async () => {
  const [words] = session().blocks
  answer('get', '/api/sessions/9', session({ blocks: [{ ...words!, role: 'ASSESSED' }] }))
  await open('/dictate/9?item=1&step=9')
  expect(step()).toBe('write')
  await userEvent.keyboard(' ')
  expect(screen.getByText('cage')).toBeDefined()
})

test('who stumbled is noted by the first letters of the name', async () => {
  const cards = { id: 60, kind: 'cards', title: 'Cards', role: 'REVIEW' as const, spoken: true, seconds: 9, items: [{ ...sentenceItem(70, 'ai [/eɪ/]'), says: 'ai', answer: ['/eɪ/'], stumbled: true, stumblers: [3] }] }
  answer('get', '/api/sessions/9', session({ blocks: [cards] }))
  answer('put', '/api/sessions/9/items/70/stumble', noContent)
  show(<Dictate />, '/dictate/:id', '/dictate/9')
  await screen.findByText('ai')
  await userEvent.keyboard('n')
  const dialog = await screen.findByRole('dialog', { name: 'Who stumbled' })
  expect(within(dialog).getByRole('button', { name: /Anwen/ }).getAttribute('aria-pressed')).toBe('true')
  await userEvent.type(within(dialog).getByLabelText('First letters of a name'), 'ba{Enter}')
  await waitFor(() => expect(askedOf('put', '/api/sessions/9/items/70/stumble')[0]?.body).toEqual({ stumbled: true, pupils: [3, 4] }))
  await userEvent.click(within(dialog).getByRole('button', { name: /Anwen/ }))
  await waitFor(() => expect(askedOf('put', '/api/sessions/9/items/70/stumble').at(-1)?.body).toEqual({ stumbled: true, pupils: [] }))
})

test('the class plays against the teacher: a point, half a point, none', async () => {
  answer('put', '/api/sessions/9/items/7/points', { ours: 1, theirs: 0, says: '' })
  await open()
  await userEvent.keyboard('p')
  await waitFor(() => expect(screen.getByLabelText('address').textContent).toContain('points=1'))
  answer('get', '/api/sessions/9', withPoints(1))
  await userEvent.keyboard('c')
  await waitFor(() => expect(askedOf('put', '/api/sessions/9/items/7/points')[0]?.body).toEqual({ ours: 1, theirs: 0 }))
  expect(await screen.findByLabelText('The class: 2½ points')).toBeDefined()
  expect(screen.getByLabelText('The teacher: ½ points')).toBeDefined()
  await userEvent.keyboard('c')
  await waitFor(() => expect(askedOf('put', '/api/sessions/9/items/7/points').at(-1)?.body).toEqual({ ours: 0.5, theirs: 0 }))
})

/** The session with so many points on its first word, and some from others. */
function withPoints(ours: number) {
  const plain = session()
  return session({
    points: { ours: 2.5, theirs: 0.5, says: 'class 2½, teacher ½' },
    blocks: plain.blocks.map((b) => ({ ...b, items: b.items.map((i) => (i.id === 7 ? { ...i, ours } : i)) })),
  })
}
