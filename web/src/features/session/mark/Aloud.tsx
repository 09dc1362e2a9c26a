import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import { client, dataOf, said, type Item, type Pupil, type Session } from '../../../api/client'
import { ask, inPath } from '../../../api/ask'
import { FieldError } from '../../../ui/FieldError'

const isAloud = (block: Session['blocks'][number]) => block.spoken && block.items.length > 0

/** What was answered aloud: done, or who stumbled; nothing of it stands on a paper. */
export function Aloud({ session, pupils, close }: { session: Session; pupils: readonly Pupil[]; close: () => void }) {
  const dialog = useRef<HTMLDialogElement>(null)
  const queries = useQueryClient()
  const [open, setOpen] = useState<number>()
  const note = useMutation({
    mutationFn: ({ item, stumbled, who }: { item: Item; stumbled: boolean; who: readonly number[] }) => dataOf(client.PUT('/api/sessions/{id}/items/{itemId}/stumble', { params: { path: { id: session.id, itemId: item.id } }, body: { stumbled, pupils: [...(who)] } })),
    onSettled: () => queries.invalidateQueries({ queryKey: ask('get', '/api/sessions/{id}', inPath({ id: session.id })).queryKey, exact: true }),
  })
  useEffect(() => dialog.current?.showModal(), [])
  const spoken = session.blocks.filter(isAloud)
  return (
    <dialog ref={dialog} className="modal" aria-label="Answered aloud" onClose={close} onCancel={close}>
      <div className="modal-box bg-base-100 max-w-2xl flex flex-col gap-3">
        <h2 className="font-semibold">Answered aloud</h2>
        <FieldError says={note.isError ? said(note.error) : ''} />
        {spoken.map((block) => (
          <section key={block.id}>
            <h3 className="mute text-small font-semibold">
              {block.title}: {block.items.filter((i) => i.stumbled).length} of {block.items.length} stumbled over
            </h3>
            <ul className="flex flex-col">
              {block.items.map((item) => (
                <li key={item.id} className="border-b border-base-300">
                  <button type="button" className="flex gap-3 w-full text-left py-1 px-1" aria-expanded={open === item.id} onClick={() => setOpen(open === item.id ? undefined : item.id)}>
                    <span aria-hidden="true">{item.stumbled ? '✗' : '✓'}</span>
                    <span className="font-word grow">{item.right ? item.asks : item.says}</span>
                    <span className="mute">{standing(item, pupils)}</span>
                  </button>
                  {open === item.id ? <Who item={item} pupils={pupils} note={(stumbled, who) => note.mutate({ item, stumbled, who })} /> : null}
                </li>
              ))}
            </ul>
          </section>
        ))}
        <button type="button" className="btn btn-sm w-fit" onClick={close}>
          Close
        </button>
      </div>
    </dialog>
  )
}

function standing(item: Item, pupils: readonly Pupil[]): string {
  const names = pupils.filter((p) => item.stumblers.includes(p.id)).map((p) => p.name)
  return names.length > 0 ? names.join(', ') : item.stumbled ? 'the class stumbled' : 'done'
}

function Who({ item, pupils, note }: { item: Item; pupils: readonly Pupil[]; note: (stumbled: boolean, who: readonly number[]) => void }) {
  return (
    <ul aria-label="Who stumbled" className="flex flex-wrap gap-1 pb-2">
      <li>
        <button type="button" aria-pressed={item.stumbled} className={`btn btn-xs ${item.stumbled ? 'btn-primary' : ''}`} onClick={() => note(!item.stumbled, item.stumbled ? [] : item.stumblers)}>
          the class
        </button>
      </li>
      {pupils.map((pupil) => {
        const stumbled = item.stumblers.includes(pupil.id)
        return (
          <li key={pupil.id}>
            <button type="button" aria-pressed={stumbled} className={`btn btn-xs ${stumbled ? 'btn-primary' : ''}`} onClick={() => note(true, stumbled ? item.stumblers.filter((s) => s !== pupil.id) : [...item.stumblers, pupil.id])}>
              {pupil.name}
            </button>
          </li>
        )
      })}
    </ul>
  )
}
