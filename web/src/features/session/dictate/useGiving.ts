import { useEffect, useState } from 'react'
import { useHotkeys } from 'react-hotkeys-hook'
import { useSearchParams } from 'react-router'
import type { Call } from '../../../kinds'
import { moved, within, type Place } from './script'

/** A key that presses a focused button or link is that button's. */
export const FREE = { preventDefault: true, ignoreEventWhen: (e: KeyboardEvent) => e.key === ' ' && (e.target as HTMLElement).closest('a, button') !== null }

/** Where the giving is, and how it looks; the address follows, so that a reload stays here. */
export interface Giving {
  readonly place: Place
  /** How often the item was said again. */
  readonly repeats: number
  readonly hidden: boolean
  readonly played: boolean
  readonly goTo: (next: (from: Place) => Place) => void
  readonly again: () => void
  readonly skip: () => void
  readonly hide: () => void
  readonly play: () => void
}

export function useGiving(all: readonly Call[]): Giving {
  const [params, setParams] = useSearchParams()
  const [place, setPlace] = useState<Place>(() =>
    within({ call: Number(params.get('item') ?? '1') - 1 || 0, step: Number(params.get('step') ?? '1') - 1 || 0 }, all),
  )
  const [repeats, setRepeats] = useState(0)
  const [played, setPlayed] = useState(() => params.get('points') === '1')
  const [hidden, setHidden] = useState(() => params.get('hidden') === '1')
  useEffect(() => {
    setParams({ item: String(place.call + 1), step: String(place.step + 1), ...(played ? { points: '1' } : {}), ...(hidden ? { hidden: '1' } : {}) }, { replace: true })
    // eslint-disable-next-line react-hooks/exhaustive-deps -- setParams is new with every address
  }, [place, played, hidden])
  const goTo = (next: (from: Place) => Place) => {
    setRepeats(0)
    setPlace(next)
  }
  const again = () => setRepeats((n) => n + 1)
  const skip = () => goTo((from) => ({ call: Math.min(from.call + 1, all.length - 1), step: 0 }))
  const hide = () => setHidden((is) => !is)
  const play = () => setPlayed(true)
  useHotkeys('space, right', () => goTo((from) => moved(from, 1, all)), FREE)
  useHotkeys('left', () => goTo((from) => moved(from, -1, all)), FREE)
  useHotkeys('r', again, FREE)
  useHotkeys('s', skip, FREE)
  useHotkeys('h', hide, FREE)
  useHotkeys('p', play, FREE)
  return { place, repeats, hidden, played, goTo, again, skip, hide, play }
}
