import { useQuery } from '@tanstack/react-query'
import type { RuleView } from '../../api/client'
import { ask } from '../../api/ask'
import { useClass } from '../../lib/classContext'
import { Explained } from '../../ui/Explained'
import { Failed } from '../../ui/Parts'
import { MarkStrip } from '../../ui/Strip'
import { useUrl } from '../../lib/useUrl'

/** A word and a spelling of it, explained as it would be when marking; nothing is kept. */
export function TryIt({ rule }: { rule: RuleView | undefined }) {
  const { accent } = useClass()
  const url = useUrl()
  const target = url.get('word')
  const attempt = url.get('written')
  const ready = /[a-z]/i.test(target) && attempt !== ''
  const preview = useQuery({ ...ask('post', '/api/marking/preview', { body: { accent, pairs: [{ target, attempt }] } }), enabled: ready })
  const mark = ready ? preview.data?.results[0] : undefined
  return (
    <section aria-label="Try it" className="sheet p-3 flex flex-col gap-2 min-h-0 overflow-auto items-start">
      <h2 className="font-semibold">Try it</h2>
      <p className="mute text-small">A word, and a spelling a child might give. Nothing is kept.</p>
      <label className="flex flex-col gap-0.5 text-small w-full">
        The word
        <input className="input input-sm w-full font-word text-large" maxLength={40} placeholder={rule?.due[0] ?? ''} value={target} onChange={(e) => url.set({ word: e.target.value.trim() })} />
      </label>
      <label className="flex flex-col gap-0.5 text-small w-full">
        What was written
        <input className="input input-sm w-full font-word text-large" maxLength={60} value={attempt} onChange={(e) => url.set({ written: e.target.value.trim() })} />
      </label>
      {preview.isError ? <Failed error={preview.error} retry={() => void preview.refetch()} /> : null}
      <div aria-live="polite" className="flex flex-col gap-2 items-start w-full">
        {mark ? (
          <>
            <MarkStrip mark={mark} />
            <Explained mark={mark} />
            {mark.rules.length > 0 ? (
              <ul className="text-small mute">
                {mark.rules.map((r) => (
                  <li key={r.rule + r.unit}>
                    {r.name}: {OUTCOMES[r.outcome]}
                  </li>
                ))}
              </ul>
            ) : (
              <p className="mute text-small">No rule of ours decides in this word.</p>
            )}
          </>
        ) : null}
      </div>
    </section>
  )
}

const OUTCOMES = { APPLIED: 'kept', UNDER: 'left out where due', OVER: 'put where not due', UNTESTED: 'says nothing here' } as const
