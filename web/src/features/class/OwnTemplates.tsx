import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useKinds } from '../../lib/classContext'
import { useState } from 'react'
import { client, dataOf, said, type Template, type WishedTemplate } from '../../api/client'
import { ask, inPath } from '../../api/ask'
import { FieldError } from '../../ui/FieldError'
import { useTerms } from '../../lib/terms'

/** The school's own templates: what each is called, how long it takes and what it is made of, kept at once. */
export function OwnTemplates() {
  const templates = useQuery(ask('get', '/api/templates'))
  const own = templates.data?.filter((t) => t.id.startsWith('own-')) ?? []
  return (
    <section aria-label="Templates of the school" className="sheet p-4 flex flex-col gap-3">
      <h2 className="font-semibold">Templates of the school</h2>
      {templates.isError ? <FieldError says={said(templates.error)} /> : null}
      {own.length === 0 ? <p className="mute text-small">None yet. Make one from a session you like: on Prepare, under More.</p> : null}
      {own.map((t) => (
        <OwnTemplate key={t.id} template={t} />
      ))}
    </section>
  )
}

type Quota = Template['blocks'][number]

const ROLES: readonly (readonly [Quota['role'], string])[] = [
  ['FOCUS', 'on the focus'],
  ['REVIEW', 'due again'],
  ['ASSESSED', 'unaided'],
]

function OwnTemplate({ template }: { template: Template }) {
  const queries = useQueryClient()
  const inTerms = useTerms()
  const kinds = useKinds()
  const [open, setOpen] = useState(false)
  const settled = { onSettled: () => queries.invalidateQueries({ queryKey: ask('get', '/api/templates').queryKey }) }
  const change = useMutation({
    mutationFn: (part: Partial<WishedTemplate>) => dataOf(client.PUT('/api/templates/{id}', { params: { path: { id: template.id } }, body: { name: template.name, minutes: template.minutes, blocks: template.blocks, ...part } })),
    ...settled,
  })
  const drop = useMutation({ mutationFn: () => dataOf(client.DELETE('/api/templates/{id}', inPath({ id: template.id }))), ...settled })
  const blocks = (next: readonly Quota[]) => change.mutate({ blocks: [...next] })
  const at = (i: number, part: Partial<Quota>) => blocks(template.blocks.map((b, j) => (i === j ? { ...b, ...part } : b)))
  return (
    <div className="border border-base-300 rounded-lg p-2 flex flex-col gap-2">
      <div className="flex items-center gap-2">
        <button type="button" className="grow text-left font-semibold" aria-expanded={open} onClick={() => setOpen(!open)}>
          {template.name} <span className="mute font-normal text-small">{template.blocks.map((b) => `${b.count} ${inTerms(kinds.of(b.kind).title).toLowerCase()}`).join(', ')}</span>
        </button>
        <button type="button" className="btn btn-ghost btn-xs btn-square" aria-label={`Take the template ${template.name} away`} onClick={() => drop.mutate()}>
          ×
        </button>
      </div>
      <FieldError says={change.isError ? said(change.error) : drop.isError ? said(drop.error) : ''} />
      {open ? (
        <>
          <div className="flex gap-2">
            <label className="flex items-center gap-1 text-small grow">
              Name
              <input className="input input-sm grow" maxLength={60} defaultValue={template.name} onBlur={(e) => (e.target.value.trim() && e.target.value.trim() !== template.name ? change.mutate({ name: e.target.value.trim() }) : undefined)} />
            </label>
            <label className="flex items-center gap-1 text-small">
              Minutes
              <input type="number" min={5} max={90} className="input input-sm w-20" defaultValue={template.minutes} onBlur={(e) => (Number(e.target.value) === template.minutes ? undefined : change.mutate({ minutes: Number(e.target.value) }))} />
            </label>
          </div>
          <ul className="flex flex-col gap-1">
            {template.blocks.map((b, i) => (
              <li key={`${i} ${b.kind} ${b.count}`} className="flex items-center gap-1.5">
                <input type="number" min={1} max={60} className="input input-xs w-16" aria-label={`How many ${inTerms(kinds.of(b.kind).title).toLowerCase()}`} defaultValue={b.count} onBlur={(e) => (Number(e.target.value) === b.count ? undefined : at(i, { count: Number(e.target.value) }))} />
                <span className="grow">{inTerms(kinds.of(b.kind).title)}</span>
                <select className="select select-xs w-32" aria-label={`What ${inTerms(kinds.of(b.kind).title).toLowerCase()} are for`} value={b.role} onChange={(e) => at(i, { role: e.target.value as Quota['role'] })}>
                  {ROLES.map(([role, name]) => (
                    <option key={role} value={role}>
                      {name}
                    </option>
                  ))}
                </select>
                <select className="select select-xs w-20" aria-label={`On which day ${inTerms(kinds.of(b.kind).title).toLowerCase()} come`} value={b.day} onChange={(e) => at(i, { day: Number(e.target.value) })}>
                  <option value={1}>day 1</option>
                  <option value={2}>day 2</option>
                </select>
                {template.blocks.length > 1 ? (
                  <button type="button" className="btn btn-ghost btn-xs btn-square" aria-label={`Leave ${inTerms(kinds.of(b.kind).title).toLowerCase()} out`} onClick={() => blocks(template.blocks.filter((_, j) => j !== i))}>
                    ×
                  </button>
                ) : null}
              </li>
            ))}
          </ul>
          <select className="select select-sm w-full" aria-label={`Add a block to ${template.name}`} value="" onChange={(e) => blocks([...template.blocks, { kind: e.target.value, count: 4, role: 'FOCUS', day: 1 }])}>
            <option value="">+ Add a block</option>
            {kinds.all.map((k) => (
              <option key={k.id} value={k.id}>
                {inTerms(k.title)}
              </option>
            ))}
          </select>
        </>
      ) : null}
    </div>
  )
}
