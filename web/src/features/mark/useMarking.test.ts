import { act, renderHook } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import type { Cell, Dictation } from '../../api/client'
import { useMarking, type Save } from './useMarking'

const dictation = { id: 1, items: [{ id: 7, word: 'badge' }], papers: [{ pupil: { id: 3, name: 'Ada' }, cells: [] }] } as unknown as Dictation
const cell = (written: string): Cell => ({ attemptId: 1, pupilId: 3, itemId: 7, written, state: 'WRITTEN' })

describe('useMarking', () => {
  beforeEach(() => {
    vi.useFakeTimers()
  })
  afterEach(() => {
    vi.useRealTimers()
  })

  test('keeps what is typed a moment after the last key, once', async () => {
    const save = vi.fn<Save>((_p, _i, written) => Promise.resolve(cell(written)))
    const { result } = renderHook(() => useMarking(dictation, save))
    act(() => result.current.type(3, 7, 'b'))
    act(() => result.current.type(3, 7, 'ba'))
    await act(async () => vi.advanceTimersByTimeAsync(1000))
    expect(save.mock.calls).toEqual([[3, 7, 'ba', 'WRITTEN']])
    expect(result.current.entry(3, 7)).toMatchObject({ at: 'typing', text: 'ba', cell: { written: 'ba' } })
  })

  test('keeps the writing when it could not be sent, and sends it again when asked', async () => {
    const save = vi.fn<Save>().mockRejectedValueOnce(new Error('offline')).mockResolvedValue(cell('bage'))
    const { result } = renderHook(() => useMarking(dictation, save))
    await act(() => result.current.keep(3, 7, 'bage', 'WRITTEN'))
    expect(result.current.entry(3, 7)).toEqual({ at: 'failed', text: 'bage', state: 'WRITTEN', why: 'offline' })
    await act(async () => {
      result.current.retry()
      await vi.advanceTimersByTimeAsync(0)
    })
    expect(result.current.entry(3, 7)).toEqual({ at: 'kept', cell: cell('bage') })
    expect(result.current.failed).toEqual([])
  })

  test('an answer that comes late does not undo what was typed since', async () => {
    let answer: (c: Cell) => void = () => undefined
    const save = vi.fn<Save>(() => new Promise((resolve) => (answer = resolve)))
    const { result } = renderHook(() => useMarking(dictation, save))
    act(() => result.current.type(3, 7, 'ba'))
    await act(async () => vi.advanceTimersByTimeAsync(1000))
    act(() => result.current.type(3, 7, 'bad'))
    await act(async () => {
      answer(cell('ba'))
      await vi.advanceTimersByTimeAsync(0)
    })
    expect(result.current.entry(3, 7)).toMatchObject({ at: 'typing', text: 'bad' })
  })
})
