import type { WordView } from '../../api/client'
import { Link } from 'react-router'
import { useClass } from '../../lib/classContext'
import { Strip } from '../../ui/Strip'

/** One word as a strip, to be picked; what it means and what it could be taken for on its second line. */
export function WordRow({ word, picked, pick }: { word: WordView; picked: boolean; pick: () => void }) {
  const { id } = useClass()
  const alike = word.homophones.length > 0 ? `sounds like ${word.homophones.join(', ')}` : ''
  return (
    <li className="group relative border-b border-base-300 min-w-0">
      {word.beats.length === 1 ? (
        <span className="absolute right-0 top-1 text-small flex gap-2 opacity-0 group-hover:opacity-100 group-focus-within:opacity-100 bg-base-100 rounded px-1">
          <Link className="link" aria-label={`Chains from ${word.spelling}`} to={`/class/${id}/texts?view=chains&start=${word.spelling}`}>
            chain
          </Link>
          <Link className="link" aria-label={`Pairs with ${word.spelling}`} to={`/class/${id}/texts?view=pairs&word=${word.spelling}`}>
            pairs
          </Link>
        </span>
      ) : null}
      <label className={`flex items-center gap-2 py-1 cursor-pointer ${picked ? 'soft' : ''}`}>
        <input type="checkbox" className="checkbox checkbox-sm" aria-label={`Pick ${word.spelling}`} checked={picked} onChange={pick} />
        <span className="min-w-0">
          <Strip units={word.units} size="sm" label={word.spelling} />
          <span className="mute text-small block truncate">{[word.own ? 'our own' : '', alike, word.clue].filter(Boolean).join(' · ') || ' '}</span>
        </span>
      </label>
    </li>
  )
}
