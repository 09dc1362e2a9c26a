import { useQuery } from '@tanstack/react-query'
import { useRef, useState, type KeyboardEvent, type ReactNode } from 'react'
import { useHotkeys } from 'react-hotkeys-hook'
import type { Focus, RuleView, SoundView } from '../../../api/client'
import { ask, inPath } from '../../../api/ask'
import { useClass } from '../../../lib/classContext'
import { Key } from '../../../ui/Parts'
import { focusOn } from './plan'
import type { PlanEdit } from './usePlan'
import { useTerms } from '../../../lib/terms'
import { useSounds } from '../../../lib/sounds'

const MOST = 6

/** What a session may be about: rules, rival spellings of a sound, irregular words. Typed to find, arrows to go. */
export function Finder({ rules, plan }: { rules: readonly RuleView[]; plan: PlanEdit }) {
  const of = useClass()
  const [typed, setTyped] = useState('')
  const box = useRef<HTMLInputElement>(null)
  const list = useRef<HTMLElement>(null)
  const map = useQuery(ask('get', '/api/classes/{id}/map', inPath({ id: of.id })))
  const sounds = useQuery(ask('get', '/api/sounds', { params: { query: { accent: of.accent } } }))
  useHotkeys('/', () => box.current?.focus(), { preventDefault: true, useKey: true })
  const children = (id: string) => map.data?.groups.filter((g) => g.rule === id).reduce((n, g) => n + g.pupils.length, 0) ?? 0
  const wanted = typed.trim().toLowerCase()
  const needed = [...rules].sort((a, b) => children(b.id) - children(a.id))
  const inTerms = useTerms()
  const irregular = inTerms('Irregular words')
  const fitting = needed.filter((r) => !wanted || `${r.name} ${r.contrast.join(' ')} ${r.id}`.toLowerCase().includes(wanted))
  const rivals = (sounds.data ?? []).filter((s) => s.graphemes.filter((g) => g.step > 0).length > 1)
  const soundsFound = rivals.filter((s) => !wanted || `/${s.phoneme}/ ${s.phoneme} ${s.keyword}`.includes(wanted) || s.graphemes.some((g) => g.grapheme.replace('_', '-') === wanted))
  const go = (e: KeyboardEvent) => {
    const keys = [...(list.current?.querySelectorAll<HTMLElement>('[data-focus]') ?? [])]
    const at = keys.indexOf(document.activeElement as HTMLElement)
    if (e.key === 'Enter' && e.target === box.current) keys[0]?.click()
    else if (e.key === 'ArrowDown') (keys[at + 1] ?? keys[0])?.focus()
    else if (e.key === 'ArrowUp' && at >= 0) (keys[at - 1] ?? box.current)?.focus()
    else return
    e.preventDefault()
  }
  const section = (title: string, some: readonly RuleView[]) =>
    some.length > 0 ? (
      <>
        <h2 className="mute text-small font-semibold mt-1.5">{title}</h2>
        {some.map((r) => (
          <Choice key={r.id} focus={{ rule: r.id }} plan={plan} says={r.name}>
            {r.name}
            <span className="mute text-small whitespace-nowrap ml-auto">{children(r.id) || ''}</span>
          </Choice>
        ))}
      </>
    ) : null
  return (
    // eslint-disable-next-line jsx-a11y/no-noninteractive-element-interactions -- arrows go through the choices in it
    <section ref={list} aria-label="What it is about" className="flex flex-col min-h-0 max-lg:max-h-[50vh] overflow-auto pr-1" onKeyDown={go}>
      <label className="input input-sm w-full shrink-0">
        <span className="sr-only">Find a rule or a sound</span>
        <input ref={box} type="search" placeholder="Rule, sound…" value={typed} onChange={(e) => setTyped(e.target.value)} />
        <Key>/</Key>
      </label>
      {section('Choosing letters', fitting.filter((r) => !r.joins))}
      {section(inTerms('Joining an ending'), fitting.filter((r) => r.joins))}
      {soundsFound.length > 0 ? (
        <>
          <h2 className="mute text-small font-semibold mt-1.5">Rival spellings of a sound</h2>
          <Sounds sounds={soundsFound} plan={plan} />
        </>
      ) : null}
      {!wanted || irregular.toLowerCase().includes(wanted) ? (
        <>
          <h2 className="mute text-small font-semibold mt-1.5">By heart</h2>
          <Choice focus={{ irregular: true }} plan={plan} says={irregular}>
            {irregular}
          </Choice>
        </>
      ) : null}
      {fitting.length + soundsFound.length === 0 ? <p className="mute text-small p-2">Nothing is called that. Try letters, such as tch, or a sound.</p> : null}
      <p className="mute text-small px-2.5 py-1">{map.isError ? 'How many children need each is not known just now.' : 'Numbers: children who need it.'}</p>
    </section>
  )
}

const same = (a: Focus, b: Focus) => a.rule === b.rule && a.sound === b.sound && Boolean(a.irregular) === Boolean(b.irregular)

/** One focus: a click makes it the only one; + puts it beside those there are, × takes it away. */
function Choice({ focus, plan, says, children }: { focus: Focus; plan: PlanEdit; says: string; children: ReactNode }) {
  const all = plan.now.focus
  const on = all.some((f) => same(f, focus))
  return (
    <div className={`group flex items-center rounded-lg ${on ? 'soft text-primary font-semibold' : 'hover:bg-base-100'}`}>
      <button type="button" data-focus aria-pressed={on} className="grow min-w-0 text-left px-2.5 py-0.5 flex gap-2" onClick={() => plan.change(focusOn(focus))}>
        {children}
      </button>
      {on && all.length > 1 ? (
        <button type="button" className="btn btn-ghost btn-xs btn-square" aria-label={`Leave ${says} out`} onClick={() => plan.change(focusOn(...all.filter((f) => !same(f, focus))))}>
          ×
        </button>
      ) : null}
      {!on && all.length < MOST ? (
        <button
          type="button"
          className="btn btn-ghost btn-xs btn-square opacity-0 group-hover:opacity-100 focus:opacity-100"
          aria-label={`${says} as well`}
          onClick={() => plan.change(focusOn(...all, focus))}
        >
          +
        </button>
      ) : null}
    </div>
  )
}

/** The sounds as keys; the chosen one with its taught spellings to tick. */
function Sounds({ sounds, plan }: { sounds: readonly SoundView[]; plan: PlanEdit }) {
  const say = useSounds()
  const of = useClass()
  const chosen = plan.now.focus.find((f) => f.sound)
  const taught = (s: SoundView) => s.graphemes.filter((g) => g.step > 0 && g.step <= of.step).map((g) => g.grapheme)
  const open = sounds.find((s) => s.phoneme === chosen?.sound)
  const tick = (grapheme: string) => {
    const now = chosen?.graphemes ?? []
    const next = now.includes(grapheme) ? now.filter((g) => g !== grapheme) : [...now, grapheme]
    if (open && next.length > 0) plan.change(focusOn(...plan.now.focus.map((f) => (f.sound === open.phoneme ? { sound: open.phoneme, graphemes: next } : f))))
  }
  return (
    <>
      <div className="flex flex-wrap gap-1 px-1">
        {sounds.map((s) => (
          <button
            key={s.phoneme}
            type="button"
            data-focus
            aria-pressed={s === open}
            aria-label={`The sound ${say(s.phoneme)}, as in ${s.keyword}`}
            className={`btn btn-xs font-ipa min-w-8 ${s === open ? 'btn-primary' : 'bg-base-100'}`}
            disabled={taught(s).length === 0}
            onClick={() => plan.change(focusOn({ sound: s.phoneme, graphemes: taught(s).slice(0, 3) }))}
          >
            {say(s.phoneme)}
          </button>
        ))}
      </div>
      {open ? (
        <fieldset className="flex flex-wrap items-center gap-x-2.5 px-1.5 py-0.5">
          <legend className="sr-only">Spellings of {say(open.phoneme)}</legend>
          <span className="font-ipa mute">{say(open.phoneme)}</span>
          {taught(open).map((g) => (
            <label key={g} className="flex items-center gap-1 font-word">
              <input type="checkbox" className="checkbox checkbox-xs" checked={chosen?.graphemes?.includes(g) ?? false} onChange={() => tick(g)} />
              {g.replace('_', '-')}
            </label>
          ))}
        </fieldset>
      ) : null}
    </>
  )
}
