import { useMutation } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import { api, said, type Cell } from '../../../api/client'
import { FieldError } from '../../../ui/FieldError'
import { counted } from '../../../ui/words'

const SHOWN = 6

/** A block of a spreadsheet, or a file: looked at first, then its good cells go in. */
export function PasteDialog({ session, taken, close }: { session: number; taken: (cells: readonly Cell[]) => void; close: () => void }) {
  const dialog = useRef<HTMLDialogElement>(null)
  const [text, setText] = useState('')
  const [replace, setReplace] = useState(false)
  const look = useMutation({ mutationFn: (block: string) => api.paste(session, { text: block, keep: false, replace: false }) })
  const keep = useMutation({
    mutationFn: () => api.paste(session, { text, keep: true, replace }),
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
        <label className="link cursor-pointer focus-within:outline-2 text-small w-fit">
          Take a file
          <input
            type="file"
            accept=".csv,.tsv,.txt,text/csv,text/plain"
            className="sr-only"
            onChange={(e) => {
              const file = e.target.files?.[0]
              if (file) void file.text().then(show)
              e.target.value = ''
            }}
          />
        </label>
        <div role="status" className="flex flex-col gap-2 text-small">
          {look.data ? (
            <p>
              <strong>{counted(found.length - other.length, 'answer')}</strong> to go in{same > 0 ? `, ${same} there already` : ''}
              {bad.length > 0 ? `, ${counted(bad.length, 'cell')} that cannot` : ''}.
            </p>
          ) : null}
          {bad.length > 0 ? (
            <ul aria-label="Cells that cannot be taken" className="border-l-2 border-error pl-2">
              {bad.slice(0, SHOWN).map((b) => (
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
              ))}
              {bad.length > SHOWN ? <li className="mute">and {bad.length - SHOWN} more</li> : null}
            </ul>
          ) : null}
          {other.length > 0 ? (
            <>
              <ul aria-label="Something else stands there" className="border-l-2 border-accent pl-2">
                {other.slice(0, SHOWN).map((f) => (
                  <li key={`${f.pupil}.${f.item}`}>
                    {f.pupil}, {f.item}: <span className="font-word">{f.stands}</span> stands there, <span className="font-word">{f.written || '–'}</span> is in the block
                  </li>
                ))}
                {other.length > SHOWN ? <li className="mute">and {other.length - SHOWN} more</li> : null}
              </ul>
              <label className="flex items-center gap-2">
                <input type="checkbox" className="checkbox checkbox-sm" checked={replace} onChange={(e) => setReplace(e.target.checked)} />
                put those in too, in place of what stands
              </label>
            </>
          ) : null}
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
