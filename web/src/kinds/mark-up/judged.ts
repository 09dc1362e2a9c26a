import type { Cell } from '../../api/client'

/** Of a word that is marked the letters are judged first, then the marks: four results. */
export function judged(cell: Cell): { letters: boolean; marks: boolean } | undefined {
  const [letters, marks] = cell.sentence?.words ?? []
  return letters && marks ? { letters: letters.mark?.result === 'RIGHT', marks: marks.kind === 'MATCH' } : undefined
}
