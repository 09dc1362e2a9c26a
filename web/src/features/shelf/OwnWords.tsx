import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { asText, client, dataOf, said } from '../../api/client'
import { ask, inPath } from '../../api/ask'
import { useClass } from '../../lib/classContext'
import { Failed, Loading } from '../../ui/Parts'
import { Strip } from '../../ui/Strip'

/** The school's own words: to mend, to take away, and in and out as a pronunciation lexicon. */
export function OwnWords({ edit }: { edit: (word: string) => void }) {
  const { accent } = useClass()
  const queries = useQueryClient()
  const [told, setSaid] = useState('')
  const own = useQuery(ask('get', '/api/own-words', { params: { query: { accent } } }))
  const drop = async (word: string) => {
    try {
      await dataOf(client.DELETE('/api/own-words/{spelling}', inPath({ spelling: word })))
      setSaid(`${word} is taken away.`)
      void queries.invalidateQueries()
    } catch (problem) {
      setSaid(said(problem))
    }
  }
  const read = async (file: File | undefined) => {
    if (!file) return
    try {
      const done = await dataOf(client.POST('/api/own-words/import', { params: { query: { accent } }, body: (await file.text()) as never, ...asText('application/pls+xml') }))
      const bad = done.rejected.map((r) => `line ${r.line}: ${r.reason}`).join(' ')
      setSaid(`${done.imported} words are in. ${bad}`)
      await queries.invalidateQueries()
    } catch (problem) {
      setSaid(said(problem))
    }
  }
  return (
    <section aria-label="Our own words" className="sheet p-3 flex flex-col gap-2 min-h-0">
      <h2 className="font-semibold">Our own words · {own.data?.length ?? ''}</h2>
      {own.isPending ? <Loading rows={4} /> : null}
      {own.isError ? <Failed error={own.error} retry={() => void own.refetch()} /> : null}
      {own.data?.length === 0 ? <p className="mute text-small">None yet. Type a name or a topic word under Letters, and add it.</p> : null}
      <ul className="overflow-auto min-h-0">
        {own.data?.map((w) => (
          <li key={w.spelling} className="flex items-center gap-1 py-1 border-b border-dotted border-base-300">
            <Strip units={w.units} size="sm" label={w.spelling} />
            <button type="button" className="btn btn-ghost btn-xs ml-auto" aria-label={`Mend ${w.spelling}`} onClick={() => edit(w.spelling)}>
              mend
            </button>
            <button type="button" className="btn btn-ghost btn-xs btn-square" aria-label={`Take ${w.spelling} away`} onClick={() => void drop(w.spelling)}>
              ×
            </button>
          </li>
        ))}
      </ul>
      <div className="mt-auto flex flex-col gap-2">
        <p role="status" className="text-small">
          {told}
        </p>
        <a className="btn btn-sm" href={`/api/own-words.pls?accent=${accent}`} download>
          Save as a pronunciation lexicon (PLS)
        </a>
        <label className="flex flex-col gap-1 text-small">
          Read one in
          <input type="file" accept=".pls,.xml" className="file-input file-input-sm w-full" onChange={(e) => void read(e.target.files?.[0])} />
        </label>
      </div>
    </section>
  )
}
