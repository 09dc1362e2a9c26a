import { expect, test } from 'vitest'
import { choices, item, kinds, session } from '../../../test/made-up'
import { counted } from '../../../ui/words'
import { calls, isCounted, moved, within } from './script'

const all = calls(session(), choices, kinds)

test('gives the words, then the sentence', () => {
  expect(all.map((c) => [c.kind.id, c.item.text])).toEqual([
    ['words', 'badge'],
    ['words', 'cage'],
    ['sentence', 'The gull sat on the ledge.'],
  ])
})

test.each([
  ['the next step', { call: 0, step: 0 }, 1, { call: 0, step: 1 }],
  ['the next item after the last step', { call: 0, step: 6 }, 1, { call: 1, step: 0 }],
  ['the step before', { call: 1, step: 0 }, -1, { call: 0, step: 6 }],
  ['nowhere before the first', { call: 0, step: 0 }, -1, { call: 0, step: 0 }],
  ['nowhere after the last', { call: 2, step: 4 }, 1, { call: 2, step: 4 }],
] as const)('goes to %s', (_, from, by, to) => {
  expect(moved(from, by, all)).toEqual(to)
})

test('an address that leads nowhere leads to the nearest place', () => {
  expect(within({ call: 99, step: 1 }, all)).toEqual({ call: 2, step: 1 })
  expect(within({ call: 0, step: 40 }, all)).toEqual({ call: 0, step: 6 })
  expect(within({ call: -3, step: -1 }, all)).toEqual({ call: 0, step: 0 })
})

test('counts in words', () => {
  expect([counted(1, 'sound'), counted(3, 'sound'), counted(14, 'letter')]).toEqual(['one sound', 'three sounds', '14 letters'])
})

const steps = (over: Partial<typeof choices>, pieces: number[] = []) =>
  calls({ ...session(), blocks: [{ ...session().blocks[0]!, items: [{ ...item(1, 'hopping', 'DUE', 'pp'), pieces }] }] }, { ...choices, ...over }, kinds).map((c) => c.steps)

test('the class counts the sounds before their number is seen, where it is to find it', () => {
  const [found] = steps({ counting: 'FOUND' })
  expect(found).toContain('how many sounds?')
  const at = found!.indexOf('how many sounds?')
  expect([isCounted(found!, at), isCounted(found!, at + 1)]).toEqual([false, true])
  expect(isCounted(steps({})[0]!, 0)).toBe(true)
})

test('beats are clapped, a base said first, only where a word has them', () => {
  expect(steps({ parting: 'BEATS' }, [0, 3])[0]).toContain('clap the beats')
  expect(steps({ parting: 'BEATS' }, [0])[0]).not.toContain('clap the beats')
  expect(steps({ parting: 'BASE' }, [0, 3])[0]).toContain('base, then ending')
})

test('models come at the end of the block where the class checks at the end', () => {
  const [write, show] = steps({ checking: 'END' })
  expect(write!.at(-1)).toBe('write')
  expect(show).toEqual(['show', 'check: one line, write it beside'])
})

test('a mistake is put right as the class does it', () => {
  expect(steps({ correcting: 'FIX' })[0]!.at(-1)).toBe('check and fix')
  expect(steps({ correcting: 'TICK' })[0]!.at(-1)).toBe('check and tick')
})
