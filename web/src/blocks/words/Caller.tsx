import { isShown, Model } from '../Model'
import { Pause } from '../Pause'
import { Tag } from '../../ui/Parts'
import { Frames } from '../../ui/Strip'
import { counted } from '../../ui/words'
import type { CallerProps } from '../kind'

/** A word to give: its clue, empty frames, then the model with its reason. */
export function Caller({ item, step, repeats, counted: isCounted }: CallerProps) {
  const shown = isShown(step)
  const count = item.units.length
  const capital = (text: string) => (text[0]?.toUpperCase() ?? '') + text.slice(1)
  return (
    <div className="flex flex-col items-center gap-6" aria-live="polite">
      <p className="font-word font-bold text-8xl leading-tight">{item.text}</p>
      <p className="text-2xl">
        {item.clue ? (
          <>
            “{capital(item.clue)}. <strong>{capital(item.text)}.</strong>”
          </>
        ) : (
          'Say it in a sentence of your own, then alone.'
        )}
        {repeats > 0 ? <span className="mute text-base"> said again {repeats}×</span> : null}
      </p>
      {shown ? (
        <Model item={item} />
      ) : isCounted ? (
        <Frames count={count} pieces={item.pieces} label={counted(count, 'sound')} />
      ) : (
        <p className="h-20 text-4xl mute flex items-center">How many sounds?</p>
      )}
      {shown && item.why ? (
        <p className="text-xl flex items-center gap-3">
          <Tag tone={item.side === 'DUE' ? 'gold' : 'lagoon'}>{item.due}</Tag> {item.why}
        </p>
      ) : (
        <p className="mute text-lg">
          {isCounted ? `${counted(count, 'sound')} · ${counted(item.text.length, 'letter')} · ` : ''}about {item.pause} seconds to write
        </p>
      )}
      {step === 'write' ? <Pause key={item.id} seconds={item.pause} /> : <div className="h-2" />}
    </div>
  )
}
