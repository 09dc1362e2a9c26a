import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { said, type Choices, type ChoicesView, type Profile } from '../../api/client'
import { ask } from '../../api/ask'
import { FieldError } from '../../ui/FieldError'
import { Failed, Loading } from '../../ui/Parts'
import { useProfile } from './useProfile'

const PACES = [75, 100, 125, 150, 200]

/** What schools do differently: each choice says in one line what it changes, and shows it. */
export function WayForm({ profile }: { profile: Profile }) {
  const choices = useQuery(ask('get', '/api/choices'))
  const { save, choose } = useProfile(profile)
  if (choices.isPending) return <Loading rows={8} />
  if (choices.isError) return <Failed error={choices.error} retry={() => void choices.refetch()} />
  const now = profile.choices
  if (!now) return null
  return (
    <section aria-label="How we work" className="sheet p-4 grid grid-cols-1 lg:grid-cols-2 gap-x-8 gap-y-3 content-start overflow-auto min-h-0 grow">
      <div className="lg:col-span-2">
        <p className="mute text-small">Whatever you choose, mistakes are told sound by sound, and first attempts are kept.</p>
        <FieldError says={save.isError ? said(save.error) : ''} />
      </div>
      {choices.data.choices.map((choice) => (
        <Chosen key={choice.id} choice={choice} now={now} choose={choose} />
      ))}
      <label className="flex flex-col gap-1">
        <span className="font-semibold">Time to write</span>
        <select className="select select-sm w-full max-w-96" value={now.pace} onChange={(e) => choose({ pace: Number(e.target.value) })}>
          {[...new Set([...PACES, now.pace])].sort((a, b) => a - b).map((pace) => (
            <option key={pace} value={pace}>
              {pace === 100 ? 'as usual' : `${pace} % of the usual time`}
            </option>
          ))}
        </select>
        <span className="mute text-small">The quiet bar while children write. A child may have more: see Children.</span>
      </label>
      {now.parting === 'CHUNKS' || 'CHUNK' in now.notation.signs ? <Chunks key={now.chunks.join(' ')} now={now} choose={choose} /> : null}
    </section>
  )
}

function Chosen({ choice, now, choose }: { choice: ChoicesView['choices'][number]; now: Choices; choose: (part: Partial<Choices>) => void }) {
  const held = now[choice.id as keyof Choices]
  const value = typeof held === 'string' ? held : ''
  const option = choice.options.find((o) => o.id === value)
  return (
    <label className="flex flex-col gap-1">
      <span className="font-semibold">{choice.title}</span>
      <select className="select select-sm w-full max-w-96" value={value} onChange={(e) => choose({ [choice.id]: e.target.value })}>
        {choice.options.map((o) => (
          <option key={o.id} value={o.id}>
            {o.title}
          </option>
        ))}
      </select>
      <span className="mute text-small">{option?.changes}</span>
      <span className="font-word text-large leading-tight">{option?.example}</span>
    </label>
  )
}

/** The letters that the class learns as one piece. */
export function Chunks({ now, choose }: { now: Choices; choose: (part: Partial<Choices>) => void }) {
  const [text, setText] = useState(now.chunks.join(' '))
  const keep = () => choose({ chunks: text.toLowerCase().split(/[\s,;-]+/).filter(Boolean) })
  return (
    <label className="flex flex-col gap-1">
      <span className="font-semibold">Chunks we teach</span>
      <input
        className="input input-sm w-full max-w-96 font-word"
        value={text}
        placeholder="ing ank all"
        onChange={(e) => setText(e.target.value)}
        onBlur={keep}
        onKeyDown={(e) => (e.key === 'Enter' ? keep() : undefined)}
      />
      <span className="mute text-small">Small letters with spaces between. A chunk is seen where it says what it says in most words: all in ball, not in shall.</span>
    </label>
  )
}
