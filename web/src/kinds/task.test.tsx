import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test, vi } from 'vitest'
import type { Item } from '../api/client'
import type { KindView } from '../api/client'
import { kinds } from '../test/made-up'
import json from '../test/kinds.json'
import { kindsOf } from '.'
import { TaskCaller } from './TaskCaller'

const item: Item = { id: 1, text: 'hopping', head: 'hopping', asks: 'hopping', right: '', says: 'hop + ing', answer: ['hopping'], role: 'FOCUS', units: [], clue: '', due: '', focus: -1, why: '', stumbled: false, stumblers: [], ours: 0, theirs: 0, pieces: [], pause: 20 }

const told = json as KindView[]

test('a task is called by what is said, and shows its answer only when it is due', () => {
  const { Caller } = kinds.of('join')
  const { rerender } = render(<Caller item={item} step="write" repeats={0} counted hidden={false} />)
  expect(screen.getByText('hop + ing')).toBeDefined()
  expect(screen.queryByText('hopping')).toBeNull()
  rerender(<Caller item={item} step="show" repeats={1} counted hidden={false} />)
  expect(screen.getByText('hopping')).toBeDefined()
})

test('every kind looks as it is answered, one that these pages have never heard of too', () => {
  const strange = kindsOf([...told, { ...told[0]!, id: 'riddle', answer: 'CHOICE', takesWords: false }])
  expect(strange.of('riddle').Caller).toBe(TaskCaller)
  const looks = (id: string) => kinds.of(id).Caller === TaskCaller
  expect(['words', 'sentence', 'own-sentence', 'irregular', 'sort'].map(looks)).toEqual([false, false, true, true, true])
  expect(kinds.all.filter((k) => k.Marker).map((k) => k.id)).toEqual(['mark-up'])
  for (const kind of kinds.all) expect([kind.title.length > 0, kind.example.length > 0, kind.steps.length > 1]).toEqual([true, true, true])
})

test('takes a sentence with a gap as it is typed', async () => {
  const { Editor, example, longest } = kinds.of('gap')
  const add = vi.fn()
  const none = vi.fn()
  render(<Editor items={[]} own={example} longest={longest} edit={{ add, drop: none, swap: none, review: vi.fn(), move: none, take: none }} />)
  await userEvent.type(screen.getByRole('textbox'), 'The gull sat on the [[ledge].{Enter}')
  expect(add).toHaveBeenCalledWith('The gull sat on the [ledge].')
})

test('a class that sees the screen does not read the word off it before it is shown', () => {
  const said = { ...item, says: 'said', answer: ['said'], text: 'said' }
  const { rerender } = render(<TaskCaller item={said} step="say it" repeats={0} counted hidden />)
  expect(screen.queryByText('said')).toBeNull()
  expect(screen.getByText('The word is hidden until it is shown')).toBeDefined()
  rerender(<TaskCaller item={said} step="show" repeats={0} counted hidden />)
  expect(screen.getAllByText('said').length).toBeGreaterThan(0)
})

test('what the class is to read stays, when its answer does not stand in it', () => {
  render(<TaskCaller item={{ ...item, says: 'crunch', answer: ['ch'] }} step="read it" repeats={0} counted hidden />)
  expect(screen.getByText('crunch')).toBeDefined()
})
