import { useState } from 'react'

/** The number of the open item, kept in the address: a reload stays there. */
export function usePlace(first: number) {
  const [at, setAt] = useState(() => Number(fromAddress('at') || first + 1) - 1)
  const go = (to: number) => {
    const url = new URL(window.location.href)
    url.searchParams.set('at', String(to + 1))
    window.history.replaceState(null, '', url)
    setAt(to)
  }
  return { at, go }
}

export function fromAddress(name: string): string {
  return new URLSearchParams(window.location.search).get(name) ?? ''
}
