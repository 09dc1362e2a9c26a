import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { said, type ChoicesView, type Profile } from '../../api/client'
import { ask } from '../../api/ask'
import { useTerms } from '../../lib/terms'
import { FieldError } from '../../ui/FieldError'
import { Failed, Loading } from '../../ui/Parts'
import { useProfile } from './useProfile'

type Term = ChoicesView['terms'][number]

const PACKS: readonly (readonly [string, (term: Term) => string])[] = [
  ['Plain words', (term) => term.usual],
  ['Words of grammar', (term) => term.grammar],
  ['As in America', (term) => term.american],
]

/** Texts of ours, to see the words in. */
const SAMPLES = [
  'The ending starts with a vowel, so the silent e goes.',
  'A one-beat base ends in one short vowel letter and one consonant letter: double it.',
  'Add a full stop, ? or !. A sentence begins with a capital.',
  'Three irregular words, then two invented words.',
] as const

/** What the class calls things: a pack to begin with, and a word of one's own for each. */
export function TermsForm({ profile }: { profile: Profile }) {
  const choices = useQuery(ask('get', '/api/choices'))
  const { save, choose } = useProfile(profile)
  const inTerms = useTerms()
  if (choices.isPending) return <Loading rows={8} />
  if (choices.isError) return <Failed error={choices.error} retry={() => void choices.refetch()} />
  const { terms } = choices.data
  const called = profile.choices?.terms ?? {}
  const word = (term: Term) => called[term.id] ?? term.usual
  const keep = (term: Term, typed: string) => (typed === word(term) ? undefined : choose((now) => ({ terms: { ...now.terms, [term.id]: typed } })))
  return (
    <section aria-label="What we call it" className="sheet p-4 grid grid-cols-1 lg:grid-cols-[1fr_1fr] gap-x-8 gap-y-3 content-start overflow-auto min-h-0 grow">
      <div className="flex flex-col gap-2">
        <div role="group" aria-label="Begin with" className="flex flex-wrap items-center gap-2">
          {PACKS.map(([name, of]) => {
            const on = terms.every((term) => word(term) === of(term))
            return (
              <button key={name} type="button" aria-pressed={on} className={`btn btn-sm ${on ? 'btn-primary' : ''}`} onClick={() => choose({ terms: Object.fromEntries(terms.map((term) => [term.id, of(term)])) })}>
                {name}
              </button>
            )
          })}
        </div>
        {terms.map((term) => (
          <Word key={`${term.id} ${word(term)}`} term={term} word={word(term)} keep={(typed) => keep(term, typed)} />
        ))}
        <FieldError says={save.isError ? said(save.error) : ''} />
      </div>
      <div className="flex flex-col gap-2">
        <p className="mute text-small">Said so on every screen and on paper. Words and sentences that you dictate are never changed.</p>
        <ul aria-label="How it reads" className="flex flex-col gap-2 text-large">
          {SAMPLES.map((text) => (
            <li key={text}>{inTerms(text)}</li>
          ))}
        </ul>
      </div>
    </section>
  )
}

/** Kept when it is left, or on Enter. */
function Word({ term, word, keep }: { term: Term; word: string; keep: (typed: string) => void }) {
  const [typed, setTyped] = useState(word)
  return (
    <label className="grid grid-cols-[7rem_11rem_1fr] items-center gap-x-3">
      <span>{term.usual}</span>
      <input
        className="input input-sm w-full"
        maxLength={24}
        value={typed}
        onChange={(e) => setTyped(e.target.value)}
        onBlur={() => keep(typed.trim())}
        onKeyDown={(e) => (e.key === 'Enter' ? keep(typed.trim()) : undefined)}
      />
      <span className="mute text-small leading-tight">{term.about}</span>
    </label>
  )
}
