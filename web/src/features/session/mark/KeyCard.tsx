import { useEffect, useRef } from 'react'
import { Key } from '../../../ui/Parts'

/** The keys of the grid; the short ones stand at its foot. */
export const KEYS: readonly { keys: string; does: string; short?: string }[] = [
  { keys: 'Enter', does: 'keep it, and on to the next word', short: 'next' },
  { keys: '=', does: 'right, as the model', short: 'right' },
  { keys: '+', does: 'all that is left of this paper is right', short: 'rest right' },
  { keys: '-', does: 'left blank', short: 'blank' },
  { keys: '!', does: 'the child was away', short: 'away' },
  { keys: '?', does: 'not sure: kept, and says nothing of the child', short: 'not sure' },
  { keys: '1 2 3', does: 'what others wrote, once two letters are typed; or ↓ and Enter' },
  { keys: '"', does: 'the same as on the paper above' },
  { keys: '/', does: 'what the child wrote on checking, beside the first' },
  { keys: '→ ←', does: 'in a sentence: word by word; type over the one that is wrong' },
  { keys: '↑ ↓', does: 'the paper above, or below' },
  { keys: 'Ctrl Enter', does: 'on to the next paper' },
  { keys: 'Ctrl Z', does: 'undo, in whatever cell it was; Ctrl Shift Z does it again', short: 'undo' },
  { keys: 'Alt ↑ ↓', does: 'this paper up or down, so that the rows lie as your pile does' },
  { keys: 'Alt W', does: 'word by word in place of paper by paper' },
  { keys: 'F1', does: 'this card' },
]

export function KeyCard({ close }: { close: () => void }) {
  const dialog = useRef<HTMLDialogElement>(null)
  useEffect(() => dialog.current?.showModal(), [])
  return (
    <dialog ref={dialog} className="modal" aria-label="Keys" onClose={close} onCancel={close}>
      <div className="modal-box bg-base-100 max-w-xl">
        <h2 className="font-semibold pb-2">Keys</h2>
        <dl className="grid grid-cols-[7rem_1fr] gap-y-1.5">
          {KEYS.map((k) => (
            <div key={k.keys} className="contents">
              <dt>
                <Key>{k.keys}</Key>
              </dt>
              <dd>{k.does}</dd>
            </div>
          ))}
        </dl>
        <button type="button" className="btn btn-sm mt-3" onClick={close}>
          Close
        </button>
      </div>
    </dialog>
  )
}
