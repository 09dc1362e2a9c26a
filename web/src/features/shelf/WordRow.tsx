import type { WordView } from '../../api/client'
import { Strip } from '../../ui/Strip'

/** One word as a strip, to be picked; what it means and what it could be taken for on its second line. */
export function WordRow({ word, picked, pick }: { word: WordView; picked: boolean; pick: () => void }) {
  const alike = word.homophones.length > 0 ? `sounds like ${word.homophones.join(', ')}` : ''
  return (
    <li className="border-b border-base-300 min-w-0">
      <label className={`flex items-center gap-2 py-1 cursor-pointer ${picked ? 'soft' : ''}`}>
        <input type="checkbox" className="checkbox checkbox-sm" aria-label={`Pick ${word.spelling}`} checked={picked} onChange={pick} />
        <span className="min-w-0">
          <Strip units={word.units} size="sm" label={word.spelling} />
          <span className="mute text-xs block truncate">{[word.own ? 'our own' : '', alike, word.clue].filter(Boolean).join(' · ') || ' '}</span>
        </span>
      </label>
    </li>
  )
}
