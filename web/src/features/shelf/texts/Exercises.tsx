import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { ExerciseQuery, ExerciseView, Task } from '../../../api/client'
import { ask, inPath } from '../../../api/ask'
import { useClass } from '../../../lib/classContext'
import { useUrl } from '../../../lib/useUrl'
import { FieldError } from '../../../ui/FieldError'
import { Failed, Loading } from '../../../ui/Parts'
import { Choice, Flag, Pick, Row } from '../filters'
import { SendWords } from '../SendWords'
import { handout } from './handout'
import { useSounds } from '../../../lib/sounds'

/** Tasks of every kind, made for what the class is taught, with answers and reasons. */
export function Exercises() {
  const { id } = useClass()
  const url = useUrl()
  const kinds = useQuery(ask('get', '/api/classes/{id}/exercises', inPath({ id })))
  // Tasks that share a box show best what this page is for.
  const kind = kinds.data?.find((k) => k.id === url.get('ex')) ?? kinds.data?.find((k) => k.boxed)
  const open = kind?.id ?? ''
  const seed = Number(url.get('seed') || 1)
  const made = useQuery({ ...ask('get', '/api/classes/{id}/exercises/{kind}', { params: { path: { id, kind: open }, query: taskQuery(url.get) } }), enabled: open !== '' })
  const answers = url.get('answers') !== 'no'
  const tasks = made.data?.tasks ?? []
  return (
    <div className="grid grid-cols-1 lg:grid-cols-[330px_1fr] gap-4 min-h-0 grow max-lg:min-h-fit">
      <form aria-label="The exercise" className="flex flex-col gap-2 min-h-0 overflow-auto pr-1" onSubmit={(e) => e.preventDefault()}>
        {kinds.isError ? <Failed error={kinds.error} retry={() => void kinds.refetch()} /> : null}
        <Row label="Kind">
          <select aria-label="Kind" className="select select-sm w-full" value={open} onChange={(e) => url.set({ ex: e.target.value })}>
            {(kinds.data ?? []).map((k) => (
              <option key={k.id} value={k.id}>
                {k.title}
              </option>
            ))}
          </select>
        </Row>
        {kind?.focus === false ? null : <About />}
        {kind?.levels ? (
          <Row label="Level">
            <Choice name="Level" options={[['', 'easy'], ['2', 'middle'], ['3', 'hard']]} value={url.get('level')} change={(level) => url.set({ level })} />
          </Row>
        ) : null}
        <Row label="Tasks">
          <Choice name="How many" options={[['6', '6'], ['', '8'], ['12', '12'], ['16', '16']]} value={url.get('n')} change={(n) => url.set({ n })} />
        </Row>
        <div className="flex gap-2 items-center">
          <button type="button" className="btn btn-sm btn-primary grow" onClick={() => url.set({ seed: String(seed + 1) })}>
            Make others
          </button>
          <Flag on={answers} label="answers" toggle={() => url.set({ answers: answers ? 'no' : '' })} />
        </div>
        {kind && made.data ? <Copy kind={kind} tasks={tasks} /> : null}
        {kind?.sent ? <SendWords words={tasks.map((t) => t.text)} /> : null}
      </form>
      {/* eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- a scrolling list must be reachable by keyboard */}
      <section aria-label="Tasks" className="sheet p-4 min-h-0 overflow-auto flex flex-col gap-3" tabIndex={0}>
        <p className="text-large font-semibold">{kind?.asks ?? ''}</p>
        {made.isPending ? <Loading rows={8} /> : null}
        {made.isError ? <Failed error={made.error} retry={() => void made.refetch()} /> : null}
        {made.data && tasks.length === 0 ? <p className="mute">Nothing taught so far fits this. Choose another focus, or none.</p> : null}
        {kind?.boxed && tasks[0] ? <Box of={tasks[0].options} /> : null}
        <ol className="flex flex-col">
          {tasks.map((task, i) => (
            <TaskLine key={task.text} task={task} at={i + 1} answers={answers} boxed={kind?.boxed ?? false} toFind={kind?.toFind ?? false} />
          ))}
        </ol>
      </section>
    </div>
  )
}

/** What the words have: a rule, a sound in chosen spellings, irregular words, or nothing in common. */
function About() {
  const say = useSounds()
  const { accent } = useClass()
  const url = useUrl()
  const rules = useQuery(ask('get', '/api/rules', { params: { query: { accent } } }))
  const sounds = useQuery(ask('get', '/api/sounds', { params: { query: { accent } } }))
  const sound = sounds.data?.find((s) => s.phoneme === url.get('sound'))
  const ticked = url.list('graphemes')
  return (
    <>
      <Row label="Rule">
        <Pick name="Rule" value={url.get('rule')} change={(rule) => url.set({ rule, sound: '', graphemes: '' })}>
          {(rules.data ?? []).map((r) => [r.id, r.name] as const)}
        </Pick>
      </Row>
      <Row label="Sound">
        <Pick
          name="Sound"
          value={url.get('sound')}
          change={(phoneme) =>
            url.set({
              rule: '',
              sound: phoneme,
              graphemes: (sounds.data?.find((s) => s.phoneme === phoneme)?.graphemes ?? [])
                .slice(0, 3)
                .map((g) => g.grapheme)
                .join(','),
            })
          }
        >
          {(sounds.data ?? []).map((s) => [s.phoneme, `${say(s.phoneme)}  ${s.keyword}`] as const)}
        </Pick>
      </Row>
      {sound ? (
        <div role="group" aria-label="Spellings" className="flex flex-wrap gap-1 pl-[70px]">
          {sound.graphemes.slice(0, 9).map((g) => (
            <Flag
              key={g.grapheme}
              on={ticked.includes(g.grapheme)}
              label={g.grapheme.replace('_', '-')}
              toggle={() =>
                url.set({
                  graphemes: (ticked.includes(g.grapheme) ? ticked.filter((t) => t !== g.grapheme) : [...ticked, g.grapheme]).join(','),
                })
              }
            />
          ))}
        </div>
      ) : null}
    </>
  )
}

function Box({ of }: { of: readonly string[] }) {
  return (
    <ul aria-label="To choose from" className="flex flex-wrap gap-x-5 gap-y-1 border border-base-300 rounded-lg px-4 py-2 font-word text-large">
      {of.map((option) => (
        <li key={option}>{option}</li>
      ))}
    </ul>
  )
}

interface TaskLineProps {
  task: Task
  at: number
  answers: boolean
  /** Whether its options stand in a box above all tasks. */
  boxed: boolean
  /** Whether its options are all there is to read. */
  toFind: boolean
}

function TaskLine({ task, at, answers, boxed, toFind }: TaskLineProps) {
  const shown = task.answer.slice(0, 5)
  const more = task.answer.length - shown.length
  return (
    <li className="grid grid-cols-[1.5rem_1fr] gap-x-2 border-b border-dotted border-base-300 py-1.5">
      <span className="mute text-small pt-1">{at}</span>
      <div>
        <p className="flex flex-wrap items-baseline gap-x-4">
          {toFind ? null : <span className="font-word text-large">{task.says}</span>}
          {boxed ? null : <span className="font-word text-large">{task.options.join('  ·  ')}</span>}
          {answers ? (
            <b className="font-word text-large text-primary">
              <span aria-hidden="true">→ </span>
              {shown.join(', ')}
              {more > 0 ? <span className="mute font-normal text-small"> and {more} more</span> : null}
            </b>
          ) : null}
        </p>
        {answers ? <p className="mute text-small">{task.why}</p> : null}
      </div>
    </li>
  )
}

function Copy({ kind, tasks }: { kind: ExerciseView; tasks: readonly Task[] }) {
  const [said, setSaid] = useState('')
  const [failure, setFailure] = useState('')
  const copy = async () => {
    try {
      await navigator.clipboard.writeText(handout(kind, tasks))
      setSaid('Tasks and answers are copied.')
    } catch {
      setFailure('The browser does not let this page copy. Select the tasks and copy them by hand.')
    }
  }
  return (
    <div>
      <button type="button" className="btn btn-sm w-full" onClick={() => void copy()}>
        Copy to hand out
      </button>
      <p role="status" className="text-small min-h-5">
        {said}
      </p>
      <FieldError says={failure} />
    </div>
  )
}

/** The address as the API wants it. */
export function taskQuery(get: (key: string) => string): ExerciseQuery {
  return {
    level: Number(get('level') || 1),
    count: Number(get('n') || 8),
    seed: Number(get('seed') || 1),
    ...(get('rule') ? { rule: get('rule') } : {}),
    ...(get('sound') && get('graphemes') ? { sound: get('sound'), graphemes: get('graphemes').split(',') } : {}),
  }
}
