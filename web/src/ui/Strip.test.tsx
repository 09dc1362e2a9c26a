import { render, screen } from '@testing-library/react'
import { expect, test } from 'vitest'
import type { Mark, MarkedUnit } from '../api/client'
import { Frames, MarkStrip, spokenMark, Strip, Written } from './Strip'

const unit = (grapheme: string, written: string, verdict: MarkedUnit['verdict']): MarkedUnit => ({ grapheme, written, verdict, phoneme: grapheme })
const mark: Mark = {
  target: 'lamp', attempt: 'lapu', result: 'SOUND_ERROR', facts: [], confidence: 1, rivals: [], oddities: [], readsAs: '', rules: [], swapped: [],
  units: [unit('l', 'l', 'EXACT'), unit('a', 'a', 'EXACT'), unit('m', '', 'MISSING'), unit('p', 'p', 'EXACT')],
  extra: [{ written: 'u', before: 4 }],
}

test('says a word for a screen reader and draws a cell a sound', () => {
  render(<Strip units={[{ grapheme: 'r', phoneme: 'r' }, { grapheme: 'dge', phoneme: 'dʒ' }]} />)
  expect(screen.getByRole('img', { name: 'r dge' }).children).toHaveLength(2)
})

test('joins the letters of a split digraph by an arc', () => {
  render(<Strip units={[{ grapheme: 'a_e', phoneme: 'eɪ' }]} label="cake" />)
  expect(screen.getByRole('img', { name: 'cake' }).textContent).toContain('a⏜e')
})

test('frames tell nothing but the number of sounds', () => {
  render(<Frames count={3} label="three sounds" />)
  expect(screen.getByRole('img', { name: 'three sounds' }).textContent).toBe('')
})

test('says what is wrong in words, and "right" when nothing is', () => {
  expect(spokenMark(mark)).toBe('m missing; u added')
  expect(spokenMark({ ...mark, extra: [], units: [unit('l', 'l', 'EXACT')] })).toBe('right')
  render(<MarkStrip mark={mark} />)
  expect(screen.getByRole('img', { name: 'lamp, written lapu: m missing; u added' })).toBeDefined()
})

test.each([
  ['ALTERNATIVE', 'wavy'], ['PARTIAL', 'broken'], ['NEAR', 'near'], ['OTHER', 'hatched'],
] as const)('%s has a shape of its own', (verdict, shape) => {
  const { container } = render(<Written mark={{ ...mark, attempt: 'n', extra: [], units: [unit('m', 'n', verdict)] }} />)
  expect(container.querySelector(`.${shape}`)?.textContent).toContain('n')
})
