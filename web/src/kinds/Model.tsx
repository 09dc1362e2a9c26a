import type { Item } from '../api/client'
import { Drawn } from '../ui/Drawn'
import { Strip } from '../ui/Strip'

/** The model: the word with the class's marks, or cut into its sounds where it marks nothing. */
export function Model({ item }: { item: Item }) {
  return item.drawing && item.drawing.lines.length > 0 ? (
    <Drawn drawing={item.drawing} label={item.text} size={6} />
  ) : (
    <Strip units={item.units} size="xl" focus={item.focus} label={item.text} />
  )
}

/** Whether the model is shown at a step. */
export function isShown(step: string): boolean {
  return step === 'show' || step === 'answer' || step.startsWith('check')
}
