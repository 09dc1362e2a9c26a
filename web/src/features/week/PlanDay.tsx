import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState, type FormEvent, type KeyboardEvent } from 'react'
import { useHotkeys } from 'react-hotkeys-hook'
import { useNavigate } from 'react-router'
import { client, dataOf, said, type ClassMap, type Focus, type RuleView, type SoundView } from '../../api/client'
import { ask, classChanged, inPath } from '../../api/ask'
import { useClass } from '../../lib/classContext'
import { dayName } from '../../lib/days'
import { FieldError } from '../../ui/FieldError'
import { useTerms } from '../../lib/terms'

/** Plans a session on a day, by its button or the day's number; nothing is made until it is asked for. */
export function PlanDay({ day, number }: { day: string; number: number }) {
  const [open, setOpen] = useState(false)
  useHotkeys(String(number), () => setOpen(true), { preventDefault: true })
  return (
    <div className="mt-auto">
      {open ? (
        <PlanForm day={day} close={() => setOpen(false)} />
      ) : (
        <button type="button" className="btn btn-sm btn-ghost w-full justify-start" aria-label={`Plan a session on ${dayName(day, true)}`} onClick={() => setOpen(true)}>
          + Plan a session <span className="mute font-normal ml-auto">{number}</span>
        </button>
      )}
    </div>
  )
}

const NEEDS = 'needs'
const IRREGULAR = 'irregular'
const SOUND = 'sound:'

/** So many spellings of a sound are set against each other when nobody chose them. */
const RIVALS = 3

function PlanForm({ day, close }: { day: string; close: () => void }) {
  const { id, accent, template: usual, step } = useClass()
  const navigate = useNavigate()
  const queries = useQueryClient()
  const rules = useQuery(ask('get', '/api/rules', { params: { query: { accent } } }))
  const sounds = useQuery(ask('get', '/api/sounds', { params: { query: { accent } } }))
  const templates = useQuery(ask('get', '/api/templates'))
  const map = useQuery(ask('get', '/api/classes/{id}/map', inPath({ id })))
  const groups = map.data?.groups ?? []
  const [about, setAbout] = useState<string>()
  const [template, setTemplate] = useState<string>()
  const [whom, setWhom] = useState('')
  const choice = about ?? (groups.length > 0 ? NEEDS : '')
  const rivals = rivalsOf(sounds.data ?? [], step)
  const plan = useMutation({
    mutationFn: () => dataOf(client.POST('/api/classes/{id}/sessions', { params: { path: { id } }, body: { date: day, focus: [focusOf(choice, rivals)], pupils: whom === '' ? [] : (groups[Number(whom)]?.pupils.map((p) => p.id) ?? []), ...(template ? { template } : {}) } })),
    onSuccess: async (made) => {
      queries.setQueryData(ask('get', '/api/sessions/{id}', inPath({ id: made.id })).queryKey, made)
      await classChanged(queries, id)
      await navigate(`/class/${id}/prepare/${made.id}`)
    },
  })
  const submit = (e: FormEvent) => {
    e.preventDefault()
    if (choice) plan.mutate()
  }
  // Enter in a list opens it elsewhere; here it plans, and Space opens.
  const onEnter = (e: KeyboardEvent<HTMLFormElement>) => {
    if (e.key !== 'Enter' || !(e.target instanceof HTMLSelectElement)) return
    e.preventDefault()
    e.currentTarget.requestSubmit()
  }
  return (
    // eslint-disable-next-line jsx-a11y/no-noninteractive-element-interactions -- a key of the lists in it
    <form className="flex flex-col gap-1.5" onSubmit={submit} onKeyDown={onEnter}>
      <About day={day} value={choice} change={setAbout} needs={groups.length > 0} rules={rules.data} rivals={rivals} />
      <select
        aria-label="Which kind of session"
        className="select select-sm w-full"
        value={template ?? (usual || (templates.data?.[0]?.id ?? ''))}
        onChange={(e) => setTemplate(e.target.value)}
      >
        {(templates.data ?? []).map((t) => (
          <option key={t.id} value={t.id} title={t.says}>
            {t.name}
          </option>
        ))}
      </select>
      {groups.length > 0 ? (
        <select aria-label="For whom" className="select select-sm w-full" value={whom} onChange={(e) => setWhom(e.target.value)}>
          <option value="">the whole class</option>
          {groups.map((g, i) => (
            <option key={g.rule + g.kind + g.condition} value={i}>
              {groupName(g)}
            </option>
          ))}
        </select>
      ) : null}
      <div className="flex gap-1.5">
        <button type="submit" className="btn btn-sm btn-primary" disabled={!choice || plan.isPending}>
          Plan it
        </button>
        <button type="button" className="btn btn-sm" onClick={close}>
          Leave it
        </button>
      </div>
      <FieldError says={plan.isError ? said(plan.error) : rules.isError ? said(rules.error) : ''} />
    </form>
  )
}

interface AboutProps {
  readonly day: string
  readonly value: string
  readonly change: (value: string) => void
  readonly needs: boolean
  readonly rules: readonly RuleView[] | undefined
  readonly rivals: readonly Rivals[]
}

function About({ day, value, change, needs, rules, rivals }: AboutProps) {
  const inTerms = useTerms()
  const all = rules ?? []
  const options = (some: readonly RuleView[]) =>
    some.map((r) => (
      <option key={r.id} value={r.id}>
        {r.name}
      </option>
    ))
  return (
    <>
      <label className="sr-only" htmlFor={`about-${day}`}>
        What it is about
      </label>
      {/* eslint-disable-next-line jsx-a11y/no-autofocus -- opened by the button that stood here */}
      <select id={`about-${day}`} autoFocus className="select select-sm w-full" value={value} onChange={(e) => change(e.target.value)}>
        <option value="">What is it about?</option>
        {needs ? <option value={NEEDS}>What the class needs</option> : null}
        <optgroup label="Choosing letters">{options(all.filter((r) => !r.joins))}</optgroup>
        <optgroup label={inTerms('Joining an ending')}>{options(all.filter((r) => r.joins))}</optgroup>
        <optgroup label="Rival spellings of a sound">
          {rivals.map((s) => (
            <option key={s.sound} value={SOUND + s.sound}>
              /{s.sound}/ as {s.graphemes.join(', ').replaceAll('_', '-')}
            </option>
          ))}
        </optgroup>
        <option value={IRREGULAR}>{inTerms('Irregular words')}</option>
      </select>
    </>
  )
}

interface Rivals {
  readonly sound: string
  readonly graphemes: string[]
}

/** Sounds with two taught spellings at least, and the commonest of them. */
function rivalsOf(sounds: readonly SoundView[], step: number): Rivals[] {
  return sounds
    .map((s) => ({ sound: s.phoneme, graphemes: s.graphemes.filter((g) => g.step > 0 && g.step <= step).map((g) => g.grapheme).slice(0, RIVALS) }))
    .filter((s) => s.graphemes.length > 1)
}

function focusOf(about: string, rivals: readonly Rivals[]): Focus {
  if (about === NEEDS) return { needs: true }
  if (about === IRREGULAR) return { irregular: true }
  const found = rivals.find((s) => SOUND + s.sound === about)
  return found ? { sound: found.sound, graphemes: found.graphemes } : { rule: about }
}

function groupName(group: ClassMap['groups'][number]): string {
  const [first, ...rest] = group.pupils
  return `${first?.name ?? ''}${rest.length > 0 ? ` and ${rest.length} more` : ''}: ${group.ruleName}`
}
