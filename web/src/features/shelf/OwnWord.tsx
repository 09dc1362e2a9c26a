import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { client, dataOf, said, type Proposals, type SoundView, type UnitView } from '../../api/client'
import { ask } from '../../api/ask'
import { useClass } from '../../lib/classContext'
import { FieldError } from '../../ui/FieldError'
import { Failed, Key, Loading } from '../../ui/Parts'
import { Strip } from '../../ui/Strip'
import { merge, soundsOf, split, takeE, turn } from './cells'
import { percent } from '../../lib/turned'
import { useTerms } from '../../lib/terms'
import { useSounds } from '../../lib/sounds'

/** Adds or corrects a word of the school's own: proposals to take, a strip to mend by keyboard. */
export function OwnWord({ spelling, close }: { spelling: string; close: () => void }) {
  const { accent } = useClass()
  const proposals = useQuery(ask('get', '/api/words/{spelling}/proposals', { params: { path: { spelling }, query: { accent } } }))
  const sounds = useQuery(ask('get', '/api/sounds', { params: { query: { accent } } }))
  return (
    <section aria-label={`The school's own word ${spelling}`} className="sheet p-3 flex flex-col gap-2 min-h-0 overflow-auto">
      {proposals.isPending || sounds.isPending ? <Loading rows={4} /> : null}
      {proposals.isError ? <Failed error={proposals.error} retry={() => void proposals.refetch()} /> : null}
      {sounds.isError ? <Failed error={sounds.error} retry={() => void sounds.refetch()} /> : null}
      {proposals.data && sounds.data ? <Editor proposals={proposals.data} sounds={sounds.data} close={close} /> : null}
    </section>
  )
}

function Editor({ proposals, sounds, close }: { proposals: Proposals; sounds: readonly SoundView[]; close: () => void }) {
  const { accent } = useClass()
  const queries = useQueryClient()
  const may = soundsOf(sounds)
  const [cells, setCells] = useState<UnitView[]>([...(proposals.proposals[0]?.units ?? [])])
  const [clue, setClue] = useState(proposals.proposals[0]?.clue ?? '')
  const [choose, setChoose] = useState(true)
  const [failure, setFailure] = useState('')
  const readings = proposals.source !== 'GUESS' && proposals.proposals.length > 1
  const take = ({ units, clue: meaning }: Proposals['proposals'][number]) => {
    setCells([...units])
    if (meaning) setClue(meaning)
  }
  const save = async (e: FormEvent) => {
    e.preventDefault()
    try {
      await dataOf(client.PUT('/api/own-words/{spelling}', { params: { path: { spelling: proposals.spelling }, query: { accent } }, body: { units: cells, clue, choose } }))
      close()
      void queries.invalidateQueries()
    } catch (problem) {
      setFailure(said(problem))
    }
  }
  return (
    <form className="flex flex-col gap-3" onSubmit={(e) => void save(e)}>
      <h2 className="font-semibold">
        <span className="font-word text-head">{proposals.spelling}</span>{' '}
        <span className="mute font-normal text-small">{proposals.source === 'GUESS' ? 'is new to us' : 'is known; yours will stand before it'}</span>
      </h2>
      <fieldset className="flex flex-col gap-1">
        <legend className="mute text-small">{readings ? 'It is read in several ways. Which do your dictations mean?' : 'How it may be said, the surest first'}</legend>
        {proposals.proposals.map((p, i) => (
          <label key={i} className="flex items-center gap-2">
            <input type="radio" name="proposal" className="radio radio-sm" defaultChecked={i === 0} onChange={() => take(p)} />
            <Strip units={p.units} size="sm" />
            <span className="mute text-small ml-auto">{p.clue || `${percent(p.confidence)} sure`}</span>
          </label>
        ))}
      </fieldset>
      <Mender cells={cells} change={setCells} may={may} />
      <label className="flex flex-col gap-1 text-small">
        A clue to say with it
        <input className="input input-sm w-full" maxLength={200} value={clue} onChange={(e) => setClue(e.target.value)} />
      </label>
      <label className="flex items-center gap-2 text-small">
        <input type="checkbox" className="checkbox checkbox-sm" checked={choose} onChange={(e) => setChoose(e.target.checked)} />
        It may be proposed for a session
      </label>
      <FieldError says={failure} />
      <div className="flex gap-2">
        <button type="submit" className="btn btn-sm btn-primary">
          Keep it
        </button>
        <button type="button" className="btn btn-sm" onClick={close}>
          Leave it
        </button>
      </div>
    </form>
  )
}

/** The cut as cells: ← → go, ↑ ↓ change the sound, + joins, / cuts, E takes a silent e. */
function Mender({ cells, change, may }: { cells: UnitView[]; change: (cells: UnitView[]) => void; may: (g: string) => string[] }) {
  const say = useSounds()
  const inTerms = useTerms()
  const [at, setAt] = useState(0)
  const spot = Math.min(at, cells.length - 1)
  const press = (key: string): boolean => {
    const done: Record<string, () => void> = {
      ArrowLeft: () => setAt(Math.max(0, spot - 1)),
      ArrowRight: () => setAt(Math.min(cells.length - 1, spot + 1)),
      ArrowUp: () => change(turn(cells, spot, -1, may)),
      ArrowDown: () => change(turn(cells, spot, 1, may)),
      '+': () => change(merge(cells, spot, may)),
      '/': () => change(split(cells, spot, may)),
      e: () => change(takeE(cells, spot, may)),
    }
    done[key]?.()
    return key in done
  }
  const cell = cells[spot]
  return (
    <div className="flex flex-col gap-1">
      <button
        type="button"
        aria-label={`Mend the cut: ${cells.map((c) => `${c.grapheme.replace('_', '-')} says ${say(c.phoneme)}`).join(', ')}. On ${cell?.grapheme ?? ''}.`}
        className="rounded-xl border border-base-300 bg-base-200 p-2 text-left"
        onKeyDown={(e) => {
          if (press(e.key)) e.preventDefault()
        }}
      >
        <Strip units={cells} focus={spot} />
      </button>
      <p className="mute text-small leading-relaxed">
        <Key>←</Key> <Key>→</Key> go · <Key>↑</Key> <Key>↓</Key> other sound · <Key>+</Key> join with the next · <Key>/</Key> cut · <Key>e</Key> take a {inTerms('silent e')}
      </p>
      <p role="status" className="text-small">
        {cell ? (
          <>
            <span className="font-word">{cell.grapheme.replace('_', '-')}</span> says <span className="font-ipa">{say(cell.phoneme)}</span>
          </>
        ) : null}
      </p>
    </div>
  )
}
