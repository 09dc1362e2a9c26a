import createClient from 'openapi-fetch'
import type { components, paths } from './schema'

type Schemas = components['schemas']
export type SchoolClass = Schemas['SchoolClass']
export type Pupil = Schemas['Pupil']
export type Summary = Schemas['Summary']
export type Dictation = Schemas['Dictation']
export type Item = Schemas['ItemView']
export type Cell = Schemas['Cell']
export type Mark = Schemas['MarkView']
export type MarkedUnit = Schemas['UnitMarkView']
export type UnitView = Schemas['UnitView']
export type Candidate = Schemas['Candidate']
export type RuleView = Schemas['RuleView']
export type ClassMap = Schemas['ClassMap']
export type Standing = Schemas['StandingView']
export type AttemptState = Cell['state']

/** A failure with what the server said about it. */
export class ApiProblem extends Error {
  readonly status: number

  constructor(status: number, message: string) {
    super(message)
    this.status = status
  }
}

const client = createClient<paths>({ baseUrl: window.location.origin })

client.use({
  onRequest({ request }) {
    const token = /(?:^|; )XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1]
    if (token && request.method !== 'GET') request.headers.set('X-XSRF-TOKEN', decodeURIComponent(token))
    return request
  },
})

/** The data of an answer, or an ApiProblem. */
async function data<T>(answer: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  const { data: body, error, response } = await answer
  if (!response.ok) {
    const detail = (error as { detail?: string } | undefined)?.detail
    throw new ApiProblem(response.status, detail ?? 'The server did not answer as expected. Try again.')
  }
  return body as T
}

/** Every call the pages make. */
export const api = {
  session: () => data(client.GET('/api/session')),
  logIn: (username: string, password: string) => data(client.POST('/api/session', { body: { username, password } })),
  createFirst: (username: string, password: string) =>
    data(client.POST('/api/accounts/first', { body: { username, password } })),
  logOut: () => data(client.DELETE('/api/session')),
  classes: () => data(client.GET('/api/classes')),
  createClass: (name: string, accent: string, pupils: string[]) =>
    data(client.POST('/api/classes', { body: { name, accent, pupils } })),
  dictations: (id: number) => data(client.GET('/api/classes/{id}/dictations', { params: { path: { id } } })),
  dictation: (id: number) => data(client.GET('/api/dictations/{id}', { params: { path: { id } } })),
  plan: (id: number, date: string, rule: string) =>
    data(client.POST('/api/classes/{id}/dictations', { params: { path: { id } }, body: { date, rule } })),
  rewrite: (id: number, rule: string, sentence: string, words: string[]) =>
    data(client.PUT('/api/dictations/{id}', { params: { path: { id } }, body: { rule, sentence, words } })),
  become: (id: number, state: Dictation['state']) =>
    data(client.PUT('/api/dictations/{id}/state', { params: { path: { id } }, body: { state } })),
  type: (id: number, pupilId: number, itemId: number, written: string, state: AttemptState) =>
    data(
      client.PUT('/api/dictations/{id}/attempts', { params: { path: { id } }, body: { pupilId, itemId, written, state } }),
    ),
  override: (id: number, result: 'RIGHT' | 'SOUND_ERROR' | 'READS_RIGHT' | 'READS_OTHERWISE', note: string) =>
    data(client.PUT('/api/attempts/{id}/override', { params: { path: { id } }, body: { result, note } })),
  rules: (accent: string) => data(client.GET('/api/rules', { params: { query: { accent } } })),
  candidates: (id: number, rule: string, taught: boolean, beats: number) =>
    data(client.GET('/api/classes/{id}/candidates', { params: { path: { id }, query: { rule, taught, beats } } })),
  choose: (id: number, rule: string, count: number, without: string[], seed: number) =>
    data(
      client.POST('/api/classes/{id}/choose', {
        params: { path: { id } },
        body: { rule, count, easiestFirst: false, without, seed },
      }),
    ),
  map: (id: number) => data(client.GET('/api/classes/{id}/map', { params: { path: { id }, query: {} } })),
}
