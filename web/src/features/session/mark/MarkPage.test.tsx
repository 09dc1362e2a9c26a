import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, test } from 'vitest'
import type { Cell, Typed } from '../../../api/client'
import { loggedInAgain } from '../../../api/ended'
import { bage, cell, evidence, papers, sentenceItem, sentenceMark, session } from '../../../test/made-up'
import { show } from '../../../test/page'
import { answer, askedOf, fail, noContent, problem, type Asked } from '../../../test/server'
import { MarkPage } from './MarkPage'

const ITEM = '/api/sessions/9/papers/*/items/*'
const PAPER = '/api/sessions/9/papers/*/items'

/** The cell as the server would answer it. */
function marked({ path, body }: Asked): Cell {
  const [, pupilId, itemId] = /papers\/(\d+)\/items\/(\d+)/.exec(path) ?? []
  const typed = body as Typed
  const shown = cell(Number(pupilId), Number(itemId), typed.written, typed.written === 'bage' ? bage : undefined)
  if (itemId === '10' && typed.written) return { ...shown, result: 'READS_RIGHT', state: typed.state, version: typed.version + 1, sentence: sentenceMark }
  return { ...shown, state: typed.state, version: typed.version + 1 }
}

const sent = () => askedOf('put', ITEM).map((a) => [a.path.replace(/.*papers\//, '').replace('/items/', '.'), (a.body as Typed).written, (a.body as Typed).state])

beforeEach(() => {
  answer('get', '/api/sessions/9', session({ state: 'GIVEN' }))
  answer('get', '/api/sessions/9/papers', papers())
  answer('get', '/api/classes/1/pupils/*/rules/final-j', { ...evidence, evidence: [] })
  answer('put', ITEM, marked)
  answer('get', '/api/sessions/9/scores', [])
  answer('get', '/api/sessions/9/handout', { items: 3, children: [] })
  answer('get', '/api/sessions/9/outlook', { papers: 0, lines: [] })
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
  await waitFor(() => expect(panel.textContent).toContain('reads right'))
  expect(panel.textContent).toContain('dge or ge at the end · left out where due')
  expect(panel.textContent).toContain('reads baj')
})

test('says what the child did with the rule before, and apart from it what is on this paper', async () => {
  await open()
  const panel = screen.getByLabelText('About this attempt')
  await waitFor(() => expect(panel.textContent).toContain('Before this session: left out where due 4 of 5 times.'))
  expect(askedOf('get', '/api/classes/1/pupils/*/rules/final-j')[0]?.query).toEqual({ asOf: '2026-03-03' })
  await userEvent.keyboard('bage')
  await waitFor(() => expect(panel.textContent).toContain('On this paper: failed 1 of 1.'))
})

test('one key says right or blank and goes on to the next word', async () => {
  await open()
  await userEvent.keyboard('=')
  expect(screen.getByLabelText('Anwen: cage')).toBe(document.activeElement)
  await userEvent.keyboard('-')
  expect(screen.getByLabelText('Anwen: sentence')).toBe(document.activeElement)
  await userEvent.keyboard('=')
  expect(screen.getByLabelText('Bashir: badge')).toBe(document.activeElement)
  await screen.findByText('1 of 2 papers')
  await waitFor(() =>
    expect(sent()).toEqual([
      ['3.7', 'badge', 'WRITTEN'],
      ['3.8', '', 'BLANK'],
      ['3.10', 'The gull sat on the ledge.', 'WRITTEN'],
    ]),
  )
})

test('a sentence has a line of its own, and shows its words right and signs off', async () => {
  show(<MarkPage />, '/mark/:id', '/mark/9?at=1.3')
  await userEvent.type(await screen.findByLabelText('Anwen: sentence'), 'The gull sat on the lege?{Enter}')
  expect(await screen.findByText('5/6')).toBeDefined()
  expect(screen.getByLabelText('Anwen, sentence: 5 of six words right, one sign off')).toBeDefined()
  await userEvent.click(screen.getByLabelText(/^Anwen, sentence/))
  const panel = screen.getByLabelText('About this attempt')
  expect(within(panel).getByText('end mark')).toBeDefined()
  expect(panel.textContent).toContain('After one short vowel, the end is written dge: badge.')
})

test('an absent child is away for the whole paper, by one row', async () => {
  answer('put', '/api/sessions/9/papers/*', noContent)
  await open()
  await userEvent.keyboard('!')
  expect(screen.getByLabelText('Bashir: badge')).toBe(document.activeElement)
  expect(await screen.findByText('away', { selector: 'em' })).toBeDefined()
  expect(askedOf('put', '/api/sessions/9/papers/*').map((a) => [a.path, a.body])).toEqual([['/api/sessions/9/papers/3', { state: 'AWAY' }]])
  expect(sent()).toEqual([])
})

test('says why a child cannot be away', async () => {
  answer('put', '/api/sessions/9/papers/*', () => problem(409, '2 answers stand on this paper.'))
  await open()
  await userEvent.keyboard('!')
  expect((await screen.findByRole('alert')).textContent).toContain('2 answers stand')
  expect(screen.queryByText('away', { selector: 'em' })).toBeNull()
})

test('Ctrl Enter goes to the next paper and keeps what was typed', async () => {
  await open()
  await userEvent.keyboard('bad{Control>}{Enter}{/Control}')
  expect(screen.getByLabelText('Bashir: badge')).toBe(document.activeElement)
  await waitFor(() => expect(sent().at(-1)).toEqual(['3.7', 'bad', 'WRITTEN']))
})

test('the open cell is kept in the address; one that is not there is the nearest', async () => {
  await open()
  await userEvent.keyboard('{ArrowDown}')
  await waitFor(() => expect(screen.getByLabelText('address').textContent).toBe('/mark/9?at=2.1'))
})

test('an address past the last paper opens the last', async () => {
  show(<MarkPage />, '/mark/:id', '/mark/9?at=99.1')
  expect(await screen.findByLabelText('Bashir: badge')).toBe(document.activeElement)
})

test('tells what could not be kept, and keeps it when asked', async () => {
  fail('put', ITEM, undefined, '', 1)
  await open()
  await userEvent.keyboard('=')
  expect((await screen.findByRole('alert')).textContent).toContain('1 not kept yet: Dettato cannot be reached just now.')
  await userEvent.click(screen.getByRole('button', { name: 'Keep them now' }))
  await waitFor(() => expect(screen.queryByRole('alert')).toBeNull())
})

test('a login that ends loses no letter: it waits, and is sent when the password is there again', async () => {
  let ended = true
  answer('put', ITEM, (asked) => (ended ? problem(401, 'You are not logged in.') : marked(asked)))
  await open()
  await userEvent.keyboard('bage{Enter}cage')
  await waitFor(() => expect(askedOf('put', ITEM).length).toBeGreaterThanOrEqual(2))
  ended = false
  loggedInAgain()
  await waitFor(() => expect(screen.getByLabelText('Anwen, badge: bage, dge written ge, another spelling')).toBeDefined())
  expect(screen.getByLabelText('Anwen: cage')).toHaveProperty('value', 'cage')
  expect(window.localStorage).toHaveLength(0)
})

test('two who wrote in one cell: both are shown, and she chooses', async () => {
  answer('put', ITEM, () => problem(409, 'Somebody else wrote here meanwhile.', { current: { ...cell(3, 7, 'badge'), version: 5 } }))
  await open()
  await userEvent.keyboard('bage')
  const panel = screen.getByLabelText('About this attempt')
  expect(await within(panel).findByText('badge')).toBeDefined()
  answer('put', ITEM, marked)
  await userEvent.click(within(panel).getByRole('button', { name: 'Keep mine' }))
  await waitFor(() => expect((askedOf('put', ITEM).at(-1)?.body as Typed).version).toBe(5))
})

test('what explains an attempt of another day is asked for when it is opened', async () => {
  const { facts, rivals, confidence, ...plain } = bage
  expect([facts, rivals, confidence]).not.toContain(undefined)
  answer('get', '/api/sessions/9/papers', papers([cell(3, 7, 'bage', plain)]))
  answer('get', '/api/attempts/307', cell(3, 7, 'bage', bage))
  await open('/mark/9?at=1.1')
  expect(await screen.findByText('After one short vowel, the end is written dge: badge.')).toBeDefined()
})

test('says what to do when the session has no words', async () => {
  answer('get', '/api/sessions/9', session({ blocks: [] }))
  show(<MarkPage />, '/mark/:id', '/mark/9')
  expect(await screen.findByRole('link', { name: 'Choose words' })).toBeDefined()
})

test('says why the papers could not be read', async () => {
  fail('get', '/api/sessions/9/papers', 404, 'There is no session 9.')
  show(<MarkPage />, '/mark/:id', '/mark/9')
  expect((await screen.findByRole('alert')).textContent).toContain('There is no session 9.')
})

test("the teacher's own judgement replaces the mark and can be withdrawn", async () => {
  answer('get', '/api/sessions/9/papers', papers([cell(3, 7, 'bage', bage)]))
  answer('put', '/api/attempts/307/override', ({ body }) => ({ ...cell(3, 7, 'bage', bage), override: (body as { result: string }).result }))
  answer('delete', '/api/attempts/307/override', cell(3, 7, 'bage', bage))
  await open('/mark/9?at=1.1')
  await userEvent.click(await screen.findByRole('radio', { name: 'as right' }))
  await waitFor(() => expect(screen.getByRole('radio', { name: 'as right' })).toHaveProperty('checked', true))
  expect(askedOf('put', '/api/attempts/307/override')[0]?.body).toEqual({ result: 'RIGHT', note: 'counted as right' })
  await userEvent.click(screen.getByRole('radio', { name: 'as marked' }))
  await waitFor(() => expect(screen.getByRole('radio', { name: 'as marked' })).toHaveProperty('checked', true))
  expect(askedOf('delete', '/api/attempts/307/override')).toHaveLength(1)
})

test('a judgement that could not be kept is said and changes nothing', async () => {
  answer('get', '/api/sessions/9/papers', papers([cell(3, 7, 'bage', bage)]))
  fail('put', '/api/attempts/307/override')
  await open('/mark/9?at=1.1')
  await userEvent.click(await screen.findByRole('radio', { name: 'as right' }))
  expect((await screen.findByRole('alert')).textContent).toContain('cannot be reached')
  expect(screen.getByRole('radio', { name: 'as marked' })).toHaveProperty('checked', true)
})

test('+ says that the rest of a paper is right, and Ctrl Z takes it back as one step', async () => {
  await open()
  answer('put', PAPER, ({ body }) => (body as { cells: { itemId: number; written: string }[] }).cells.map((c) => cell(3, c.itemId, c.written)) as never)
  await userEvent.keyboard('bage{Enter}+')
  expect(screen.getByLabelText('Bashir: badge')).toBe(document.activeElement)
  await waitFor(() =>
    expect(askedOf('put', PAPER)[0]?.body).toMatchObject({
      cells: [
        { itemId: 8, written: 'cage', state: 'WRITTEN' },
        { itemId: 10, written: 'The gull sat on the ledge.', state: 'WRITTEN' },
      ],
    }),
  )
  await userEvent.keyboard('{Control>}z{/Control}')
  expect(await screen.findByLabelText('Anwen: cage')).toHaveProperty('value', '')
  await userEvent.keyboard('{Control>}z{/Control}')
  expect(await screen.findByLabelText('Anwen: badge')).toHaveProperty('value', '')
  await userEvent.keyboard('{Control>}{Shift>}z{/Shift}{/Control}')
  expect(await screen.findByLabelText('Anwen: badge')).toHaveProperty('value', 'bage')
  await waitFor(() => expect(sent().filter(([at]) => at === '3.7').at(-1)).toEqual(['3.7', 'bage', 'WRITTEN']))
})

test('what others wrote stands ready after two letters: a figure takes it, or an arrow and Enter', async () => {
  answer('get', '/api/sessions/9/papers', papers([cell(4, 7, 'bage', bage), cell(4, 8, 'caj')]))
  await open('/mark/9?at=1.1')
  await userEvent.keyboard('b')
  expect(screen.queryByRole('listbox')).toBeNull()
  await userEvent.keyboard('a')
  expect(screen.getByRole('option', { name: /bage/ })).toBeDefined()
  await userEvent.keyboard('1')
  expect(screen.getByLabelText('Anwen: cage')).toBe(document.activeElement)
  await userEvent.keyboard('ca{ArrowDown}{Enter}')
  expect(screen.getByLabelText('Anwen: sentence')).toBe(document.activeElement)
  await waitFor(() => {
    expect(sent()).toContainEqual(['3.7', 'bage', 'WRITTEN'])
    expect(sent()).toContainEqual(['3.8', 'caj', 'WRITTEN'])
  })
})

test('the correction is kept beside the first attempt', async () => {
  await open()
  await userEvent.keyboard('bage/badge{Enter}')
  expect(screen.getByLabelText('Anwen: cage')).toBe(document.activeElement)
  await waitFor(() => expect(askedOf('put', ITEM).map((a) => a.body)).toContainEqual(expect.objectContaining({ written: 'bage', corrected: 'badge' })))
})

test('the same as on the paper above is one key', async () => {
  answer('get', '/api/sessions/9/papers', papers([cell(3, 7, 'bage', bage)]))
  show(<MarkPage />, '/mark/:id', '/mark/9?at=2.1')
  await screen.findByLabelText('Bashir: badge')
  await userEvent.keyboard('"')
  await waitFor(() => expect(sent()).toEqual([['4.7', 'bage', 'WRITTEN']]))
})

test('a sentence with one wrong word: arrows lead to it, and only it is typed', async () => {
  show(<MarkPage />, '/mark/:id', '/mark/9?at=1.3')
  await screen.findByLabelText('Anwen: sentence')
  await userEvent.keyboard('{ArrowRight}{ArrowRight}gul{ArrowRight}{ArrowRight}{ArrowRight}{ArrowRight}lege.{Enter}')
  await waitFor(() => expect(sent().at(-1)).toEqual(['3.10', 'The gul sat on the lege.', 'WRITTEN']))
})

test('by word goes down a column; it stands in the address', async () => {
  await open()
  await userEvent.keyboard('{Alt>}w{/Alt}=')
  expect(screen.getByLabelText('Bashir: badge')).toBe(document.activeElement)
  expect(screen.getByRole('button', { name: 'By word' }).getAttribute('aria-pressed')).toBe('true')
  await userEvent.keyboard('=')
  expect(screen.getByLabelText('Anwen: cage')).toBe(document.activeElement)
  await waitFor(() => expect(screen.getByLabelText('address').textContent).toContain('by=word'))
})

test('F1 shows every key', async () => {
  await open()
  fireEvent.keyDown(document.activeElement ?? document, { key: 'F1', code: 'F1' })
  expect(screen.getByText('what the child wrote on checking, beside the first')).toBeDefined()
})

test('a paper that cannot be kept at once is kept cell by cell', async () => {
  answer('put', PAPER, () => problem(409, 'Somebody else wrote here meanwhile.'))
  await open()
  await userEvent.keyboard('+')
  await waitFor(() =>
    expect(sent()).toEqual([
      ['3.7', 'badge', 'WRITTEN'],
      ['3.8', 'cage', 'WRITTEN'],
      ['3.10', 'The gull sat on the ledge.', 'WRITTEN'],
    ]),
  )
  await screen.findByText('1 of 2 papers')
})

test('a judgement has a note, and what was judged before can be read', async () => {
  answer('get', '/api/sessions/9/papers', papers([cell(3, 7, 'bage', bage)]))
  answer('put', '/api/attempts/307/override', cell(3, 7, 'bage', bage))
  answer('get', '/api/attempts/307/judgements', [
    { madeAt: '2026-03-04T10:00:00Z', by: 'demo', judged: 'bage', result: 'ABSENT', note: 'a smudge', withdrawnAt: '2026-03-04T11:00:00Z', stands: false },
  ])
  await open('/mark/9?at=1.1')
  await userEvent.click(await screen.findByText('a note, and what was judged before'))
  expect((await screen.findByText(/a smudge/)).textContent).toBe('bage: not at all, demo. a smudge (withdrawn)')
  await userEvent.type(screen.getByLabelText('A note for your judgement'), 'she said badge')
  await userEvent.click(screen.getByRole('radio', { name: 'as right' }))
  await waitFor(() => expect(askedOf('put', '/api/attempts/307/override')[0]?.body).toEqual({ result: 'RIGHT', note: 'she said badge' }))
})

test('when the last paper is marked, three lines say what they show, and the next step is planned for those who need it', async () => {
  answer('get', '/api/sessions/9/papers', papers([3, 4].flatMap((p) => [7, 8, 10].map((i) => cell(p, i, 'x')))))
  answer('get', '/api/sessions/9/outlook', {
    papers: 2,
    lines: [
      { about: 'RULE', says: '1 of 2: Bashir', who: '1 of 2', names: 'Bashir', ground: 'a consonant stands between: ge is due' },
      { about: 'WORD', says: 'cage is off on 2 of 2 papers', who: '', names: '', ground: '' },
    ],
    next: { rule: 'final-j', condition: 'final-j/consonant', pupils: [4] },
  })
  answer('post', '/api/classes/1/sessions', session({ id: 12 }))
  await open('/mark/9?at=1.1')
  const lines = await screen.findByLabelText('What these papers say')
  await waitFor(() => expect(lines.textContent).toContain('1 of 2 fail where a consonant stands between: ge is due: Bashir'))
  await userEvent.click(within(lines).getByRole('button', { name: /^Plan for .*: Bashir$/ }))
  await waitFor(() => expect(screen.getByLabelText('address').textContent).toBe('/class/1/prepare/12'))
  expect(askedOf('post', '/api/classes/1/sessions')[0]?.body).toMatchObject({ focus: [{ rule: 'final-j' }], pupils: [4] })
})

test('papers lie as the pile does, by keys or by dragging, and that is kept', async () => {
  answer('put', '/api/classes/1/order', [])
  await open()
  await userEvent.keyboard('{Alt>}{ArrowDown}{/Alt}')
  const names = () => screen.getAllByRole('rowheader').map((h) => h.textContent?.trim())
  expect(names()).toEqual(['Bashir', 'Anwen'])
  expect(screen.getByLabelText('Anwen: badge')).toBe(document.activeElement)
  await waitFor(() => expect(askedOf('put', '/api/classes/1/order')[0]?.body).toEqual({ pupils: [4, 3] }))
  const data = new Map<string, string>()
  const dataTransfer = { setData: (type: string, text: string) => data.set(type, text), getData: (type: string) => data.get(type) }
  const [first, second] = screen.getAllByRole('rowheader')
  fireEvent.dragStart(first!, { dataTransfer })
  fireEvent.drop(second!, { dataTransfer })
  expect(names()).toEqual(['Anwen', 'Bashir'])
  await waitFor(() => expect(askedOf('put', '/api/classes/1/order').at(-1)?.body).toEqual({ pupils: [3, 4] }))
  expect(screen.queryByRole('button', { name: 'A–Z' })).toBeNull()
})

test('what was answered aloud is done, or child by child', async () => {
  const cards = { id: 60, kind: 'cards', title: 'Cards', role: 'REVIEW' as const, spoken: true, seconds: 9, items: [{ ...sentenceItem(70, 'ai [/eɪ/]'), stumbled: true, stumblers: [4] }, sentenceItem(71, 'ow [/aʊ/]')] }
  answer('get', '/api/sessions/9', session({ blocks: [...session().blocks, cards] }))
  answer('put', '/api/sessions/9/items/70/stumble', noContent)
  await open()
  await userEvent.click(screen.getByRole('button', { name: 'Aloud' }))
  const dialog = screen.getByRole('dialog', { name: 'Answered aloud' })
  expect(within(dialog).getByText('Cards: 1 of 2 stumbled over')).toBeDefined()
  await userEvent.click(within(dialog).getByRole('button', { name: /Bashir/ }))
  await userEvent.click(within(dialog).getByRole('button', { name: 'Anwen' }))
  await waitFor(() => expect(askedOf('put', '/api/sessions/9/items/70/stumble')[0]?.body).toEqual({ stumbled: true, pupils: [4, 3] }))
})
