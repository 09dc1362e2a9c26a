import { expect, test } from 'vitest'
import { withWords } from '../../../test/made-up'
import { inverse } from './inverse'
import { added, dropped, focusOn, inBlock, moved, movedBlock, planOf, renamed, reviewed, swapped, withBlock, withoutBlock, type Change, type Planned } from './plan'

const plan = planOf(withWords(['badge', 'cage', 'ledge', 'page']))
const texts = (p: Planned) => p.blocks.map((b) => [b.title, ...b.items.map((i) => (i.role === 'REVIEW' ? `${i.text}*` : i.text))])
const words = (change: Parameters<typeof inBlock>[1]) => inBlock(51, change)

const CHANGES: [string, Change][] = [
  ['a word added', words(added('judge'))],
  ['a word dropped', words(dropped('cage'))],
  ['a word swapped', words(swapped('cage', { text: 'wage', asks: 'wage', right: '', role: 'FOCUS', why: '' }))],
  ['a word moved', words(moved('page', -1))],
  ['a word made review', words(reviewed('badge'))],
  ['a block added', withBlock('gap', 'Gaps', [{ text: 'The [x].', asks: 'The [x].', right: '', role: 'FOCUS', why: '' }])],
  ['a block dropped', withoutBlock(51)],
  ['a block moved', movedBlock(52, -1)],
  ['a block renamed', renamed(51, 'Both sides')],
  ['another focus', focusOn({ rule: 'final-k' })],
]

test.each(CHANGES)('%s and taken back is as before', (_, change) => {
  const did = change(plan)
  expect(texts(did)).not.toEqual(did.focus === plan.focus ? texts(plan) : undefined)
  const undone = inverse(plan, did)(did)
  expect([texts(undone), undone.focus, undone.title]).toEqual([texts(plan), plan.focus, plan.title])
})

test.each(CHANGES)('%s and taken back leaves what another window added meanwhile', (_, change) => {
  const did = change(plan)
  const other = (p: Planned) => ({ ...p, blocks: p.blocks.map((b) => (b.id === 52 ? { ...b, items: added('Another gull.')(b.items) } : b)) })
  const undone = inverse(plan, did)(other(did))
  expect(texts(undone)).toEqual(texts(other(plan)))
})

test("the other's words stay beside one's own that go", () => {
  const did = words(added('judge'))(plan)
  const later = words(added('fudge'))(did)
  expect(texts(inverse(plan, did)(later))[0]).toEqual(['Words', 'badge', 'cage', 'ledge', 'page', 'fudge'])
})

test('what was dropped comes back beside its old neighbour, as new, wherever that stands by now', () => {
  const did = words(dropped('cage'))(plan)
  const later = words(moved('badge', 1))(did)
  const undone = inverse(plan, did)(later)
  expect(texts(undone)[0]).toEqual(['Words', 'ledge', 'badge', 'cage', 'page'])
  expect(undone.blocks[0]?.items.find((i) => i.text === 'cage')?.id).toBeUndefined()
})

test('what somebody has renamed again since stays renamed', () => {
  const did = renamed(51, 'Both sides')(plan)
  expect(inverse(plan, did)(renamed(51, 'A third')(did)).blocks[0]?.title).toBe('A third')
})

test('an item that was there keeps its number, and with it its answers', () => {
  const did = words(moved('cage', -1))(plan)
  expect(inverse(plan, did)(did).blocks[0]?.items.map((i) => i.id)).toEqual(planOf(withWords(['badge', 'cage', 'ledge', 'page'])).blocks[0]?.items.map((i) => i.id))
})
