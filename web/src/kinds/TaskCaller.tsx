import type { CallerProps } from './kind'
import { givesItAway, Hidden } from './Hidden'
import { isShown, Model } from './Model'
import { Pause } from './Pause'

/** A task to give: what is said, large; then its answer, as a strip where it is one word. */
export function TaskCaller({ item, step, repeats, hidden }: CallerProps) {
  const shown = isShown(step)
  const looked = step === 'look at the part' || step === 'say its letters'
  const answer = item.answer[0] ?? item.text
  return (
    <div className="flex flex-col items-center gap-6 max-w-4xl text-center" aria-live="polite">
      {hidden && !shown && givesItAway(item) ? <Hidden what="The word" className="text-title min-h-20" /> : <p className="font-word font-bold text-board leading-snug">{item.says}</p>}
      {repeats > 0 ? <p className="mute text-body">said again {repeats}×</p> : null}
      {looked && item.letters ? <p className="text-board">{item.letters}</p> : null}
      {(shown || looked) && item.units.length > 0 && answer === item.text ? <Model item={item} /> : null}
      {shown && (item.units.length === 0 || answer !== item.text) ? <p className="font-word text-board">{answer}</p> : null}
      {shown && item.answer.length > 1 ? <p className="mute text-large">right too: {item.answer.slice(1, 6).join(', ')}</p> : null}
      {step === 'write' ? <Pause key={item.id} seconds={item.pause} /> : <div className="h-2" />}
    </div>
  )
}
