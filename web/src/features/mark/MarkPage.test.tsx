import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, test, vi } from 'vitest'
import { api } from '../../api/client'
import { bage, cell, dictation, map } from '../../test/made-up'
import { show } from '../../test/page'
import { MarkPage } from './MarkPage'

Element.prototype.scrollIntoView = () => undefined

const type = vi.spyOn(api, 'type')

beforeEach(() => {
  vi.spyOn(api, 'dictation').mockResolvedValue(dictation({ state: 'GIVEN' }))
  vi.spyOn(api, 'map').mockResolvedValue(map)
  type.mockReset()
  type.mockImplementation((_id, pupilId, itemId, written, state) =>
    Promise.resolve({ ...cell(pupilId, itemId, written, written === 'bage' ? bage : undefined), state }),
  )
})

function open(at = '/mark/9') {
  show(<MarkPage />, '/mark/:id', at)
  return screen.findByLabelText('Anwen: badge')
}

test('opens on the first word of the first paper that is not done', async () => {
  expect(await open()).toBe(document.activeElement)
  expect(screen.getByText('0 of 2 papers')).toBeDefined()
})

test('explains an attempt while it is typed', async () => {
  await open()
  await userEvent.keyboard('bage')
  const panel = screen.getByLabelText('About this attempt')
  await waitFor(() => expect(panel.textContent).toContain('left out where due'))
  expect(panel.textContent).toContain('reads right')
  expect(panel.textContent).toContain('/bædʒ/')
})

test('one key says right or blank and goes on to the next word', async () => {
  await open()
  await userEvent.keyboard('=')
  expect(screen.getByLabelText('Anwen: cage')).toBe(document.activeElement)
  await userEvent.keyboard('-')
  expect(screen.getByLabelText('Bashir: badge')).toBe(document.activeElement)
  expect(type.mock.calls).toEqual([
    [9, 3, 7, 'badge', 'WRITTEN'],
    [9, 3, 8, '', 'BLANK'],
  ])
  await screen.findByText('1 of 2 papers')
})

test('an absent child is away for the whole paper', async () => {
  await open()
  await userEvent.keyboard('!')
  expect(type.mock.calls.map((c) => [c[2], c[4]])).toEqual([
    [7, 'ABSENT'],
    [8, 'ABSENT'],
  ])
  expect(screen.getByLabelText('Bashir: badge')).toBe(document.activeElement)
  expect(await screen.findAllByText('away', { selector: 'em' })).toHaveLength(2)
})

test('Ctrl Enter goes to the next paper and keeps what was typed', async () => {
  await open()
  await userEvent.keyboard('bad{Control>}{Enter}{/Control}')
  expect(screen.getByLabelText('Bashir: badge')).toBe(document.activeElement)
  expect(type).toHaveBeenLastCalledWith(9, 3, 7, 'bad', 'WRITTEN')
})

test('the open cell is kept in the address', async () => {
  await open()
  await userEvent.keyboard('{ArrowDown}')
  await waitFor(() => expect(screen.getByLabelText('address').textContent).toBe('/mark/9?at=2.1'))
})

test('tells what could not be kept, and keeps it when asked', async () => {
  type.mockRejectedValueOnce(new Error('The server is away.'))
  await open()
  await userEvent.keyboard('=')
  expect((await screen.findByRole('alert')).textContent).toContain('1 not kept yet: The server is away.')
  await userEvent.click(screen.getByRole('button', { name: 'Keep them now' }))
  await waitFor(() => expect(screen.queryByRole('alert')).toBeNull())
})

test('says what to do when the dictation has no words', async () => {
  vi.spyOn(api, 'dictation').mockResolvedValue(dictation({ items: [] }))
  show(<MarkPage />, '/mark/:id', '/mark/9')
  expect(await screen.findByRole('link', { name: 'Choose words' })).toBeDefined()
})

test('says why the papers could not be read', async () => {
  vi.spyOn(api, 'dictation').mockRejectedValue(new Error('There is no dictation 9.'))
  show(<MarkPage />, '/mark/:id', '/mark/9')
  expect((await screen.findByRole('alert')).textContent).toContain('There is no dictation 9.')
})

test("the teacher's own judgement replaces the mark and can be taken back", async () => {
  vi.spyOn(api, 'dictation').mockResolvedValue(
    dictation({ papers: [{ pupil: { id: 3, name: 'Anwen' }, cells: [cell(3, 7, 'bage', bage)] }] }),
  )
  const override = vi.spyOn(api, 'override').mockResolvedValue({ ...cell(3, 7, 'bage', bage), override: 'RIGHT' })
  show(<MarkPage />, '/mark/:id', '/mark/9?at=1.1')
  await userEvent.click(await screen.findByRole('radio', { name: 'as right' }))
  expect(override).toHaveBeenCalledWith(307, 'RIGHT', 'counted as right')
  await waitFor(() => expect(screen.getByRole('radio', { name: 'as right' })).toHaveProperty('checked', true))
  await userEvent.click(screen.getByRole('radio', { name: 'not at all' }))
  expect(override).toHaveBeenLastCalledWith(307, 'ABSENT', 'counted not at all')
  await userEvent.click(screen.getByRole('radio', { name: 'as marked' }))
  expect(override).toHaveBeenLastCalledWith(307, 'READS_RIGHT', 'counted as marked')
})

test('a judgement that could not be kept is said and changes nothing', async () => {
  vi.spyOn(api, 'dictation').mockResolvedValue(
    dictation({ papers: [{ pupil: { id: 3, name: 'Anwen' }, cells: [cell(3, 7, 'bage', bage)] }] }),
  )
  vi.spyOn(api, 'override').mockRejectedValue(new Error('The server is away.'))
  show(<MarkPage />, '/mark/:id', '/mark/9?at=1.1')
  await userEvent.click(await screen.findByRole('radio', { name: 'as right' }))
  expect((await screen.findByRole('alert')).textContent).toBe('The server is away.')
  expect(screen.getByRole('radio', { name: 'as marked' })).toHaveProperty('checked', true)
})
