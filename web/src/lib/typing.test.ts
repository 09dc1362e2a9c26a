import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { whenTypingRests } from './typing'

const field = document.createElement('input')
const press = () => field.dispatchEvent(new KeyboardEvent('keydown', { key: 'a', bubbles: true }))

beforeEach(() => {
  vi.useFakeTimers()
  document.body.append(field)
})
afterEach(() => {
  field.remove()
  vi.useRealTimers()
})

test('waits while somebody types, so that no letter goes elsewhere', () => {
  const then = vi.fn()
  field.focus()
  whenTypingRests(then)
  for (let i = 0; i < 5; i++) {
    vi.advanceTimersByTime(500)
    press()
  }
  expect(then).not.toHaveBeenCalled()
  vi.advanceTimersByTime(1000)
  press()
  vi.advanceTimersByTime(1000)
  expect(then).toHaveBeenCalledTimes(1)
})

test('is at once where nobody types, and can be called off', () => {
  const then = vi.fn()
  whenTypingRests(then)
  expect(then).toHaveBeenCalledTimes(1)
  field.focus()
  whenTypingRests(then)()
  vi.advanceTimersByTime(5000)
  expect(then).toHaveBeenCalledTimes(1)
})
