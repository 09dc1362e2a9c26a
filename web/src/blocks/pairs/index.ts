import { sentence } from '../sentence'
import { task } from '../task'

const both = task({ id: 'pairs', name: 'Pairs', steps: ['say both', 'what differs?', 'write', 'show', 'check and fix'], own: 'Two words, as hop hope' })

/** Two words that differ by one sound: written, and marked, each by itself. */
export const pairs = { ...both, Shown: sentence.Shown, spoken: sentence.spoken, head: (item: { text: string }) => item.text.replace(' ', ' · '), long: true }
