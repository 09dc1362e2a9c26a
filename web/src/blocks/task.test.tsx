import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test, vi } from 'vitest'
import type { Item } from '../api/client'
import { KINDS, kindOf } from '.'
import { TaskCaller } from './TaskCaller'

const item: Item = { id: 1, text: 'hopping', says: 'hop + ing', answer: ['hopping'], role: 'FOCUS', units: [], clue: '', due: '', focus: -1, why: '', stumbled: false, stumblers: [], ours: 0, theirs: 0, pieces: [], pause: 20 }

test('a task is called by what is said, and shows its answer only when it is due', () => {
  const { Caller, head } = kindOf('join')
  const { rerender } = render(<Caller item={item} step="write" repeats={0} counted hidden={false} />)
  expect(screen.getByText('hop + ing')).toBeDefined()
  expect(screen.queryByText('hopping')).toBeNull()
  rerender(<Caller item={item} step="show" repeats={1} counted hidden={false} />)
  expect(screen.getByText('hopping')).toBeDefined()
  expect(head(item)).toBe('hopping')
})

test('twenty kinds have an id of their own and a name, and what is not spoken is written', () => {
  expect(new Set(KINDS.map((k) => k.id)).size).toBe(20)
  for (const kind of KINDS) expect([kind.name.length > 0, kind.isSpoken || kind.steps.includes('write') || kind.id === 'hunt' || kind.id === 'match']).toEqual([true, true])
})

test('takes a sentence with a gap as it is typed', async () => {
  const { Editor } = kindOf('gap')
  const add = vi.fn()
  const none = vi.fn()
  render(<Editor items={[]} edit={{ add, drop: none, swap: none, review: vi.fn(), move: none, take: none }} />)
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
