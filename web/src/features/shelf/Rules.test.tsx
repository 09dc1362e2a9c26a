import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, test } from 'vitest'
import { bage, choices, limpet, map, otherRule, rule } from '../../test/made-up'
import { show } from '../../test/page'
import { answer, askedOf, fail } from '../../test/server'
import { Rules, share } from './Rules'

beforeEach(() => {
  answer('get', '/api/rules', [rule, otherRule])
  answer('get', '/api/classes/1/map', map)
  answer('post', '/api/marking/preview', { results: [bage] })
})

async function open(at = '/rules') {
  show(<Rules />, '/rules', at)
  await screen.findByRole('heading', { name: rule.name })
}

test('says a rule to teacher and child, how often it holds, and where it does not', async () => {
  await open()
  expect(screen.getByText(rule.says)).toBeDefined()
  expect(screen.getByText(`“${rule.saysToChild}”`)).toBeDefined()
  expect(screen.getByText('163 of 168')).toBeDefined()
  expect(screen.getByText('knowledge')).toBeDefined()
})

test('the doubling rule is told in short where the class hears it so, and says what it is marked by', async () => {
  answer('get', '/api/rules', [{ ...rule, id: 'double-before-ending' }, otherRule])
  show(<Rules />, '/rules', '/rules', { ...limpet, choices: { ...choices, doubling: 'SHORT' } })
  expect(await screen.findByText('“One vowel, one consonant: double it.”')).toBeDefined()
  expect(screen.getByText(/marked by the whole rule/)).toBeDefined()
  expect(screen.getByText(rule.says)).toBeDefined()
})

test('says that a weak rule is weak', async () => {
  answer('get', '/api/rules', [{ ...rule, weak: true }, otherRule])
  await open()
  expect(screen.getByText(/A weak rule/)).toBeDefined()
})

test('shows the conditions of both sides with their figures, words and exceptions', async () => {
  await open()
  const due = within(screen.getByLabelText('dge due'))
  expect(due.getByText(/one short vowel letter stands right before/).textContent).toContain('98 % of 64')
  expect(due.getByText('ledge')).toBeDefined()
  expect(due.getByText('veg')).toBeDefined()
  const not = within(screen.getByLabelText('ge due, dge not'))
  expect(not.getByText('“Another consonant: no d.”')).toBeDefined()
  expect(not.getByText('hinge')).toBeDefined()
})

test('says when a rule has one side only', async () => {
  answer('get', '/api/rules', [{ ...rule, conditions: rule.conditions.slice(0, 1) }, otherRule])
  await open()
  expect(screen.getByText('The rule has one side only.')).toBeDefined()
})

test('names the children it trips now, with the way to their evidence', async () => {
  await open()
  const link = await screen.findByRole('link', { name: 'Bashir' })
  expect(link.getAttribute('href')).toBe('/class/1/respond?child=4&rule=final-j')
})

test('names a child who fails two conditions once', async () => {
  const group = map.groups[0]!
  answer('get', '/api/classes/1/map', { ...map, groups: [group, { ...group, condition: 'final-j/weak', says: 'the vowel is weak' }] })
  await open()
  expect(await screen.findAllByRole('link', { name: 'Bashir' })).toHaveLength(1)
})

test('another rule is chosen in the address; nobody fails it', async () => {
  await open()
  await userEvent.click(screen.getByRole('button', { name: /^ck, k or c/ }))
  expect(screen.getByLabelText('address').textContent).toBe('/rules?rule=final-k')
  expect(await screen.findByText(/Nobody in the class shows a pattern/)).toBeDefined()
})

test('explains a spelling as it is typed and keeps it in the address', async () => {
  await open()
  await userEvent.type(screen.getByLabelText('The word'), 'badge')
  await userEvent.type(screen.getByLabelText('What was written'), 'bage')
  expect(await screen.findByText('reads right')).toBeDefined()
  expect(screen.getByText('dge or ge at the end · left out where due')).toBeDefined()
  expect(askedOf('post', '/api/marking/preview').at(-1)?.body).toEqual({ accent: 'en-GB', pairs: [{ target: 'badge', attempt: 'bage' }] })
  expect(screen.getByLabelText('address').textContent).toBe('/rules?word=badge&written=bage')
})

test('asks nothing while there is no word, and says what is wrong with one', async () => {
  fail('post', '/api/marking/preview', 400, 'pairs[0].target: no letters')
  await open('/rules?written=bage')
  expect(askedOf('post', '/api/marking/preview')).toEqual([])
  await userEvent.type(screen.getByLabelText('The word'), 'x')
  expect((await screen.findByRole('alert')).textContent).toContain('no letters')
})

test('never says always for a rule with exceptions', () => {
  expect(share({ ...rule, holds: 1999, total: 2000 })).toBe('99 %')
  expect(share({ ...rule, holds: 7, total: 7 })).toBe('100 %')
  expect(share({ ...rule, holds: 0, total: 0 })).toBe('–')
})
