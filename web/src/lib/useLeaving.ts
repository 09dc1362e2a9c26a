import { useEffect } from 'react'

/** While something is on its way to the server, the browser asks before the page is left. */
export function useLeaving(unsent: boolean): void {
  useEffect(() => {
    if (!unsent) return undefined
    const ask = (e: BeforeUnloadEvent) => e.preventDefault()
    window.addEventListener('beforeunload', ask)
    return () => window.removeEventListener('beforeunload', ask)
  }, [unsent])
}
