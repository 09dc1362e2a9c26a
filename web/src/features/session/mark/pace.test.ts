import { expect, test } from 'vitest'
import { Pace } from './pace'

test('says nothing before it knows enough, then goes by what was entered; pauses do not count', () => {
  const pace = new Pace()
  for (let i = 0; i < 5; i++) pace.entered(1_000 + i * 3_000)
  expect(pace.minutesFor(100)).toBeUndefined()
  for (let i = 0; i < 5; i++) pace.entered(200_000 + i * 3_000)
  expect(pace.minutesFor(100)).toBe(5)
  expect(pace.minutesFor(1)).toBe(1)
})
