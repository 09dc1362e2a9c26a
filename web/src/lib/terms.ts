import { useCallback, useMemo } from 'react'
import { useClass } from './classContext'

/** Says a text that explains something in the words of the class; never a word or sentence that is dictated. */
export function useTerms(): (text: string) => string {
  const { words } = useClass()
  const any = useMemo(() => pattern(words), [words])
  return useCallback((text: string) => (any ? text.replace(any, (form) => words[form] ?? form) : text), [any, words])
}

/** The longest form that fits is said first: an irregular before irregular. */
function pattern(words: Readonly<Record<string, string>>): RegExp | null {
  const forms = Object.keys(words).sort((a, b) => b.length - a.length)
  return forms.length > 0 ? new RegExp(`\\b(?:${forms.join('|')})\\b`, 'g') : null
}
