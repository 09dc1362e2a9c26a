import { counted } from '../../ui/words'
import { Hidden } from '../Hidden'
import { Pause } from '../Pause'
import type { CallerProps } from '../kind'
import { useTerms } from '../../lib/terms'

/** A sentence to give: said twice, counted, held in memory, written, then checked. */
export function Caller({ item, step, repeats, hidden }: CallerProps) {
  const inTerms = useTerms()
  const words = item.text.split(/\s+/).length
  const shown = step === 'show' || step === 'check and fix'
  return (
    <div className="flex flex-col items-center gap-6 max-w-4xl text-center" aria-live="polite">
      {hidden && !shown ? <Hidden what="The sentence" className="text-title min-h-32" /> : <p className="font-word font-bold text-board leading-snug min-h-32 flex items-center">{item.text}</p>}
      <p className="text-head mute">
        {counted(words, 'word')}
        {shown ? ` · ${inTerms('capital')} at the start, spaces, end mark, then each word` : ' · said twice, counted, held in memory, written'}
        {repeats > 0 ? ` · said again ${repeats}×` : ''}
      </p>
      {step === 'write' ? <Pause key={item.id} seconds={item.pause} /> : <div className="h-2" />}
    </div>
  )
}
