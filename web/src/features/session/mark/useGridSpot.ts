import { useCallback, useEffect, useState } from 'react'
import { useSearchParams } from 'react-router'
import { within, type Size, type Spot } from './keys'

/** The open cell of the grid, kept in the address; a place that is not there is the nearest that is. */
export function useGridSpot(size: Size, first: () => Spot): readonly [Spot, (to: Spot) => void] {
  const [params, setParams] = useSearchParams()
  const [spot, setSpot] = useState<Spot>(() => within(readSpot(params.get('at')) ?? first(), size))
  // The address follows the open cell, so that a reload stays there.
  useEffect(() => {
    setParams(
      (old) => {
        old.set('at', `${spot.row + 1}.${spot.column + 1}`)
        return old
      },
      { replace: true },
    )
    // eslint-disable-next-line react-hooks/exhaustive-deps -- setParams is new with every address
  }, [spot])
  const go = useCallback((to: Spot) => setSpot(to), [])
  return [spot, go]
}

function readSpot(at: string | null): Spot | undefined {
  const [row, column] = (at ?? '').split('.').map(Number)
  return row && column ? { row: row - 1, column: column - 1 } : undefined
}
