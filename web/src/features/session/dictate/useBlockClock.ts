import { useEffect, useRef } from 'react'

/** Longer at one place, and somebody has left the room. */
const MOST_MS = 5 * 60_000

/** A block that was only leafed through says nothing of its time. */
const FEWEST_SECONDS = 5

/**
 * Counts how long each block is given, across a reload.
 *
 * @param block that is open now
 */
export function useBlockClock(session: number, block: number | undefined) {
  const key = `dettato took ${session}`
  const since = useRef<{ block: number; at: number } | undefined>(undefined)
  const note = () => {
    const now = performance.now()
    const from = since.current
    if (from) {
      const all = read(key)
      all[from.block] = (all[from.block] ?? 0) + Math.min(MOST_MS, now - from.at)
      sessionStorage.setItem(key, JSON.stringify(all))
    }
    since.current = block === undefined ? undefined : { block, at: now }
  }
  // Noted at every step, so that a long stay at one is seen.
  useEffect(note)
  return {
    /** Whole seconds by block. */
    took: (): Record<string, number> => {
      note()
      const seconds = Object.entries(read(key)).map(([id, ms]) => [id, Math.round(ms / 1000)] as const)
      sessionStorage.removeItem(key)
      return Object.fromEntries(seconds.filter(([, s]) => s >= FEWEST_SECONDS))
    },
  }
}

function read(key: string): Record<string, number> {
  try {
    return JSON.parse(sessionStorage.getItem(key) ?? '{}') as Record<string, number>
  } catch {
    return {}
  }
}
