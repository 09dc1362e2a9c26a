import { useCallback, useState } from 'react'

/** Something asked of the server once: under way, failed or done. */
export function useCall<A extends readonly unknown[], T>(ask: (...args: A) => Promise<T>) {
  const [state, setState] = useState<{ pending: boolean; error?: Error; data?: T }>({ pending: false })
  const make = useCallback(
    (...args: A) => {
      setState((now) => ({ ...now, pending: true }))
      ask(...args).then(
        (data) => setState({ pending: false, data }),
        (error: unknown) => setState({ pending: false, error: error instanceof Error ? error : new Error(String(error)) }),
      )
    },
    [ask],
  )
  return { ...state, make }
}
