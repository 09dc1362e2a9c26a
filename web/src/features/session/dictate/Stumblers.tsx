import { useEffect, useRef, useState } from 'react'
import type { Item, Pupil } from '../../../api/client'

interface StumblersProps {
  readonly item: Item
  readonly pupils: readonly Pupil[]
  readonly note: (pupils: readonly number[]) => void
  readonly close: () => void
}

/** Who stumbled: letters narrow the names, Enter notes the first of them or takes it back. */
export function Stumblers({ item, pupils, note, close }: StumblersProps) {
  const dialog = useRef<HTMLDialogElement>(null)
  const [letters, setLetters] = useState('')
  useEffect(() => dialog.current?.showModal(), [])
  const fitting = pupils.filter((p) => p.name.toLowerCase().startsWith(letters.trim().toLowerCase()))
  const turn = (id: number) => {
    note(item.stumblers.includes(id) ? item.stumblers.filter((s) => s !== id) : [...item.stumblers, id])
    setLetters('')
  }
  return (
    <dialog ref={dialog} className="modal" aria-label="Who stumbled" onClose={close} onCancel={close}>
      <div className="modal-box bg-base-100 max-w-2xl flex flex-col gap-3">
        <h2 className="font-semibold">
          Who stumbled: <span className="font-word">{item.says}</span>
        </h2>
        <input
          className="input w-full"
          aria-label="First letters of a name"
          placeholder="first letters, then Enter"
          value={letters}
          autoComplete="off"
          onChange={(e) => setLetters(e.target.value)}
          onKeyDown={(e) => {
            if (e.key !== 'Enter') return
            e.preventDefault()
            if (letters.trim() && fitting[0]) turn(fitting[0].id)
            else if (!letters.trim()) close()
          }}
        />
        <ul aria-label="Children" className="grid grid-cols-3 sm:grid-cols-5 gap-1.5">
          {fitting.map((pupil) => {
            const stumbled = item.stumblers.includes(pupil.id)
            return (
              <li key={pupil.id}>
                <button type="button" aria-pressed={stumbled} className={`btn btn-sm w-full justify-start ${stumbled ? 'btn-primary' : ''}`} onClick={() => turn(pupil.id)}>
                  <span aria-hidden="true">{stumbled ? '✗' : ' '}</span> {pupil.name}
                </button>
              </li>
            )
          })}
        </ul>
        <button type="button" className="btn btn-sm w-fit" onClick={close}>
          Close
        </button>
      </div>
    </dialog>
  )
}
