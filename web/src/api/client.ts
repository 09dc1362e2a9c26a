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
export type Leaning = Schemas['LeaningView']
export type WordView = Schemas['WordView']
export type WordList = Schemas['WordList']
export type Proposals = Schemas['Proposals']
export type SoundView = Schemas['SoundView']
export type Spelt = Schemas['Spelt']
export type Rival = Schemas['Rival']
export type AccentView = Schemas['AccentView']
export type WordQuery = NonNullable<paths['/api/words']['get']['parameters']['query']>
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
  override: (id: number, result: 'RIGHT' | 'SOUND_ERROR' | 'READS_RIGHT' | 'READS_OTHERWISE' | 'ABSENT', note: string) =>
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
  accents: () => data(client.GET('/api/accents')),
  words: (query: WordQuery) => data(client.GET('/api/words', { params: { query } })),
  proposals: (spelling: string, accent: string) =>
    data(client.GET('/api/words/{spelling}/proposals', { params: { path: { spelling }, query: { accent } } })),
  sounds: (accent: string) => data(client.GET('/api/sounds', { params: { query: { accent } } })),
  ownWords: (accent: string) => data(client.GET('/api/own-words', { params: { query: { accent } } })),
  keepOwn: (spelling: string, accent: string, units: UnitView[], clue: string, choose: boolean) =>
    data(
      client.PUT('/api/own-words/{spelling}', {
        params: { path: { spelling }, query: { accent } },
        body: { units, clue, choose },
      }),
    ),
  dropOwn: (spelling: string) => data(client.DELETE('/api/own-words/{spelling}', { params: { path: { spelling } } })),
  importOwn: (accent: string, file: string) =>
    data(
      client.POST('/api/own-words/import', {
        params: { query: { accent } },
        body: file as never,
        bodySerializer: (text: unknown) => text as string,
        headers: { 'Content-Type': 'application/pls+xml' },
      }),
    ),
  preview: (accent: string, target: string, attempt: string) =>
    data(client.POST('/api/marking/preview', { body: { accent, pairs: [{ target, attempt }] } })),
  rivals: (id: number, sound: string, graphemes: string[], count: number, taught: boolean, seed: number) =>
    data(
      client.POST('/api/classes/{id}/rivals', {
        params: { path: { id } },
        body: { sound, graphemes, count, taught, without: [], seed },
      }),
    ),
  send: (id: number, date: string, words: string[]) =>
    data(client.POST('/api/classes/{id}/dictations/words', { params: { path: { id } }, body: { date, words } })),
  leanings: (id: number, pupilId: number) =>
    data(client.GET('/api/classes/{id}/pupils/{pupilId}/leanings', { params: { path: { id, pupilId }, query: {} } })),
  map: (id: number) => data(client.GET('/api/classes/{id}/map', { params: { path: { id }, query: {} } })),
}
