import type { Dictation, Item } from '../../api/client'

/** One thing to dictate: a word of the sheet, or its sentence. */
export type Call = { readonly kind: 'word'; readonly item: Item } | { readonly kind: 'sentence'; readonly text: string }

export const WORD_STEPS = ['clue', 'say it', 'class repeats', 'count sounds', 'write', 'show', 'check and fix'] as const
export const SENTENCE_STEPS = ['say it twice', 'count words', 'write', 'show', 'check and fix'] as const

export function calls(dictation: Dictation): Call[] {
  const words: Call[] = dictation.items.map((item) => ({ kind: 'word', item }))
  return dictation.sentence ? [...words, { kind: 'sentence', text: dictation.sentence }] : words
}

export function steps(call: Call): readonly string[] {
  return call.kind === 'word' ? WORD_STEPS : SENTENCE_STEPS
}

export interface Place {
  readonly call: number
  readonly step: number
}

/** The place one step on, or back; stays where it is at either end. */
export function moved(place: Place, by: 1 | -1, all: readonly Call[]): Place {
  const here = all[place.call]
  if (!here) return place
  const step = place.step + by
  if (step >= 0 && step < steps(here).length) return { call: place.call, step }
  const next = all[place.call + by]
  if (!next) return place
  return { call: place.call + by, step: by > 0 ? 0 : steps(next).length - 1 }
}

const NUMBERS = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve']

/** "three sounds", "one beat". */
export function counted(n: number, thing: string): string {
  return `${NUMBERS[n] ?? n} ${thing}${n === 1 ? '' : 's'}`
}
