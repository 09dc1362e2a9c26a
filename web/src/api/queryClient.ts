import { hashKey, QueryClient } from '@tanstack/react-query'
import { openClass } from './openClass'

/**
 * What the pages read, kept apart by the class whose pages are open: every answer may be in its words and in its order,
 * since every request names it.
 */
export function newQueries(retry: number | boolean = 1): QueryClient {
  return new QueryClient({
    defaultOptions: { queries: { retry, refetchOnWindowFocus: false, staleTime: 10_000, queryKeyHashFn: (key) => hashKey([openClass() ?? '', key]) } },
  })
}
