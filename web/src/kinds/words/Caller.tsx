import { Hidden } from '../Hidden'
import { isShown, Model } from '../Model'
import { Pause } from '../Pause'
import { Tag } from '../../ui/Parts'
import { Frames } from '../../ui/Strip'
import { counted } from '../../ui/words'
import type { Item } from '../../api/client'
import type { CallerProps } from '../kind'

/** A word to give: its clue, empty frames, then the model with its reason, in the place where the word stood. */
export function Caller({ item, step, repeats, counted: isCounted, hidden }: CallerProps) {
  const shown = isShown(step)
  const count = item.units.length
  return (
    <div className="flex flex-col items-center gap-6" aria-live="polite">
      <div className="min-h-32 flex items-center">
        {shown ? <Model item={item} /> : hidden ? <Hidden what="The word" className="text-title" /> : <p className="font-word font-bold text-board board-word leading-tight">{item.text}</p>}
      </div>
      <p className="text-head min-h-8">
        {hidden && !shown ? null : <Clue item={item} />}
        {repeats > 0 ? <span className="mute text-body"> said again {repeats}×</span> : null}
      </p>
      {shown ? null : isCounted ? (
        <Frames count={count} pieces={item.pieces} label={counted(count, 'sound')} />
      ) : (
        <p className="h-20 text-title mute flex items-center">How many sounds?</p>
      )}
      {shown && item.why ? (
        <p className="text-head flex items-center gap-3">
          <Tag tone={item.side !== 'NOT_DUE' ? 'gold' : 'lagoon'}>{item.due}</Tag> {item.why}
        </p>
      ) : (
        <p className="mute text-large">
          {isCounted ? `${counted(count, 'sound')} · ${counted(item.text.length, 'letter')} · ` : ''}about {item.pause} seconds to write
        </p>
      )}
      {step === 'write' ? <Pause key={item.id} seconds={item.pause} /> : <div className="h-2" />}
    </div>
  )
}

function Clue({ item }: { item: Item }) {
  if (!item.clue) return <>Say it in a sentence of your own, then alone.</>
  const capital = (text: string) => (text[0]?.toUpperCase() ?? '') + text.slice(1)
  return (
    <>
      “{capital(item.clue)}. <strong>{capital(item.text)}.</strong>”
    </>
  )
}
