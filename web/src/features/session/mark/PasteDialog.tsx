import { useMutation } from '@tanstack/react-query'
import { useEffect, useRef, useState, type ReactNode } from 'react'
import { client, dataOf, said, type Cell, type PasteView } from '../../../api/client'
import { FieldError } from '../../../ui/FieldError'
import { counted } from '../../../ui/words'

const SHOWN = 6

/** A block of a spreadsheet, or a file: looked at first, then its good cells go in. */
export function PasteDialog({ session, taken, close }: { session: number; taken: (cells: readonly Cell[]) => void; close: () => void }) {
  const dialog = useRef<HTMLDialogElement>(null)
  const [text, setText] = useState('')
  const [replace, setReplace] = useState(false)
  const look = useMutation({ mutationFn: (block: string) => dataOf(client.POST('/api/sessions/{id}/paste', { params: { path: { id: session } }, body: { text: block, keep: false, replace: false } })) })
  const keep = useMutation({
    mutationFn: () => dataOf(client.POST('/api/sessions/{id}/paste', { params: { path: { id: session } }, body: { text, keep: true, replace } })),
    onSuccess: (result) => {
      taken(result.kept)
      close()
    },
  })
  useEffect(() => dialog.current?.showModal(), [])
  const show = (block: string) => {
    setText(block)
    if (block.trim()) look.mutate(block)
    else look.reset()
  }
  const { found = [], bad = [], same = 0 } = look.data ?? {}
  const other = found.filter((f) => f.stands)
  const willGoIn = replace ? found.length : found.length - other.length
  return (
    <dialog ref={dialog} className="modal" aria-label="Paste or file" onClose={close} onCancel={close}>
      <div className="modal-box bg-base-100 max-w-3xl flex flex-col gap-3">
        <h2 className="font-semibold">Paste or file</h2>
        <p className="mute text-small">
          Copy names and words with the answers from a spreadsheet, names down or across, in any order; = is right, - is blank. Or take a CSV file, also one with <span className="font-word">pupil,target,attempt</span>.
        </p>
        <textarea
          aria-label="The block"
          className="textarea w-full font-word text-body leading-snug"
          rows={6}
          spellCheck={false}
          placeholder={'\tbadge\tcage\nAnwen\tbage\t=\n'}
          value={text}
          onChange={(e) => show(e.target.value)}
        />
        <TakeFile take={show} />
        <div role="status" className="flex flex-col gap-2 text-small">
          {look.data ? (
            <p>
              <strong>{counted(found.length - other.length, 'answer')}</strong> to go in{same > 0 ? `, ${same} there already` : ''}
              {bad.length > 0 ? `, ${counted(bad.length, 'cell')} that cannot` : ''}.
            </p>
          ) : null}
          <Bad cells={bad} />
          <Other found={other} replace={replace} setReplace={setReplace} />
        </div>
        <FieldError says={look.isError ? said(look.error) : keep.isError ? said(keep.error) : ''} />
        <div className="flex gap-2">
          <button type="button" className="btn btn-sm btn-primary" disabled={willGoIn === 0 || keep.isPending || look.isPending} onClick={() => keep.mutate()}>
            Put {counted(willGoIn, 'answer')} in
          </button>
          <button type="button" className="btn btn-sm" onClick={close}>
            Close
          </button>
        </div>
      </div>
    </dialog>
  )
}

function TakeFile({ take }: { take: (text: string) => void }) {
  return (
    <label className="link cursor-pointer focus-within:outline-2 text-small w-fit">
      Take a file
      <input
        type="file"
        accept=".csv,.tsv,.txt,text/csv,text/plain"
        className="sr-only"
        onChange={(e) => {
          const file = e.target.files?.[0]
          if (file) void file.text().then(take)
          e.target.value = ''
        }}
      />
    </label>
  )
}

/** The first of a list, and how many more there are. */
function Some<T>({ of, name, tone, row }: { of: readonly T[]; name: string; tone: string; row: (one: T) => ReactNode }) {
  if (of.length === 0) return null
  return (
    <ul aria-label={name} className={`border-l-2 pl-2 ${tone}`}>
      {of.slice(0, SHOWN).map(row)}
      {of.length > SHOWN ? <li className="mute">and {of.length - SHOWN} more</li> : null}
    </ul>
  )
}

function Bad({ cells }: { cells: PasteView['bad'] }) {
  return (
    <Some
      of={cells}
      name="Cells that cannot be taken"
      tone="border-error"
      row={(b) => (
        <li key={`${b.row}.${b.column}`}>
          row {b.row}
          {b.column > 0 ? `, column ${b.column}` : ''}
          {b.text ? (
            <>
              , <span className="font-word">{b.text}</span>
            </>
          ) : null}
          : {b.reason}
        </li>
      )}
    />
  )
}

/** Where something else stands, which is replaced only when asked. */
function Other({ found, replace, setReplace }: { found: PasteView['found']; replace: boolean; setReplace: (on: boolean) => void }) {
  if (found.length === 0) return null
  return (
    <>
      <Some
        of={found}
        name="Something else stands there"
        tone="border-accent"
        row={(f) => (
          <li key={`${f.pupil}.${f.item}`}>
            {f.pupil}, {f.item}: <span className="font-word">{f.stands}</span> stands there, <span className="font-word">{f.written || '–'}</span> is in the block
          </li>
        )}
      />
      <label className="flex items-center gap-2">
        <input type="checkbox" className="checkbox checkbox-sm" checked={replace} onChange={(e) => setReplace(e.target.checked)} />
        put those in too, in place of what stands
      </label>
    </>
  )
}
