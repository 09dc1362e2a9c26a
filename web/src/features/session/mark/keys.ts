export interface Spot {
  readonly row: number
  readonly column: number
}

export interface Size {
  readonly rows: number
  readonly columns: number
}

/** The nearest spot that is there. */
export function within({ row, column }: Spot, { rows, columns }: Size): Spot {
  const between = (n: number, last: number) => Math.min(Math.max(0, n), Math.max(0, last))
  return { row: between(row, rows - 1), column: between(column, columns - 1) }
}

/** The next word of the paper, or the first word of the next paper. */
export function nextWord({ row, column }: Spot, { rows, columns }: Size): Spot {
  if (column + 1 < columns) return { row, column: column + 1 }
  return row + 1 < rows ? { row: row + 1, column: 0 } : { row, column }
}

/** The first word of the next paper. */
export function nextPaper({ row, column }: Spot, { rows }: Size): Spot {
  return row + 1 < rows ? { row: row + 1, column: 0 } : { row, column }
}

/** Where an arrow key leads; the edges hold. */
export function arrow({ row, column }: Spot, key: string, { rows, columns }: Size): Spot | undefined {
  switch (key) {
    case 'ArrowUp':
      return { row: Math.max(0, row - 1), column }
    case 'ArrowDown':
      return { row: Math.min(rows - 1, row + 1), column }
    case 'ArrowLeft':
      return { row, column: Math.max(0, column - 1) }
    case 'ArrowRight':
      return { row, column: Math.min(columns - 1, column + 1) }
    default:
      return undefined
  }
}

/** The same word on the next paper, or the next word on the first. */
export function nextChild({ row, column }: Spot, { rows, columns }: Size): Spot {
  if (row + 1 < rows) return { row: row + 1, column }
  return column + 1 < columns ? { row: 0, column: column + 1 } : { row, column }
}

/** What one key says of a whole word, when nothing else is typed. */
export type Shorthand = 'right' | 'rest' | 'blank' | 'away' | 'unsure' | 'above'

const SHORTHANDS: Readonly<Record<string, Shorthand | undefined>> = { '=': 'right', '+': 'rest', '-': 'blank', '!': 'away', '?': 'unsure', '"': 'above' }

export function shorthand(key: string): Shorthand | undefined {
  return SHORTHANDS[key]
}
