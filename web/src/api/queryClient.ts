import { hashKey, QueryClient } from '@tanstack/react-query'
import { openClass } from './openClass'

/** What is the school's, and the same whichever class is open. */
const OF_THE_SCHOOL: readonly unknown[] = ['login', 'classes', 'accents', 'kinds']

/**
 * What the pages read, kept apart by the class whose pages are open: every answer may be in its words and in its order,
 * since every request names it.
 */
export function newQueries(retry: number | boolean = 1): QueryClient {
  return new QueryClient({
    defaultOptions: { queries: { retry, refetchOnWindowFocus: false, staleTime: 10_000, queryKeyHashFn: (key) => hashKey([OF_THE_SCHOOL.includes(key[0]) ? '' : (openClass() ?? ''), key]) } },
  })
}
