import { useQuery } from '@tanstack/react-query'
import { said, type Choices, type MeaningView, type Profile } from '../../api/client'
import { ask } from '../../api/ask'
import { Drawn } from '../../ui/Drawn'
import { FieldError } from '../../ui/FieldError'
import { MarksLegend } from '../../ui/MarksLegend'
import { Failed, Loading } from '../../ui/Parts'
import { useProfile } from './useProfile'
import { Chunks } from './WayForm'

const WORDS = ['cake', 'shell', 'knight', 'rabbit', 'jumping', 'said', 'city', 'badge', 'boat', 'ball', 'have', 'music']

/** Which shape means what on this class's words, seen at once on twelve of them. */
export function MarksForm({ profile }: { profile: Profile }) {
  const choices = useQuery(ask('get', '/api/choices'))
  const { save, choose } = useProfile(profile)
  const now = profile.choices
  const drawn = useQuery({
    ...ask('post', '/api/notation/preview', { body: { accent: profile.accent, notation: now?.notation ?? { signs: {} }, chunks: now?.chunks ?? [], words: WORDS } }),
    enabled: Boolean(now),
  })
  if (choices.isPending) return <Loading rows={8} />
  if (choices.isError) return <Failed error={choices.error} retry={() => void choices.refetch()} />
  if (!now) return null
  // Made on what is kept by then, so that two quick changes both stand.
  const mark = (meaning: string, shape: string) =>
    choose((kept) => {
      const signs = { ...kept.notation.signs }
      if (shape) signs[meaning] = shape as (typeof signs)[string]
      else delete signs[meaning]
      return { notation: { signs } }
    })
  return (
    <div className="grid grid-cols-1 lg:grid-cols-[minmax(0,31rem)_1fr] gap-4 min-h-0 grow max-lg:min-h-fit">
      <section aria-label="What is marked" className="sheet px-4 py-3 flex flex-col gap-1 overflow-auto min-h-0">
        <h2 className="font-semibold">What is marked, and how</h2>
        <p className="mute text-small">A shape means one thing. What the session is about is drawn stronger.</p>
        <FieldError says={save.isError ? said(save.error) : ''} />
        {choices.data.meanings.map((meaning) => (
          <Meaning key={meaning.id} meaning={meaning} now={now} mark={mark} />
        ))}
        {'CHUNK' in now.notation.signs ? <Chunks key={now.chunks.join(' ')} now={now} choose={choose} /> : null}
      </section>
      <section aria-label="How it looks" className="sheet p-4 flex flex-col gap-5 overflow-auto min-h-0">
        <h2 className="font-semibold">How it looks</h2>
        {drawn.isPending ? <Loading rows={4} /> : null}
        {drawn.isError ? <Failed error={drawn.error} retry={() => void drawn.refetch()} /> : null}
        <ul className="grid grid-cols-2 xl:grid-cols-3 gap-x-4 gap-y-5" aria-label="Examples">
          {drawn.data?.words.map((word) => (
            <li key={word.text}>
              <Drawn drawing={word.drawing} label={word.text} size={2.5} />
            </li>
          ))}
        </ul>
        {drawn.data?.legend.length ? (
          <div className="border-t border-base-300 pt-3">
            <MarksLegend entries={drawn.data.legend} />
          </div>
        ) : (
          <p className="mute">No marks: words stand as they are written.</p>
        )}
      </section>
    </div>
  )
}

/** A shape that another meaning has is not offered. */
function Meaning({ meaning, now, mark }: { meaning: MeaningView; now: Choices; mark: (meaning: string, shape: string) => void }) {
  const value = now.notation.signs[meaning.id] ?? ''
  const taken = new Set(Object.entries(now.notation.signs).flatMap(([id, shape]) => (id === meaning.id ? [] : [shape])))
  return (
    <label className="grid grid-cols-[1fr_9.5rem] items-center gap-x-3">
      <span className="leading-tight">
        {meaning.title}
        <span className="mute text-small leading-tight block">{meaning.says}</span>
      </span>
      <select className="select select-sm" value={value} onChange={(e) => mark(meaning.id, e.target.value)}>
        <option value="">no mark</option>
        {meaning.shapes.map((shape) => (
          <option key={shape.id} value={shape.id} disabled={taken.has(shape.id)}>
            {shape.title}
            {taken.has(shape.id) ? ' (in use)' : ''}
          </option>
        ))}
      </select>
    </label>
  )
}
