import { useCallback } from 'react'
import { useMaybeClass } from './classContext'

/** Writes one sound, or several in a row, in the signs that the class chose; what is no sound of its accent stays as it is. */
export function useSounds(): (ipa: string) => string {
  const sounds = useMaybeClass()?.sounds
  return useCallback((ipa: string) => (sounds ? (sounds[ipa] ?? inARow(ipa, sounds)) : ipa), [sounds])
}

const LONGEST = 3

/** The longest sign that fits is read first: tʃ before t. */
function inARow(ipa: string, sounds: Readonly<Record<string, string>>): string {
  let said = ''
  for (let at = 0; at < ipa.length; ) {
    const length = [LONGEST, 2, 1].find((n) => sounds[ipa.slice(at, at + n)] !== undefined && at + n <= ipa.length)
    if (length === undefined) return ipa
    said += sounds[ipa.slice(at, at + length)] ?? ''
    at += length
  }
  return said
}
