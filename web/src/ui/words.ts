/** How the ways to fail a rule are said: one wording for every screen. */
export const KINDS = { UNDER: 'left out where due', OVER: 'put where not due', MIXED: 'both: guessing' } as const
export const SHORT_KINDS = { UNDER: 'left out', OVER: 'put too often', MIXED: 'guessing' } as const
export const SIGNS = { UNDER: '▼', OVER: '▲', MIXED: '◆' } as const

export const STATES = { PLANNED: 'planned', GIVEN: 'given', ANSWERED: 'answered' } as const

const NUMBERS = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve']

/** "three sounds", "one beat". */
export function counted(n: number, thing: string): string {
  return `${NUMBERS[n] ?? n} ${thing}${n === 1 ? '' : 's'}`
}

export const CONVENTIONS: Record<string, string> = {
  'capital-start': 'capital at the start',
  'capital-name': 'capital of a name',
  'capital-i': 'capital I',
  comma: 'comma',
  'end-mark': 'end mark',
  'word-space': 'space between words',
  'word-order': 'words in order',
  apostrophe: 'apostrophe',
  'speech-marks': 'speech marks',
}
