import { keepPreviousData, queryOptions, type QueryClient } from '@tanstack/react-query'
import type { FetchResponse, MaybeOptionalInit } from 'openapi-fetch'
import type { PathsWithMethod, RequiredKeysOf } from 'openapi-typescript-helpers'
import { client, dataOf } from './client'
import type { paths } from './schema'

/** What is read is mostly got; what is asked with much in it is posted. */
type Reading = 'get' | 'post'
type Init<M extends Reading, P extends keyof paths> = MaybeOptionalInit<paths[P], M>
type Answer<M extends Reading, P extends keyof paths> = Exclude<FetchResponse<NonNullable<paths[P][M]>, object, `${string}/${string}`>['data'], undefined>

interface Parts {
  readonly params?: { readonly path?: Record<string, unknown>; readonly query?: unknown }
  readonly body?: unknown
}

const FOREVER = { staleTime: Infinity } as const
const MEANWHILE = { placeholderData: keepPreviousData } as const
const ONCE = { retry: false } as const

/** How long an answer is good for, and what stands there until the next one comes; the others as usual. */
const HOW: Partial<Record<keyof paths, object>> = {
  '/api/login': FOREVER,
  '/api/kinds': FOREVER,
  '/api/accents': FOREVER,
  '/api/choices': FOREVER,
  '/api/rules': FOREVER,
  '/api/sounds': FOREVER,
  '/api/attempts/{id}': FOREVER,
  '/api/classes/{id}/exercises': FOREVER,
  '/api/classes/{id}/rivals': FOREVER,
  // Read once: what is typed stands on the page from then on.
  '/api/sessions/{id}/papers': { ...FOREVER, gcTime: 0 },
  '/api/sessions/{id}/scores': MEANWHILE,
  '/api/sessions/{id}/outlook': MEANWHILE,
  '/api/classes/{id}/candidates': MEANWHILE,
  '/api/classes/{id}/fill': MEANWHILE,
  '/api/words': MEANWHILE,
  '/api/sentences': { ...FOREVER, ...MEANWHILE },
  '/api/passages': { ...FOREVER, ...MEANWHILE },
  '/api/chains': { ...FOREVER, ...ONCE },
  '/api/pairs': { ...FOREVER, ...ONCE },
  '/api/texts/check': { ...MEANWHILE, ...ONCE },
  '/api/marking/preview': { ...MEANWHILE, ...ONCE },
  '/api/notation/preview': { ...FOREVER, ...MEANWHILE, ...ONCE },
  '/api/classes/{id}/exercises/{kind}': { ...FOREVER, ...MEANWHILE, ...ONCE },
}

/** A place in the address of a call. */
export const inPath = <T>(path: T) => ({ params: { path } })

/**
 * What the pages read, by the address it is read from. Its key is that address, so that all of a class stands under
 * `['classes', id]` and all of a session under `['sessions', id]`.
 */
export function ask<M extends Reading, P extends PathsWithMethod<paths, M>>(method: M, path: P, ...[init]: RequiredKeysOf<Init<M, P>> extends never ? [Init<M, P>?] : [Init<M, P>]) {
  const { params, body } = (init ?? {}) as Parts
  const queryFn = (): Promise<Answer<M, P>> => dataOf(client.request(method, path as never, init as never) as Promise<{ data?: Answer<M, P> }>)
  return queryOptions({ ...HOW[path], queryKey: keyOf(path, params?.path ?? {}, params?.query ?? body), queryFn })
}

function keyOf(path: string, places: Record<string, unknown>, asked: unknown): readonly unknown[] {
  const parts = path
    .replace(/^\/api\//, '')
    .split('/')
    .map((part) => (part.startsWith('{') ? places[part.slice(1, -1)] : part))
  return asked === undefined ? parts : [...parts, asked]
}

/** The list of classes alone, and not all that is known of each. */
export const theClasses = { queryKey: ask('get', '/api/classes').queryKey, exact: true } as const

/** What is known of a class's sessions and findings is asked for anew. */
export async function classChanged(queries: QueryClient, classId: number): Promise<void> {
  await queries.invalidateQueries({ queryKey: ['classes', classId] })
}
