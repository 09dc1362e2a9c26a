import { cleanup, screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, test } from 'vitest'
import type { FilledItem, Plan } from '../../../api/client'
import { candidate, candidates, limpet, map, otherRule, rule, session, sounds, withWords } from '../../../test/made-up'
import { show } from '../../../test/page'
import { answer, askedOf, fail, problem } from '../../../test/server'
import { Prepare } from './Prepare'

const texts = (plan: Plan, kind: string) => plan.blocks.find((b) => b.kind === kind)?.items.map((i) => i.text)
const chosen = (...all: string[]): FilledItem[] => all.map((text) => ({ text, asks: text, right: '', role: 'FOCUS', why: 'it fits' }))
const kept = () => askedOf('put', '/api/sessions/9').map((a) => texts(a.body as Plan, 'words'))

beforeEach(() => {
  answer('get', '/api/sessions/9', session())
  answer('get', '/api/rules', [otherRule, rule])
  answer('get', '/api/classes/1/map', map)
  answer('get', '/api/sounds', sounds)
  answer('get', '/api/classes', [limpet])
  answer('get', '/api/classes/1/candidates', { total: 31, groups: candidates })
  let version = 3
  answer('put', '/api/sessions/9', ({ body }) => withWords(texts(body as Plan, 'words') ?? [], texts(body as Plan, 'sentence') ?? [], ++version))
})

async function open(at = '/prepare/9') {
  show(<Prepare />, '/prepare/:id', at)
  await screen.findByLabelText('Take ledge')
}

test('shows what it is about, and how many children need each rule', async () => {
  await open()
  const chosen = screen.getByRole('button', { name: /^dge or ge at the end/ })
  expect(chosen.getAttribute('aria-pressed')).toBe('true')
  await waitFor(() => expect(chosen.textContent).toContain('1'))
})

test('says once for all why words fit, and what in one is not taught yet', async () => {
  await open()
  const list = within(screen.getByLabelText('Candidates'))
  expect(list.getByRole('heading', { name: /a short vowel right before: dge/ }).textContent).toContain('1 child breaks this')
  expect(list.getByText('ar not taught yet')).toBeDefined()
  expect(list.queryByLabelText('Take badge')).toBeNull()
})

test('finds a rule as it is typed, and takes it with Enter', async () => {
  await open()
  await userEvent.keyboard('/')
  await userEvent.keyboard('ck{Enter}')
  await waitFor(() => expect((askedOf('put', '/api/sessions/9')[0]?.body as Plan).focus).toEqual([{ rule: 'final-k' }]))
})

test('a sound is taken with its taught spellings, to be ticked', async () => {
  let version = 3
  answer('put', '/api/sessions/9', ({ body }) => session({ version: ++version, focus: (body as Plan).focus }))
  await open()
  await userEvent.click(await screen.findByLabelText('The sound ai, as in rain'))
  await userEvent.click(await screen.findByLabelText('ai'))
  const focus = () => askedOf('put', '/api/sessions/9').map((a) => (a.body as Plan).focus)
  await waitFor(() => expect(focus()).toEqual([[{ sound: 'eɪ', graphemes: ['a_e', 'ai'] }], [{ sound: 'eɪ', graphemes: ['a_e'] }]]))
})

test.each([
  ['takes a word', 'Take ledge', ['badge', 'cage', 'ledge']],
  ['moves a word', 'Move cage up', ['cage', 'badge']],
  ['drops a word', 'Drop badge', ['cage']],
  ['swaps a word for the next best of its side', 'Swap badge', ['ledge', 'cage']],
])('%s, and keeps it at once on the version it saw', async (_, button, words) => {
  await open()
  await userEvent.click(screen.getByRole('button', { name: button }))
  await waitFor(() => expect(kept()).toEqual([words]))
  expect(askedOf('put', '/api/sessions/9')[0]?.headers.get('If-Match')).toBe('"3"')
})

test('two fast clicks are two changes, the second made on the first', async () => {
  await open()
  await userEvent.click(screen.getByRole('button', { name: 'Take ledge' }))
  await userEvent.click(screen.getByRole('button', { name: 'Take large' }))
  await waitFor(() => expect(kept()).toEqual([['badge', 'cage', 'ledge'], ['badge', 'cage', 'ledge', 'large']]))
  expect(askedOf('put', '/api/sessions/9').map((a) => a.headers.get('If-Match'))).toEqual(['"3"', '"4"'])
  expect(await screen.findByLabelText('Drop large')).toBeDefined()
})

test('a change on a sheet that was changed elsewhere is made again on what stands there now', async () => {
  await open()
  let first = true
  answer('put', '/api/sessions/9', ({ body }) => {
    if (!first) return withWords(texts(body as Plan, 'words') ?? [], undefined, 8)
    first = false
    return problem(409, 'This session was changed elsewhere meanwhile.')
  })
  answer('get', '/api/sessions/9', withWords(['badge', 'cage', 'judge'], undefined, 7))
  await userEvent.click(screen.getByRole('button', { name: 'Take ledge' }))
  expect(await screen.findByLabelText('Drop judge')).toBeDefined()
  await waitFor(() => expect(kept().at(-1)).toEqual(['badge', 'cage', 'judge', 'ledge']))
  expect(askedOf('put', '/api/sessions/9').at(-1)?.headers.get('If-Match')).toBe('"7"')
})

test('a moved word keeps the key that moved it', async () => {
  await open()
  await userEvent.click(screen.getByRole('button', { name: 'Move cage up' }))
  await waitFor(() => expect(document.activeElement?.getAttribute('aria-label')).toBe('Move cage up'))
})

test('a moved word goes where it is moved once, and does not jump back while it is kept', async () => {
  await open()
  const rows = within(screen.getByRole('region', { name: 'Words' }))
  const order = () => rows.getAllByLabelText(/^Drop (?!the block)/).map((drop) => drop.getAttribute('aria-label')?.replace('Drop ', '')).join(' ')
  const seen: string[] = []
  const watch = new MutationObserver(() => seen.push(order()))
  watch.observe(screen.getByRole('region', { name: 'Words' }), { childList: true, subtree: true })
  await userEvent.click(screen.getByRole('button', { name: 'Move cage up' }))
  await waitFor(() => expect(kept()).toEqual([['cage', 'badge']]))
  await waitFor(() => expect(screen.queryByText('keeping…')).toBeNull())
  watch.disconnect()
  expect(new Set(seen)).toEqual(new Set(['cage badge']))
})

test('adds a block that is filled, and drops one', async () => {
  answer('post', '/api/classes/1/fill', chosen('The gull sat on the [ledge].'))
  await open()
  await userEvent.selectOptions(screen.getByLabelText('Add a block'), 'Gap sentences')
  await waitFor(() => expect(askedOf('put', '/api/sessions/9')).toHaveLength(1))
  expect(askedOf('post', '/api/classes/1/fill')[0]?.body).toMatchObject({ kind: 'gap', count: 4, session: 9, without: ['badge', 'cage', 'The gull sat on the ledge.'] })
  expect((askedOf('put', '/api/sessions/9')[0]?.body as Plan).blocks.at(-1)).toEqual({ kind: 'gap', title: 'Gap sentences', role: 'FOCUS', items: [{ text: 'The gull sat on the [ledge].', role: 'FOCUS', why: 'it fits' }] })
  await userEvent.click(await screen.findByLabelText('Drop the block Sentence'))
  await waitFor(() => expect((askedOf('put', '/api/sessions/9').at(-1)?.body as Plan).blocks.map((b) => b.kind)).toEqual(['words']))
})

test('undoes and redoes, by key or button, with the items that are there keeping their ids', async () => {
  await open()
  expect(screen.getByRole('button', { name: 'Undo' }).hasAttribute('disabled')).toBe(true)
  await userEvent.click(screen.getByRole('button', { name: 'Drop badge' }))
  await waitFor(() => expect(kept()).toEqual([['cage']]))
  await userEvent.keyboard('{Control>}z{/Control}')
  await waitFor(() => expect(kept()).toEqual([['cage'], ['badge', 'cage']]))
  expect((askedOf('put', '/api/sessions/9')[1]?.body as Plan).blocks[0]?.items).toMatchObject([{ text: 'badge', role: 'FOCUS' }, { id: 8, text: 'cage' }])
  await userEvent.click(screen.getByRole('button', { name: 'Redo' }))
  await waitFor(() => expect(kept().at(-1)).toEqual(['cage']))
  expect(screen.getByRole('button', { name: 'Redo' }).hasAttribute('disabled')).toBe(true)
})

test('undo takes back what was done here, and leaves what another window has added since', async () => {
  await open()
  await userEvent.click(screen.getByRole('button', { name: 'Take ledge' }))
  await waitFor(() => expect(kept().at(-1)).toEqual(['badge', 'cage', 'ledge']))
  // The other window adds fudge; this one hears of it when it undoes.
  let first = true
  answer('put', '/api/sessions/9', ({ body }) => {
    if (!first) return withWords(texts(body as Plan, 'words') ?? [], undefined, 9)
    first = false
    return problem(409, 'This session was changed elsewhere meanwhile.')
  })
  answer('get', '/api/sessions/9', withWords(['badge', 'cage', 'ledge', 'fudge'], undefined, 8))
  await userEvent.click(screen.getByRole('button', { name: 'Undo' }))
  await waitFor(() => expect(kept().at(-1)).toEqual(['badge', 'cage', 'fudge']))
  await userEvent.click(screen.getByRole('button', { name: 'Redo' }))
  await waitFor(() => expect(kept().at(-1)).toEqual(['badge', 'cage', 'ledge', 'fudge']))
})

test('blocks asked for fast stand in that order, however late each is filled, and the page asks before it is left', async () => {
  let version = 3
  answer('put', '/api/sessions/9', ({ body }) => session({ version: ++version, blocks: (body as Plan).blocks.map((b, i) => ({ id: b.id ?? 90 + i, kind: b.kind, title: b.title ?? '', role: 'FOCUS' as const, spoken: false, seconds: 9, items: [] })) }))
  const held: (() => void)[] = []
  answer('post', '/api/classes/1/fill', async ({ body }) => {
    if ((body as { kind: string }).kind === 'gap') await new Promise<void>((go) => held.push(go))
    return chosen(`one ${(body as { kind: string }).kind}`) as never
  })
  await open()
  const leave = () => {
    const leaving = new Event('beforeunload', { cancelable: true })
    window.dispatchEvent(leaving)
    return leaving.defaultPrevented
  }
  expect(leave()).toBe(false)
  await userEvent.selectOptions(screen.getByLabelText('Add a block'), 'gap')
  await userEvent.selectOptions(screen.getByLabelText('Add a block'), 'irregular')
  await waitFor(() => expect(held).toHaveLength(1))
  expect(leave()).toBe(true)
  held[0]?.()
  await waitFor(() => expect((askedOf('put', '/api/sessions/9').at(-1)?.body as Plan).blocks.map((b) => b.kind)).toEqual(['words', 'sentence', 'gap', 'irregular']))
  await waitFor(() => expect(leave()).toBe(false))
})

test('a block that was dropped comes back whole', async () => {
  let version = 3
  answer('put', '/api/sessions/9', ({ body }) =>
    session({ version: ++version, blocks: session().blocks.filter((b) => (body as Plan).blocks.some((wanted) => wanted.kind === b.kind)) }),
  )
  await open()
  await userEvent.click(screen.getByLabelText('Drop the block Sentence'))
  await waitFor(() => expect(screen.queryByText('keeping…')).toBeNull())
  await userEvent.click(screen.getByRole('button', { name: 'Undo' }))
  await waitFor(() => expect(askedOf('put', '/api/sessions/9')).toHaveLength(2))
  expect((askedOf('put', '/api/sessions/9')[1]?.body as Plan).blocks[1]).toMatchObject({ kind: 'sentence', items: [{ text: 'The gull sat on the ledge.' }] })
})

test('takes a word of her own from the keyboard', async () => {
  await open()
  await userEvent.type(screen.getByLabelText('A word of your own'), 'Gadget{Enter}')
  await waitFor(() => expect(kept()[0]).toEqual(['badge', 'cage', 'gadget']))
})

test('keeps the sentence when it is left', async () => {
  answer('post', '/api/classes/1/fill', chosen('A gull.'))
  show(<Prepare />, '/prepare/:id', '/prepare/9?block=52')
  const box = await screen.findByRole('textbox', { name: 'Sentence' })
  await userEvent.clear(box)
  await userEvent.type(box, 'A gull.')
  await userEvent.tab()
  await waitFor(() => expect(texts(askedOf('put', '/api/sessions/9')[0]?.body as Plan, 'sentence')).toEqual(['A gull.']))
})

test('fills the words by one key, and leaves the sentence that is there', async () => {
  answer('post', '/api/classes/1/fill', chosen('ledge', 'stage'))
  await open()
  await userEvent.click(screen.getByRole('button', { name: /^Fill it for me/ }))
  await waitFor(() => expect(kept()[0]).toEqual(['ledge', 'stage']))
  expect(askedOf('post', '/api/classes/1/fill').map((a) => (a.body as { kind: string }).kind)).toEqual(['words'])
})

test('says why it could not be filled, and tries again', async () => {
  fail('post', '/api/classes/1/fill', 500, 'Something went wrong on our side.', 1)
  await open()
  await userEvent.click(screen.getByRole('button', { name: /^Fill it for me/ }))
  expect((await screen.findByRole('alert')).textContent).toContain('Something went wrong')
  answer('post', '/api/classes/1/fill', chosen('ledge'))
  await userEvent.click(screen.getByRole('button', { name: 'Try again' }))
  await waitFor(() => expect(kept()[0]).toEqual(['ledge']))
})

test('shows the checks, what matters first, each with what mends it', async () => {
  answer(
    'get',
    '/api/sessions/9',
    session({ checks: [{ kind: 'OVER_TIME', says: 'It takes 27 minutes.' }, { kind: 'PREDICTABLE', says: 'The words take turns.' }, { kind: 'UNTAUGHT', says: 'cage needs a-e.', item: 8 }], drops: [7] }),
  )
  answer('post', '/api/classes/1/fill', chosen('stage'))
  await open()
  const checks = within(screen.getByText('3 checks').parentElement ?? document.body)
  expect(checks.getAllByRole('button').map((b) => b.textContent)).toEqual(['choose anew', 'swap it', 'drop 1 T'])
  await userEvent.click(checks.getByText('swap it'))
  await waitFor(() => expect(kept()).toEqual([['badge', 'stage']]))
})

test('T drops what does not fit the time', async () => {
  answer('get', '/api/sessions/9', session({ checks: [{ kind: 'OVER_TIME', says: 'It takes 27 minutes.' }], drops: [7] }))
  await open()
  await userEvent.keyboard('t')
  await waitFor(() => expect(kept()).toEqual([['cage']]))
})

test('says how the best guesser fares', async () => {
  answer('get', '/api/sessions/9', session({ guess: { says: 'always says the other', right: 5, of: 9 } }))
  await open()
  expect(screen.getByText('Nobody can guess: who always says the other is right 5 times of 9.')).toBeDefined()
})

test('what has the focus is swapped by S, and moved by Alt and an arrow; so is a block', async () => {
  await open()
  screen.getByLabelText('Drop cage').focus()
  await userEvent.keyboard('{Alt>}{ArrowUp}{/Alt}')
  await waitFor(() => expect(kept()).toEqual([['cage', 'badge']]))
  screen.getByLabelText('Drop badge').focus()
  await userEvent.keyboard('s')
  await waitFor(() => expect(kept().at(-1)).toEqual(['cage', 'ledge']))
  screen.getByRole('button', { name: /^Words/ }).focus()
  await userEvent.keyboard('{Alt>}{ArrowDown}{/Alt}')
  await waitFor(() => expect((askedOf('put', '/api/sessions/9').at(-1)?.body as Plan).blocks.map((b) => b.kind)).toEqual(['sentence', 'words']))
})

test('another block is opened, and what fits it stands in the middle', async () => {
  answer('post', '/api/classes/1/fill', chosen('A gull is on the bridge.'))
  await open()
  await userEvent.click(screen.getByRole('button', { name: /^Sentence/ }))
  expect(screen.getByLabelText('address').textContent).toBe('/prepare/9?block=52')
  await userEvent.click(await screen.findByLabelText('Take A gull is on the bridge.'))
  await waitFor(() => expect(texts(askedOf('put', '/api/sessions/9')[0]?.body as Plan, 'sentence')).toEqual(['The gull sat on the ledge.', 'A gull is on the bridge.']))
})

test('is copied to another day, and kept as a template', async () => {
  answer('post', '/api/sessions/9/copy', session({ id: 12 }))
  answer('post', '/api/sessions/9/template', { id: 'own-1', name: 'Mine', says: '', minutes: 20, blocks: [] })
  await open()
  await userEvent.click(screen.getByText('More'))
  await userEvent.type(screen.getByLabelText('Name of the template'), 'Mine{Enter}')
  expect(await screen.findByText(/^Kept/)).toBeDefined()
  await userEvent.click(screen.getByRole('button', { name: 'Copy' }))
  await waitFor(() => expect(askedOf('post', '/api/sessions/9/copy')[0]?.body).toEqual({ date: '2026-03-05', classId: 1 }))
  expect(await screen.findByText('another page')).toBeDefined()
})

test('keeps filters in the address', async () => {
  await open()
  await userEvent.click(screen.getByRole('button', { name: 'one beat' }))
  expect(screen.getByLabelText('address').textContent).toBe('/prepare/9?beats=1')
  await userEvent.click(screen.getByRole('button', { name: 'taught so far' }))
  expect(screen.getByLabelText('address').textContent).toBe('/prepare/9?beats=1&taught=no')
})

test('tells why a change was not kept, leaves the sheet as it was, and makes the change again when asked', async () => {
  fail('put', '/api/sessions/9', 400, "'ledge' is on the sheet twice.", 1)
  await open()
  await userEvent.click(screen.getByRole('button', { name: 'Drop badge' }))
  expect((await screen.findByRole('alert')).textContent).toContain('on the sheet twice')
  expect(screen.getByLabelText('Drop badge')).toBeDefined()
  await userEvent.click(screen.getByRole('button', { name: 'Try again' }))
  await waitFor(() => expect(screen.queryByLabelText('Drop badge')).toBeNull())
})

test('a sheet is made by keys alone: arrows, S, Delete, Ctrl Z, O', async () => {
  await open()
  await userEvent.keyboard('{ArrowDown}{ArrowDown}{Delete}')
  await waitFor(() => expect(kept()).toEqual([['badge']]))
  await userEvent.keyboard('{Control>}z{/Control}')
  await waitFor(() => expect(kept().at(-1)).toEqual(['badge', 'cage']))
  await userEvent.keyboard('{ArrowUp}{ArrowUp}s')
  await waitFor(() => expect(kept().at(-1)).toContain('ledge'))
  await userEvent.keyboard('{Escape}')
  ;(document.activeElement as HTMLElement).blur()
  await userEvent.keyboard('ogadget{Enter}')
  await waitFor(() => expect(kept().at(-1)).toContain('gadget'))
})

test('words for every focus stand there, those of the first before', async () => {
  answer('get', '/api/sessions/9', session({ focus: [{ rule: 'final-j' }, { irregular: true }] }))
  answer('get', '/api/classes/1/candidates', ({ query }) =>
    query.irregular ? { total: 1, groups: [{ ...candidates[0]!, condition: undefined, says: 'not known by heart yet', words: [candidate('said', 'ai')] }] } : { total: 31, groups: candidates },
  )
  await open()
  expect(await screen.findByLabelText('Take said')).toBeDefined()
  expect(screen.getByText('32, commonest first')).toBeDefined()
})

test('what had not reached the server when the page was closed is made when the session is next opened', async () => {
  fail('put', '/api/sessions/9', 503, 'down')
  await open()
  await userEvent.click(screen.getByLabelText('Take ledge'))
  await screen.findByText(/down/)
  expect(window.localStorage.getItem('dettato.plan.9')).toContain('ledge')
  cleanup()
  let version = 3
  answer('put', '/api/sessions/9', ({ body }) => withWords(texts(body as Plan, 'words') ?? [], texts(body as Plan, 'sentence') ?? [], ++version))
  show(<Prepare />, '/prepare/:id', '/prepare/9')
  await waitFor(() => expect((askedOf('put', '/api/sessions/9').at(-1)?.body as Plan).blocks[0]?.items.map((i) => i.text)).toEqual(['badge', 'cage', 'ledge']))
  await waitFor(() => expect(window.localStorage.getItem('dettato.plan.9')).toBeNull())
})
