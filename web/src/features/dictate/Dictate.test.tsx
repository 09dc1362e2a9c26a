import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, test, vi } from 'vitest'
import { api } from '../../api/client'
import { dictation } from '../../test/made-up'
import { show } from '../../test/page'
import { Dictate } from './Dictate'

beforeEach(() => {
  vi.spyOn(api, 'dictation').mockResolvedValue(dictation())
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
  expect(screen.getByText('Next: the sentence')).toBeDefined()
})

test('ends with the sentence', async () => {
  await open('/dictate/9?item=3&step=1')
  expect(screen.getByText('The gull sat on the ledge.')).toBeDefined()
  expect(screen.getByText(/six words/)).toBeDefined()
  expect(screen.getByText('The last one')).toBeDefined()
})

test('keeps the place in the address, so that a reload stays', async () => {
  await open()
  await userEvent.keyboard('s  ')
  await waitFor(() => expect(screen.getByLabelText('address').textContent).toBe('/dictate/9?item=2&step=3'))
})

test('is given when it is done, and goes on to the papers', async () => {
  const become = vi.spyOn(api, 'become').mockResolvedValue(dictation({ state: 'GIVEN' }))
  await open()
  await userEvent.click(screen.getByRole('button', { name: 'Done: mark the papers' }))
  expect(become).toHaveBeenCalledWith(9, 'GIVEN')
  await waitFor(() => expect(screen.getByLabelText('address').textContent).toBe('/class/1/mark/9'))
})
