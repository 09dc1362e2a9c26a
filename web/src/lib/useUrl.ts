import { useSearchParams } from 'react-router'

/** Filters kept in the address, so that Back and a reload keep the place. */
export function useUrl() {
  const [params, setParams] = useSearchParams()
  const set = (values: Record<string, string>) => {
    setParams(
      (old) => {
        const next = new URLSearchParams(old)
        for (const [key, value] of Object.entries(values)) {
          if (value) next.set(key, value)
          else next.delete(key)
        }
        return next
      },
      { replace: true },
    )
  }
  const list = (key: string) => (params.get(key) ?? '').split(',').filter(Boolean)
  return { get: (key: string) => params.get(key) ?? '', list, set }
}
