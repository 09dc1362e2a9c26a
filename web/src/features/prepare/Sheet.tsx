import { useState, type FormEvent } from 'react'
import type { Candidate, Dictation, Item } from '../../api/client'
import { Tag } from '../../ui/Parts'
import { predictable, type usePlan } from './usePlan'

const LIMIT = 20 * 60

/** The sheet as it will be given: words in order, the sentence, the time it takes, a check. */
export function Sheet({
  dictation,
  plan,
  spare,
}: {
  dictation: Dictation
  plan: ReturnType<typeof usePlan>
  spare: readonly Candidate[]
}) {
  const minutes = Math.round(dictation.seconds / 60)
  const warning = predictable(dictation.items.map((i) => i.side))
  return (
    <section aria-label="The sheet" className="sheet p-3 flex flex-col gap-2 min-h-0 overflow-auto">
      <div className="flex items-center gap-2">
        <strong className="whitespace-nowrap">{minutes} min</strong>
        <progress className="progress progress-accent grow" value={dictation.seconds} max={LIMIT} aria-label={`${minutes} of ${LIMIT / 60} minutes`} />
        <span className="mute whitespace-nowrap">of {LIMIT / 60}</span>
      </div>
      <h2 className="font-semibold">Words · {dictation.items.length}</h2>
      {dictation.items.length === 0 ? <p className="mute">Nothing yet. Take words with +, or let it be filled.</p> : null}
      <ol>
        {dictation.items.map((item, i) => (
          <SheetRow key={item.id} item={item} at={i} plan={plan} next={spare.find((c) => c.side === item.side)} />
        ))}
      </ol>
      <OwnWord add={plan.add} />
      <Sentence key={dictation.sentence} sentence={dictation.sentence} keep={plan.say} />
      <p className={`mt-auto rounded-lg px-3 py-2 text-sm ${warning ? 'bg-warning text-warning-content' : 'soft'}`}>
        {warning ?? (dictation.items.length < 4 ? 'Both sides of the rule, mixed, keep the answer open.' : 'Both sides, and no run longer than two: nobody can guess.')}
      </p>
    </section>
  )
}

function SheetRow({
  item,
  at,
  plan,
  next,
}: {
  item: Item
  at: number
  plan: ReturnType<typeof usePlan>
  next: Candidate | undefined
}) {
  return (
    <li className="flex items-center gap-1 border-b border-dotted border-base-300 h-8">
      <span className="mute text-sm w-5">{at + 1}</span>
      <span className="font-word text-lg grow">{item.word}</span>
      {item.due ? <Tag tone={item.side === 'DUE' ? 'gold' : 'lagoon'}>{item.due}</Tag> : null}
      <button type="button" className="btn btn-ghost btn-xs btn-square" aria-label={`Move ${item.word} up`} onClick={() => plan.move(at, -1)}>
        ↑
      </button>
      <button type="button" className="btn btn-ghost btn-xs btn-square" aria-label={`Move ${item.word} down`} onClick={() => plan.move(at, 1)}>
        ↓
      </button>
      <button
        type="button"
        className="btn btn-ghost btn-xs btn-square"
        disabled={!next}
        aria-label={next ? `Swap ${item.word} for ${next.word}` : `Nothing to swap ${item.word} for`}
        onClick={() => (next ? plan.swap(at, next.word) : undefined)}
      >
        ⇄
      </button>
      <button type="button" className="btn btn-ghost btn-xs btn-square" aria-label={`Drop ${item.word}`} onClick={() => plan.drop(at)}>
        ×
      </button>
    </li>
  )
}

function OwnWord({ add }: { add: (word: string) => void }) {
  const [word, setWord] = useState('')
  const submit = (e: FormEvent) => {
    e.preventDefault()
    if (word.trim()) add(word.trim().toLowerCase())
    setWord('')
  }
  return (
    <form onSubmit={submit} className="join">
      <input
        className="input input-sm join-item grow font-word"
        aria-label="A word of your own"
        placeholder="A word of your own"
        value={word}
        onChange={(e) => setWord(e.target.value)}
      />
      <button type="submit" className="btn btn-sm join-item">
        Add
      </button>
    </form>
  )
}

function Sentence({ sentence, keep }: { sentence: string; keep: (sentence: string) => void }) {
  const [text, setText] = useState(sentence)
  return (
    <label className="flex flex-col gap-1">
      <span className="font-semibold">Sentence</span>
      <textarea
        className="textarea w-full font-word text-base leading-snug"
        rows={2}
        maxLength={300}
        value={text}
        onChange={(e) => setText(e.target.value)}
        onBlur={() => (text === sentence ? undefined : keep(text))}
      />
    </label>
  )
}
