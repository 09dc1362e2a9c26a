import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { ApiProblem, type Cell, type Typed } from '../../../api/client'
import { papers } from '../../../test/made-up'
import { textOf } from './cells'
import { PaperStore, type Wire } from './paperStore'

const cell = (written: string, version = 1): Cell => ({ attemptId: 1, pupilId: 3, itemId: 7, written, state: written ? 'WRITTEN' : 'EMPTY', version })
const type = vi.fn<(pupilId: number, itemId: number, typed: Typed) => Promise<Cell>>()
const paper = vi.fn<() => Promise<void>>()
const typePaper = vi.fn<Wire['typePaper']>()
const open = (cells: Cell[] = []) => new PaperStore(9, papers(cells), [7, 8], { type, typePaper, paper })
const settle = () => vi.advanceTimersByTimeAsync(0)

beforeEach(() => {
  vi.useFakeTimers()
  let version = 0
  type.mockReset()
  type.mockImplementation((_p, _i, typed) => Promise.resolve({ ...cell(typed.written, ++version), state: typed.state }))
  typePaper.mockReset()
  typePaper.mockImplementation((pupilId, cells) => Promise.resolve(cells.map((c) => ({ ...cell(c.written), pupilId, itemId: c.itemId, state: c.state }))))
  paper.mockReset()
  paper.mockResolvedValue()
})
afterEach(() => {
  vi.useRealTimers()
})

test('a key is sent at once, and what is typed while it is under way as one', async () => {
  const store = open()
  for (const written of ['b', 'ba', 'bad', 'badg', 'badge', 'ba']) store.type(3, 7, written)
  await vi.advanceTimersByTimeAsync(1000)
  expect(type.mock.calls).toEqual([
    [3, 7, { written: 'b', state: 'WRITTEN', version: 0 }],
    [3, 7, { written: 'ba', state: 'WRITTEN', version: 1 }],
  ])
  expect(store.get(3, 7)).toMatchObject({ status: 'calm', draft: undefined, kept: { written: 'ba' } })
})

test('writes of one cell go one after the other, each on the version before', async () => {
  const answers: ((c: Cell) => void)[] = []
  type.mockImplementation(() => new Promise((resolve) => answers.push(resolve)))
  const store = open()
  store.keep(3, 7, 'ba', 'WRITTEN')
  store.keep(3, 7, 'bad', 'WRITTEN')
  store.keep(3, 7, 'badge', 'WRITTEN')
  await settle()
  expect(type).toHaveBeenCalledTimes(1)
  answers[0]?.(cell('ba', 1))
  await settle()
  expect(type.mock.calls[1]).toEqual([3, 7, { written: 'badge', state: 'WRITTEN', version: 1 }])
  expect(textOf(store.get(3, 7))).toBe('badge')
  answers[1]?.(cell('badge', 2))
  await settle()
  expect(type).toHaveBeenCalledTimes(2)
  expect(store.get(3, 7)).toMatchObject({ status: 'calm', kept: { written: 'badge', version: 2 } })
})

test('keeps the writing when it could not be sent, and sends it again by itself', async () => {
  type.mockRejectedValueOnce(new ApiProblem(0, 'Dettato cannot be reached just now.'))
  const store = open()
  store.keep(3, 7, 'bage', 'WRITTEN')
  await settle()
  expect(store.get(3, 7)).toMatchObject({ status: 'failed', draft: { written: 'bage' } })
  expect(store.all()).toMatchObject({ failed: 1, why: 'Dettato cannot be reached just now.' })
  await vi.advanceTimersByTimeAsync(10_000)
  expect(store.get(3, 7)).toMatchObject({ status: 'calm', kept: { written: 'bage' } })
  expect(store.all().failed).toBe(0)
})

test('what is refused as wrong is not sent again by itself', async () => {
  type.mockRejectedValue(new ApiProblem(400, 'Too long.'))
  const store = open()
  store.keep(3, 7, 'bage', 'WRITTEN')
  await vi.advanceTimersByTimeAsync(60_000)
  expect(type).toHaveBeenCalledTimes(1)
})

test('what was typed outlives a reload until it is sent', async () => {
  type.mockRejectedValue(new ApiProblem(0, 'away'))
  const before = open()
  before.keep(3, 7, 'bage', 'WRITTEN')
  await settle()
  before.close()
  type.mockReset()
  type.mockImplementation((_p, _i, typed) => Promise.resolve(cell(typed.written)))
  const after = open()
  expect(textOf(after.get(3, 7))).toBe('bage')
  after.retry()
  await settle()
  expect(type.mock.calls).toEqual([[3, 7, { written: 'bage', state: 'WRITTEN', version: 0 }]])
  expect(window.localStorage).toHaveLength(0)
})

test.each([
  ['mine', 'bage', 2],
  ['theirs', 'badge', 1],
] as const)('of two who wrote in one cell, %s stands when she says so', async (which, written, calls) => {
  type.mockRejectedValueOnce(new ApiProblem(409, 'Somebody else wrote here meanwhile.', cell('badge', 5)))
  const store = open()
  store.keep(3, 7, 'bage', 'WRITTEN')
  await settle()
  expect(store.get(3, 7)).toMatchObject({ status: 'refused', draft: { written: 'bage' }, theirs: { written: 'badge' } })
  expect(store.all()).toMatchObject({ refused: 1 })
  store.settle(3, 7, which)
  await settle()
  expect(textOf(store.get(3, 7))).toBe(written)
  expect(type).toHaveBeenCalledTimes(calls)
  if (which === 'mine') expect(type.mock.calls[1]?.[2].version).toBe(5)
  expect(store.all().refused).toBe(0)
})

test('a paper is done when each of its items is entered, and not when one is emptied', async () => {
  const store = open([cell('badge'), { ...cell('cage'), itemId: 8 }])
  expect(store.isPaperDone(3)).toBe(true)
  expect(store.all().done).toBe(1)
  type.mockImplementation(() => Promise.resolve(cell('', 2)))
  store.keep(3, 7, '', 'WRITTEN')
  expect(store.isPaperDone(3)).toBe(false)
  await settle()
  expect(store.all().done).toBe(0)
})

test('away is said of a paper, and taken back when that fails or when it is typed on', async () => {
  const store = open()
  await store.setAway(3, true)
  expect(paper).toHaveBeenCalledWith(3, 'AWAY')
  expect(store.isPaperDone(3)).toBe(true)
  store.type(3, 7, 'b')
  expect(store.isAway(3)).toBe(false)
  paper.mockRejectedValue(new Error('2 answers stand on this paper.'))
  await expect(store.setAway(4, true)).rejects.toThrow('2 answers')
  expect(store.isAway(4)).toBe(false)
})

test('whoever listens to one cell hears of that cell alone', () => {
  const store = open()
  const badge = vi.fn()
  const cage = vi.fn()
  store.onCell(3, 7)(badge)
  store.onCell(3, 8)(cage)
  store.type(3, 7, 'b')
  expect(badge).toHaveBeenCalled()
  expect(cage).not.toHaveBeenCalled()
})

test('several cells of a paper go in one request, and come back in one step', async () => {
  const store = open()
  store.keepAll([7, 8].map((itemId) => ({ pupilId: 3, itemId, written: 'x', state: 'WRITTEN' as const })))
  await settle()
  expect(typePaper).toHaveBeenCalledTimes(1)
  expect(type).not.toHaveBeenCalled()
  expect(store.undo()).toEqual({ pupilId: 3, itemId: 7 })
  await settle()
  expect([7, 8].map((i) => textOf(store.get(3, i)))).toEqual(['', ''])
  store.redo()
  await settle()
  expect([7, 8].map((i) => textOf(store.get(3, i)))).toEqual(['x', 'x'])
})

test('letters typed in one cell are one step back; what is typed after an undo ends what could be done again', async () => {
  const store = open([cell('old', 4)])
  store.type(3, 7, 'n')
  store.type(3, 7, 'ne')
  store.leave(3, 7)
  store.keep(3, 8, 'next', 'WRITTEN')
  await settle()
  expect(store.undo()).toEqual({ pupilId: 3, itemId: 8 })
  expect(store.undo()).toEqual({ pupilId: 3, itemId: 7 })
  await settle()
  expect(textOf(store.get(3, 7))).toBe('old')
  expect(store.undo()).toBeUndefined()
  store.type(3, 7, 'new')
  expect(store.redo()).toBeUndefined()
})

test('leads from one cell that is not sure to the next, and round', () => {
  const unsure = (pupilId: number, itemId: number): Cell => ({ ...cell('w'), pupilId, itemId, state: 'UNSURE' })
  const store = open([unsure(3, 8), unsure(4, 7)])
  expect(store.all().unsure).toBe(2)
  expect(store.nextUnsure()).toEqual({ pupilId: 3, itemId: 8 })
  expect(store.nextUnsure({ pupilId: 3, itemId: 8 })).toEqual({ pupilId: 4, itemId: 7 })
  expect(store.nextUnsure({ pupilId: 4, itemId: 7 })).toEqual({ pupilId: 3, itemId: 8 })
})

test('says what others wrote for an item, the commonest first, and on how many papers it is off', () => {
  const wrong = (pupilId: number, written: string): Cell => ({ ...cell(written), pupilId, result: 'READS_RIGHT' })
  const store = open([wrong(3, 'bage'), wrong(4, 'badj')])
  expect(store.others(7, 'badge')).toEqual(['badj', 'bage'])
  expect(store.off(7)).toBe(2)
  expect(store.off(8)).toBe(0)
})
