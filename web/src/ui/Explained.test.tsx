import { render, screen } from '@testing-library/react'
import { expect, test } from 'vitest'
import { bage } from '../test/made-up'
import { Explained } from './Explained'

const rival = { units: [{ grapheme: 'dge', phoneme: 'dʒ', written: 'g', verdict: 'PARTIAL' as const }], sentences: ['dge is not whole.'] }

test('says each fact once, and how it reads', () => {
  render(<Explained mark={bage} />)
  expect(screen.getAllByText('After one short vowel, the end is written dge: badge.')).toHaveLength(1)
  expect(screen.getByText(/reads baj/)).toBeDefined()
  expect(screen.queryByText(/could also be/)).toBeNull()
})

test('shows another explanation when there is one, and says when it is too close to call', () => {
  const { rerender } = render(<Explained mark={{ ...bage, rivals: [rival] }} />)
  expect(screen.getByText('dge → g')).toBeDefined()
  expect(screen.getByText('Less likely than the first.')).toBeDefined()
  rerender(<Explained mark={{ ...bage, rivals: [rival], confidence: 0.5 }} />)
  expect(screen.getByText('Too close to call: look at the paper.')).toBeDefined()
})
