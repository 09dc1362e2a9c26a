import { http, HttpResponse, type JsonBodyType } from 'msw'
import { setupServer } from 'msw/node'

/** The network of the tests: what is not answered here fails the test that asks it. */
export const server = setupServer()

type Method = 'get' | 'put' | 'post' | 'delete'

/** A request as it arrived. */
export interface Asked {
  readonly method: string
  readonly path: string
  readonly query: Record<string, string>
  readonly headers: Headers
  readonly body: unknown
}

let asked: Asked[] = []

/** Requests of this test to a path, oldest first. */
export function askedOf(method: Method, path: string): Asked[] {
  return asked.filter((a) => a.method === method.toUpperCase() && new RegExp(`^${path.replaceAll('*', '[^/]+')}$`).test(a.path))
}

export function forgetAsked(): void {
  asked = []
}

async function arrived(request: Request): Promise<Asked> {
  const url = new URL(request.url)
  const text = await request.clone().text()
  const json = request.headers.get('content-type')?.includes('json')
  return {
    method: request.method,
    path: url.pathname,
    query: Object.fromEntries(url.searchParams),
    headers: request.headers,
    body: json && text ? (JSON.parse(text) as unknown) : text,
  }
}

type Answer = JsonBodyType | ((asked: Asked) => JsonBodyType | Response | Promise<Response>)

/** Answers requests to a path, the newest answer first. */
export function answer(method: Method, path: string, with_: Answer): void {
  server.use(
    http[method](path.replaceAll('*', ':any'), async ({ request }) => {
      const one = await arrived(request)
      asked.push(one)
      const body = (typeof with_ === 'function' ? await with_(one) : with_) as JsonBodyType | Response
      return body instanceof Response ? body : HttpResponse.json(body ?? null)
    }),
  )
}

/** A problem document. */
export function problem(status: number, detail: string, more: Record<string, unknown> = {}): Response {
  return HttpResponse.json({ status, detail, ...more }, { status, headers: { 'Content-Type': 'application/problem+json' } })
}

/** Fails requests to a path: with a status and its words, or as a dropped line when no status is given. */
export function fail(method: Method, path: string, status?: number, detail = 'The server is away.', times?: number): void {
  const handler = http[method](path.replaceAll('*', ':any'), () => (status === undefined ? HttpResponse.error() : problem(status, detail)), { once: times === 1 })
  server.use(handler)
}

export function noContent(): Response {
  return new HttpResponse(null, { status: 204 })
}
