import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test, vi } from 'vitest'
import { MarkKeys } from './MarkKeys'
import { Shown, spokenMarks } from './Shown'
import type { Cell } from '../../api/client'
import { cell } from '../../test/made-up'

function keys(text: string, model: string) {
  const keep = vi.fn()
  const leave = vi.fn()
  render(<MarkKeys text={text} model={model} name="Anwen: cake" keep={keep} leave={leave} />)
  return { keep, leave }
}

test('letters that are right begin with the marks that are due: Enter keeps them', async () => {
  const { keep } = keys('cake', 'c a-e k')
  await userEvent.keyboard('{Enter}')
  expect(keep).toHaveBeenCalledWith('c a-e k')
})

test('marks are put by keys, letter by letter', async () => {
  const { keep } = keys('shayk', 'sh a-e k')
  await userEvent.keyboard(' {ArrowRight}{ArrowRight} {Enter}')
  expect(keep).toHaveBeenCalledWith('sh ay k')
})

test('a word without marks, and back to its letters', async () => {
  const { keep, leave } = keys('cake', 'c a-e k')
  await userEvent.keyboard('0{Enter}')
  expect(keep).toHaveBeenCalledWith('cake')
  await userEvent.keyboard('{Escape}')
  expect(leave).toHaveBeenCalled()
})

function judged(letters: 'RIGHT' | 'READS_RIGHT', marks: 'MATCH' | 'REPLACED'): Cell {
  const right = letters === 'RIGHT' && marks === 'MATCH'
  const mark = { ...cell(1, 1, 'x').mark, result: letters }
  return {
    ...cell(1, 1, 'c a k e'),
    result: right ? 'RIGHT' : 'SOUND_ERROR',
    sentence: {
      words: [
        { target: 'cake', written: 'cake', kind: 'MATCH', mark, parts: [] },
        { target: 'c a-e k', written: 'c a k e', kind: marks, parts: [] },
      ],
      conventions: [],
      right: 0,
      asked: 2,
      signsOff: 0,
    } as unknown as NonNullable<Cell['sentence']>,
  }
}

test.each([
  ['RIGHT', 'MATCH', 'letters right, marks right'],
  ['RIGHT', 'REPLACED', 'letters right, marks off'],
  ['READS_RIGHT', 'MATCH', 'letters off, marks right'],
  ['READS_RIGHT', 'REPLACED', 'letters off, marks off'],
] as const)('letters %s and marks %s are one of four results', (letters, marks, says) => {
  const one = judged(letters, marks)
  expect(spokenMarks(one)).toBe(says)
  const { container } = render(<Shown cell={one} />)
  expect(container.querySelector('.wavy') !== null).toBe(letters !== 'RIGHT')
  expect(container.querySelector('.border-dashed') !== null).toBe(marks !== 'MATCH')
  expect(screen.queryByText('•') !== null).toBe(letters === 'RIGHT' && marks === 'MATCH')
})
