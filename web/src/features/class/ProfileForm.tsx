import { useQuery } from '@tanstack/react-query'
import { said, type Profile, type TeachingPath } from '../../api/client'
import { ask, inPath } from '../../api/ask'
import { useClass } from '../../lib/classContext'
import { FieldError } from '../../ui/FieldError'
import { useProfile } from './useProfile'

/** How the class works; each choice says in one line what it changes. */
export function ProfileForm({ profile }: { profile: Profile }) {
  const accents = useQuery(ask('get', '/api/accents'))
  const templates = useQuery(ask('get', '/api/templates'))
  const { id } = useClass()
  const path = useQuery(ask('get', '/api/classes/{id}/sequence', inPath({ id })))
  const { save, change } = useProfile(profile)
  return (
    <section aria-label="How the class works" className="sheet p-4 flex flex-col gap-4">
      <h2 className="font-semibold">How the class works</h2>
      <FieldError says={save.isError ? said(save.error) : path.isError ? said(path.error) : ''} />
      <label className="flex flex-col gap-1">
        How you speak
        <select className="select select-sm w-72" value={profile.accent} onChange={(e) => change({ accent: e.target.value })}>
          {accents.data?.map((a) => (
            <option key={a.id} value={a.id}>
              {a.name}
            </option>
          )) ?? <option value={profile.accent}>{profile.accent}</option>}
        </select>
        <span className="mute text-small">Which spellings sound alike. Papers are marked anew when it changes; none is lost.</span>
      </label>
      <label className="flex flex-col gap-1">
        Taught up to
        <select className="select select-sm w-72" value={profile.step} onChange={(e) => change({ step: Number(e.target.value) })}>
          <option value={0}>nothing yet</option>
          {path.data?.steps.map((s) => (
            <option key={s.step} value={s.step}>
              {stepName(s)}
            </option>
          )) ?? <option value={profile.step}>step {profile.step}</option>}
        </select>
        <span className="mute text-small">Words that need more are not proposed, and the sheet says so where you take one.</span>
      </label>
      <label className="flex flex-col gap-1">
        Different words that make a pattern
        <select className="select select-sm w-72" value={profile.differentWords} onChange={(e) => change({ differentWords: Number(e.target.value) })}>
          {[2, 3, 4, 5].map((n) => (
            <option key={n} value={n}>
              {n}
            </option>
          ))}
        </select>
        <span className="mute text-small">Fewer than this is called a slip, however often it comes.</span>
      </label>
      <label className="flex flex-col gap-1">
        Minutes for a session
        <select className="select select-sm w-72" value={profile.minutes} onChange={(e) => change({ minutes: Number(e.target.value) })}>
          {[10, 15, 20, 25, 30, 40].map((n) => (
            <option key={n} value={n}>
              {n}
            </option>
          ))}
        </select>
        <span className="mute text-small">The sheet warns when it takes longer, and says what to leave out.</span>
      </label>
      <label className="flex flex-col gap-1">
        The usual session
        <select className="select select-sm w-72" value={profile.template ?? ''} onChange={(e) => change({ template: e.target.value })}>
          {templates.data?.map((t, i) => (
            <option key={t.id} value={i === 0 ? '' : t.id}>
              {t.name}
            </option>
          )) ?? <option value={profile.template ?? ''}>…</option>}
        </select>
        <span className="mute text-small">What a new session is filled from, unless you choose another in Week.</span>
      </label>
    </section>
  )
}

function stepName(s: TeachingPath['steps'][number]): string {
  const graphemes = s.units.map((t) => t.grapheme.replace('_', '-')).join(', ')
  return `${s.step}: ${graphemes} as in ${s.units[0]?.example ?? ''}`
}
