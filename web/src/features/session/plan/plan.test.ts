import { expect, test } from 'vitest'
import { session } from '../../../test/made-up'
import { added, dropped, focusOn, inBlock, inOrder, moved, movedBlock, renamed, reviewed, planOf, swapped, taken, toSend } from './plan'

const plan = planOf(session())
const words = (change: Parameters<typeof inBlock>[1]) => inBlock(51, change)(plan).blocks[0]?.items.map((i) => [i.id, i.text])

test.each([
  ['adds at the end', added('ledge'), [[7, 'badge'], [8, 'cage'], [undefined, 'ledge']]],
  ['adds nothing twice', added('cage'), [[7, 'badge'], [8, 'cage']]],
  ['drops', dropped('badge'), [[8, 'cage']]],
  ['swaps for a new item', swapped('badge', { text: 'ledge', asks: 'ledge', right: '', role: 'FOCUS', why: '' }), [[undefined, 'ledge'], [8, 'cage']]],
  ['moves', moved('cage', -1), [[8, 'cage'], [7, 'badge']]],
  ['moves nothing over the edge', moved('badge', -1), [[7, 'badge'], [8, 'cage']]],
  ['takes all anew and keeps those that were there', taken(['cage', 'judge']), [[8, 'cage'], [undefined, 'judge']]],
] as const)('%s', (_, change, items) => {
  expect(words(change)).toEqual(items)
})

test('names items that stay by their ids', () => {
  const sent = toSend(focusOn({ rule: 'final-k' })(inBlock(51, added('ledge'))(plan)))
  expect(sent.focus).toEqual([{ rule: 'final-k' }])
  expect(sent.blocks[0]).toEqual({
    id: 51,
    kind: 'words',
    title: 'Words',
    role: 'FOCUS',
    items: [{ id: 7, text: 'badge', role: 'FOCUS' }, { id: 8, text: 'cage', role: 'FOCUS' }, { text: 'ledge', role: 'OWN', why: '' }],
  })
})

test('what the class could guess comes before the time it takes', () => {
  expect(inOrder([{ kind: 'OVER_TIME', says: 'late' }, { kind: 'ONE_SIDED', says: 'one side' }]).map((c) => c.says)).toEqual(['one side', 'late'])
})

test('blocks move, are named, and an item becomes review', () => {
  expect(movedBlock(52, -1)(plan).blocks.map((b) => b.id)).toEqual([52, 51])
  expect(movedBlock(51, -1)(plan).blocks.map((b) => b.id)).toEqual([51, 52])
  expect(renamed(51, 'Both sides')(plan).blocks[0]?.title).toBe('Both sides')
  expect(inBlock(51, reviewed('badge'))(plan).blocks[0]?.items.map((i) => i.role)).toEqual(['REVIEW', 'FOCUS'])
})
