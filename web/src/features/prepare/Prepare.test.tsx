import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, test, vi } from 'vitest'
import { api, type Candidate } from '../../api/client'
import { dictation, item, map, otherRule, rule } from '../../test/made-up'
import { show } from '../../test/page'
import { Prepare } from './Prepare'

const candidate = (word: string, side: 'DUE' | 'NOT_DUE', due: string, untaught: string[] = []): Candidate => ({
  word, side, due, untaught, focus: 1, why: `reason: ${due} is due`, units: item(1, word, side, due).units,
})
const rewrite = vi.spyOn(api, 'rewrite')

beforeEach(() => {
  vi.spyOn(api, 'dictation').mockResolvedValue(dictation())
  vi.spyOn(api, 'rules').mockResolvedValue([otherRule, rule])
  vi.spyOn(api, 'map').mockResolvedValue(map)
  vi.spyOn(api, 'candidates').mockResolvedValue({
    total: 31,
    words: [candidate('ledge', 'DUE', 'dge'), candidate('large', 'NOT_DUE', 'ge', ['ar']), candidate('badge', 'DUE', 'dge')],
  })
  rewrite.mockReset()
  rewrite.mockImplementation((_id, _rule, sentence, words) =>
    Promise.resolve(dictation({ sentence, items: words.map((w, i) => item(i + 20, w, 'DUE', 'ge')) })),
  )
})

async function open(at = '/prepare/9') {
  show(<Prepare />, '/prepare/:id', at)
  await screen.findByLabelText('Take ledge')
}

test('shows the rule with its figure, its exceptions and the children who need it', async () => {
  await open()
  expect(screen.getByText('163 of 168')).toBeDefined()
  expect(screen.getByText('knowledge')).toBeDefined()
  const chosen = screen.getByRole('button', { name: /^dge or ge at the end/ })
  expect(chosen.getAttribute('aria-pressed')).toBe('true')
  await waitFor(() => expect(chosen.textContent).toContain('1'))
})

test('says why a word fits, or what in it is not taught yet', async () => {
  await open()
  const list = within(screen.getByLabelText('Candidates'))
  expect(list.getByText('reason')).toBeDefined()
  expect(list.getByText('ar not taught yet')).toBeDefined()
  expect(list.queryByLabelText('Take badge')).toBeNull()
})

test.each([
  ['takes a word', 'Take ledge', ['badge', 'cage', 'ledge']],
  ['moves a word', 'Move cage up', ['cage', 'badge']],
  ['drops a word', 'Drop badge', ['cage']],
  ['swaps a word for the next best of its side', 'Swap badge for ledge', ['ledge', 'cage']],
])('%s, and keeps it at once', async (_, button, words) => {
  await open()
  await userEvent.click(screen.getByRole('button', { name: button }))
  expect(rewrite).toHaveBeenCalledWith(9, 'final-j', 'The gull sat on the ledge.', words)
})

test('takes a word of her own from the keyboard', async () => {
  await open()
  await userEvent.type(screen.getByLabelText('A word of your own'), 'Gadget{Enter}')
  expect(rewrite.mock.calls[0]?.[3]).toEqual(['badge', 'cage', 'gadget'])
})

test('keeps the sentence when it is left', async () => {
  await open()
  const box = screen.getByRole('textbox', { name: 'Sentence' })
  await userEvent.clear(box)
  await userEvent.type(box, 'A gull.')
  await userEvent.tab()
  expect(rewrite.mock.calls[0]?.[2]).toBe('A gull.')
})

test('fills the sheet by one key', async () => {
  vi.spyOn(api, 'choose').mockResolvedValue([candidate('ledge', 'DUE', 'dge'), candidate('stage', 'NOT_DUE', 'ge')])
  await open()
  await userEvent.click(screen.getByRole('button', { name: 'Fill it for me' }))
  await waitFor(() => expect(rewrite.mock.calls[0]?.[3]).toEqual(['ledge', 'stage']))
})

test('keeps filters in the address', async () => {
  await open()
  await userEvent.click(screen.getByRole('button', { name: 'one beat' }))
  expect(screen.getByLabelText('address').textContent).toBe('/prepare/9?beats=1')
  await userEvent.click(screen.getByRole('button', { name: 'taught so far' }))
  expect(screen.getByLabelText('address').textContent).toBe('/prepare/9?beats=1&taught=no')
})

test('tells why a change was not kept and leaves the sheet as it was', async () => {
  rewrite.mockRejectedValueOnce(new Error('Attempts at these words are kept already.'))
  await open()
  await userEvent.click(screen.getByRole('button', { name: 'Drop badge' }))
  expect((await screen.findByRole('alert')).textContent).toContain('kept already')
  expect(screen.getByLabelText('Drop badge')).toBeDefined()
})
