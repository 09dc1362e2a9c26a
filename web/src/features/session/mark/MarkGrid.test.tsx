import { act, render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import type { Cell } from '../../../api/client'
import { cell, kinds, papers, session } from '../../../test/made-up'
import { columnsOf, type Column } from './columns'
import { MarkGrid } from './MarkGrid'
import type { CellKeys } from './OpenCell'
import { PaperStore } from './paperStore'

/** Columns whose cells count how often each is drawn. */
function counting(drawn: Map<string, number>): Column[] {
  return columnsOf(session(), kinds).map((c) => ({
    ...c,
    kind: {
      ...kinds.word,
      Shown: ({ cell: shown }: { cell: Cell }) => {
        const key = `${shown.pupilId}.${shown.itemId}`
        drawn.set(key, (drawn.get(key) ?? 0) + 1)
        return <>{shown.written}</>
      },
    },
  }))
}

test('a key redraws the cell it is typed in, and no other', async () => {
  const drawn = new Map<string, number>()
  const columns = counting(drawn)
  const full = papers([3, 4].flatMap((p) => columns.map((c) => cell(p, c.item.id, `w${p}${c.item.id}`))))
  const store = new PaperStore(9, full, [7, 8, 10], { type: (p, i, t) => Promise.resolve({ ...cell(p, i, t.written), version: 2 }), typePaper: () => Promise.resolve([]), paper: () => Promise.resolve() })
  const keys: CellKeys = { next: () => undefined, arrow: () => false, say: () => undefined, take: () => undefined, correct: () => undefined }
  render(<MarkGrid store={store} papers={full} columns={columns} spot={{ row: 0, column: 0 }} go={() => undefined} keys={keys} pile={{ byName: true, move: () => undefined, sortByName: () => undefined }} />)
  const before = new Map(drawn)
  expect(before.size).toBe(5)
  await userEvent.keyboard('bage')
  expect(screen.getByLabelText('Anwen: badge')).toHaveProperty('value', 'bage')
  expect(drawn).toEqual(before)
  act(() => store.replace(cell(4, 8, 'cag')))
  expect(drawn.get('4.8')).toBe((before.get('4.8') ?? 0) + 1)
  expect([...drawn].filter(([key, n]) => key !== '4.8' && n !== before.get(key))).toEqual([])
})
