import { ApiProblem } from '../../api/problem'
import type { components } from '../../api/schema'
import { xsrfToken } from '../../api/xsrf'

// A child's device fetches these few things and no more, so it brings no client, cache or router along.
export type TabletSheet = components['schemas']['TabletSheet']
export type AskedOfChild = components['schemas']['AskedOfChild']
type Room = components['schemas']['Room']
type Seat = components['schemas']['Seat']

const AWAY = 'Dettato cannot be reached just now.'

async function call<T>(method: 'GET' | 'POST' | 'PUT', path: string, body?: unknown, token = ''): Promise<T> {
  const xsrf = xsrfToken()
  const headers = {
    'Content-Type': 'application/json',
    ...(token ? { 'Tablet-Token': token } : {}),
    ...(xsrf && method !== 'GET' ? { 'X-XSRF-TOKEN': xsrf } : {}),
  }
  const request = new Request(new URL(`/api/tablet/${path}`, window.location.origin), { method, headers, ...(body === undefined ? {} : { body: JSON.stringify(body) }) })
  const response = await globalThis.fetch(request).catch(() => {
    throw new ApiProblem(0, AWAY)
  })
  const text = await response.text()
  if (response.ok) return (text ? JSON.parse(text) : undefined) as T
  throw new ApiProblem(response.status, told(text))
}

/** What a problem document says. */
function told(text: string): string {
  try {
    return (JSON.parse(text) as { detail?: string }).detail ?? AWAY
  } catch {
    return AWAY
  }
}

export const line = {
  join: (code: string) => call<Room>('POST', 'join', { code }),
  sit: (code: string, pupilId: number) => call<Seat>('POST', 'sit', { code, pupilId }),
  sheet: (token: string) => call<TabletSheet>('GET', 'sheet', undefined, token),
  write: (token: string, itemId: number, written: string) => call<undefined>('PUT', `items/${itemId}`, { written }, token),
  handIn: (token: string) => call<undefined>('POST', 'hand-in', undefined, token),
}
