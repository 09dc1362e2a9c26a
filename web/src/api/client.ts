import createClient from 'openapi-fetch'
import { untilLoggedIn } from './ended'
import { openClass } from './openClass'
import { ApiProblem } from './problem'
import type { components, paths } from './schema'
import { xsrfToken } from './xsrf'

export { ApiProblem, said } from './problem'

type Schemas = components['schemas']
export type SchoolClass = Schemas['SchoolClass']
export type Pupil = Schemas['Pupil']
export type Enrolled = Schemas['Enrolled']
export type Profile = Schemas['Profile']
export type Choices = Schemas['Choices']
export type ChoicesView = Schemas['ChoicesView']
export type MeaningView = Schemas['MeaningView']
export type Drawing = Schemas['Drawing']
export type WordsToDraw = Schemas['WordsToDraw']
export type Summary = Schemas['SessionSummary']
export type Session = Schemas['SessionView']
export type Block = Schemas['BlockView']
export type Item = Schemas['ItemView']
export type Check = Schemas['CheckView']
export type Focus = Schemas['FocusView']
export type Plan = Schemas['Plan']
export type Paper = Schemas['Paper']
export type Cell = Schemas['Cell']
export type PasteView = Schemas['PasteView']
export type Mark = Schemas['MarkView']
export type SentenceMark = Schemas['SentenceView']
export type MarkedUnit = Schemas['UnitMarkView']
export type UnitView = Schemas['UnitView']
export type Candidate = Schemas['Candidate']
export type CandidateGroup = Schemas['CandidateGroup']
export type FilledItem = Schemas['FilledItem']
export type WantedItems = Schemas['WantedItems']
export type Template = Schemas['Template']
export type KindView = Schemas['KindView']
export type WishedTemplate = Schemas['WishedTemplate']
export type CardView = Schemas['CardView']
export type RuleView = Schemas['RuleView']
export type ClassMap = Schemas['ClassMap']
export type MapCell = Schemas['MapCell']
export type CellEvidence = Schemas['CellEvidence']
export type ConditionCount = Schemas['ConditionCount']
export type ConditionView = Schemas['ConditionView']
export type Leaning = Schemas['LeaningView']
export type WordView = Schemas['WordView']
export type WordList = Schemas['WordList']
export type Proposals = Schemas['Proposals']
export type SoundView = Schemas['SoundView']
export type Spelt = Schemas['Spelt']
export type Rival = Schemas['Rival']
export type BankSentence = Schemas['BankSentence']
export type CheckedText = Schemas['Checked']
export type SentenceQuery = NonNullable<paths['/api/sentences']['get']['parameters']['query']>
export type PassageView = Schemas['PassageView']
export type TextToCheck = Schemas['TextToCheck']
export type ExerciseView = Schemas['ExerciseView']
export type Task = Schemas['Task']
export type ExerciseQuery = NonNullable<paths['/api/classes/{id}/exercises/{kind}']['get']['parameters']['query']>
export type ChainQuery = NonNullable<paths['/api/chains']['get']['parameters']['query']>
export type ChainView = Schemas['ChainView']
export type AccentView = Schemas['AccentView']
export type TeachingPath = Schemas['TeachingPath']
export type PathUnit = Schemas['PathUnit']
export type WordQuery = NonNullable<paths['/api/words']['get']['parameters']['query']>
export type AnswerState = Cell['state']
export type Judgement = 'RIGHT' | 'ABSENT'

/** What is typed in a cell, and the version of what was seen there. */
export interface Typed {
  readonly written: string
  readonly state: AnswerState
  /** What the child wrote on checking; left out when it stays as it is. */
  readonly corrected?: string
  readonly version: number
}

// Asked for at each call, so that tests may stand in for the network.
const client = createClient<paths>({ baseUrl: window.location.origin, fetch: (request) => globalThis.fetch(request) })

client.use({
  onRequest({ request }) {
    const token = xsrfToken()
    if (token && request.method !== 'GET') request.headers.set('X-XSRF-TOKEN', token)
    // Texts that explain are said in the words of the class whose pages are open.
    const open = openClass()
    if (open) request.headers.set('Dettato-Class', open)
    return request
  },
})

type Answer<T> = Promise<{ data?: T; error?: unknown; response: Response }>
type Detail = { detail?: string; current?: unknown }

/** The data of an answer, or an ApiProblem. A call refused because the login has ended waits for it, and is made again. */
async function data<T>(call: () => Answer<T>, login = false): Promise<T> {
  for (;;) {
    const { data: body, error, response } = await reached(call)
    if (response.ok) return body as T
    if (response.status === 401 && !login) {
      await untilLoggedIn()
      continue
    }
    const { detail, current } = (error ?? {}) as Detail
    throw new ApiProblem(response.status, detail ?? 'The server did not answer as expected. Try again.', current)
  }
}

async function reached<T>(call: () => Answer<T>): Answer<T> {
  try {
    return await call()
  } catch {
    throw new ApiProblem(0, 'Dettato cannot be reached just now.')
  }
}

const tag = (version: number) => ({ 'If-Match': `"${version}"` })

/** A focus as an address says it. */
function focusQuery({ rule, sound, graphemes, irregular }: Focus) {
  return { ...(rule ? { rule } : {}), ...(sound ? { sound, graphemes: graphemes ?? [] } : {}), ...(irregular ? { irregular } : {}) }
}

/** Every call the pages make. */
export const api = {
  login: () => data(() => client.GET('/api/login'), true),
  logIn: (username: string, password: string) => data(() => client.POST('/api/login', { body: { username, password } }), true),
  createFirst: (username: string, password: string) =>
    data(() => client.POST('/api/accounts/first', { body: { username, password } }), true),
  logOut: () => data(() => client.DELETE('/api/login'), true),
  classes: () => data(() => client.GET('/api/classes')),
  createClass: (name: string, accent: string, pupils: string[]) =>
    data(() => client.POST('/api/classes', { body: { name, accent, pupils } })),
  everyone: (id: number) => data(() => client.GET('/api/classes/{id}/pupils', { params: { path: { id } } })),
  addPupils: (id: number, names: string[]) => data(() => client.POST('/api/classes/{id}/pupils', { params: { path: { id } }, body: { names } })),
  rename: (id: number, pupilId: number, name: string) =>
    data(() => client.PUT('/api/classes/{id}/pupils/{pupilId}', { params: { path: { id, pupilId } }, body: { name } })),
  leave: (id: number, pupilId: number) => data(() => client.DELETE('/api/classes/{id}/pupils/{pupilId}', { params: { path: { id, pupilId } } })),
  comeBack: (id: number, pupilId: number) =>
    data(() => client.POST('/api/classes/{id}/pupils/{pupilId}/return', { params: { path: { id, pupilId } } })),
  profile: (id: number) => data(() => client.GET('/api/classes/{id}/profile', { params: { path: { id } } })),
  keepProfile: (id: number, profile: Profile) => data(() => client.PUT('/api/classes/{id}/profile', { params: { path: { id } }, body: profile })),
  giveTime: (id: number, pupilId: number, extraTime: number) =>
    data(() => client.PUT('/api/classes/{id}/pupils/{pupilId}/time', { params: { path: { id, pupilId } }, body: { extraTime } })),
  typePaper: (id: number, pupilId: number, cells: Schemas['TypedOfPaper'][]) =>
    data(() => client.PUT('/api/sessions/{id}/papers/{pupilId}/items', { params: { path: { id, pupilId } }, body: { cells } })),
  paste: (id: number, body: Schemas['Pasted']) => data(() => client.POST('/api/sessions/{id}/paste', { params: { path: { id } }, body })),
  judgements: (attemptId: number) => data(() => client.GET('/api/attempts/{id}/judgements', { params: { path: { id: attemptId } } })),
  handout: (id: number) => data(() => client.GET('/api/sessions/{id}/handout', { params: { path: { id } } })),
  openHandout: (id: number) => data(() => client.POST('/api/sessions/{id}/handout', { params: { path: { id } } })),
  endHandout: (id: number) => data(() => client.DELETE('/api/sessions/{id}/handout', { params: { path: { id } } })),
  scores: (id: number) => data(() => client.GET('/api/sessions/{id}/scores', { params: { path: { id } } })),
  choices: () => data(() => client.GET('/api/choices')),
  draw: (body: WordsToDraw) => data(() => client.POST('/api/notation/preview', { body })),
  teachers: (id: number) => data(() => client.GET('/api/classes/{id}/teachers', { params: { path: { id } } })),
  share: (id: number, username: string) =>
    data(() => client.POST('/api/classes/{id}/teachers', { params: { path: { id } }, body: { username } })),
  path: (id: number) => data(() => client.GET('/api/classes/{id}/sequence', { params: { path: { id } } })),
  takeOrder: (id: number, csv: string) =>
    data(() => client.PUT('/api/classes/{id}/sequence', { params: { path: { id } }, body: csv, bodySerializer: (text: string) => text, headers: { 'Content-Type': 'text/csv' } })),
  orderFile: (id: number) => data(() => client.GET('/api/classes/{id}/sequence.csv', { params: { path: { id } }, parseAs: 'text' })),
  dropOrder: (id: number) => data(() => client.DELETE('/api/classes/{id}/sequence', { params: { path: { id } } })),
  progress: () => data(() => client.GET('/api/marking/progress')),
  sessions: (id: number, from: string, to: string) =>
    data(() => client.GET('/api/classes/{id}/sessions', { params: { path: { id }, query: { from, to } } })),
  session: (id: number) => data(() => client.GET('/api/sessions/{id}', { params: { path: { id } } })),
  templates: () => data(() => client.GET('/api/templates')),
  kinds: () => data(() => client.GET('/api/kinds')),
  plan: (id: number, date: string, focus: Focus[], template?: string, pupils: number[] = []) =>
    data(() => client.POST('/api/classes/{id}/sessions', { params: { path: { id } }, body: { date, focus, pupils, ...(template ? { template } : {}) } })),
  rewrite: (id: number, version: number, plan: Plan) =>
    data(() => client.PUT('/api/sessions/{id}', { params: { path: { id }, header: tag(version) }, body: plan })),
  become: (id: number, version: number, state: Session['state'], took: Record<string, number> = {}) =>
    data(() => client.PUT('/api/sessions/{id}/state', { params: { path: { id }, header: tag(version) }, body: { state, took } })),
  remove: (id: number, version: number) => data(() => client.DELETE('/api/sessions/{id}', { params: { path: { id }, header: tag(version) } })),
  restore: (id: number) => data(() => client.POST('/api/sessions/{id}/restore', { params: { path: { id } } })),
  send: (id: number, date: string, words: string[], kind: string) =>
    data(() => client.POST('/api/classes/{id}/sessions/words', { params: { path: { id } }, body: { date, kind, words } })),
  papers: (id: number) => data(() => client.GET('/api/sessions/{id}/papers', { params: { path: { id } } })),
  type: (id: number, pupilId: number, itemId: number, typed: Typed) =>
    data(() =>
      client.PUT('/api/sessions/{id}/papers/{pupilId}/items/{itemId}', { params: { path: { id, pupilId, itemId } }, body: typed }),
    ),
  paper: (id: number, pupilId: number, state: Paper['state']) =>
    data(() => client.PUT('/api/sessions/{id}/papers/{pupilId}', { params: { path: { id, pupilId } }, body: { state } })),
  attempt: (id: number) => data(() => client.GET('/api/attempts/{id}', { params: { path: { id } } })),
  judge: (id: number, result: Judgement, note: string) =>
    data(() => client.PUT('/api/attempts/{id}/override', { params: { path: { id } }, body: { result, note } })),
  withdraw: (id: number) => data(() => client.DELETE('/api/attempts/{id}/override', { params: { path: { id } } })),
  rules: (accent: string) => data(() => client.GET('/api/rules', { params: { query: { accent } } })),
  candidates: (id: number, focus: Focus, taught: boolean, beats: number) =>
    data(() =>
      client.GET('/api/classes/{id}/candidates', {
        params: { path: { id }, query: { ...focusQuery(focus), taught, beats } },
      }),
    ),
  fill: (id: number, wanted: WantedItems) => data(() => client.POST('/api/classes/{id}/fill', { params: { path: { id } }, body: wanted })),
  copy: (id: number, date: string, classId: number) => data(() => client.POST('/api/sessions/{id}/copy', { params: { path: { id } }, body: { date, classId } })),
  keepTemplate: (id: number, name: string) => data(() => client.POST('/api/sessions/{id}/template', { params: { path: { id } }, body: { name } })),
  changeTemplate: (id: string, wished: WishedTemplate) => data(() => client.PUT('/api/templates/{id}', { params: { path: { id } }, body: wished })),
  dropTemplate: (id: string) => data(() => client.DELETE('/api/templates/{id}', { params: { path: { id } } })),
  openFile: (id: number, date: string | undefined, file: string) =>
    data(() =>
      client.POST('/api/classes/{id}/sessions/file', {
        params: { path: { id }, query: date ? { date } : {} },
        body: file as never,
        bodySerializer: (text: unknown) => text as string,
      }),
    ),
  stumble: (id: number, itemId: number, stumbled: boolean, pupils: readonly number[] = []) =>
    data(() => client.PUT('/api/sessions/{id}/items/{itemId}/stumble', { params: { path: { id, itemId } }, body: { stumbled, pupils: [...pupils] } })),
  points: (id: number, itemId: number, ours: number, theirs: number) =>
    data(() => client.PUT('/api/sessions/{id}/items/{itemId}/points', { params: { path: { id, itemId } }, body: { ours, theirs } })),
  outlook: (id: number) => data(() => client.GET('/api/sessions/{id}/outlook', { params: { path: { id } } })),
  room: (id: number) => data(() => client.GET('/api/sessions/{id}/room', { params: { path: { id } } })),
  beginRoom: (id: number) => data(() => client.POST('/api/sessions/{id}/room', { params: { path: { id } } })),
  order: (id: number, pupils: readonly number[]) => data(() => client.PUT('/api/classes/{id}/order', { params: { path: { id } }, body: { pupils: [...pupils] } })),
  deck: (id: number) => data(() => client.GET('/api/classes/{id}/deck', { params: { path: { id } } })),
  accents: () => data(() => client.GET('/api/accents')),
  sentences: (query: SentenceQuery) => data(() => client.GET('/api/sentences', { params: { query } })),
  passages: (accent: string, sound: string, step: number) => data(() => client.GET('/api/passages', { params: { query: { accent, sound, step } } })),
  checkText: (body: TextToCheck) => data(() => client.POST('/api/texts/check', { body })),
  exercises: (id: number) => data(() => client.GET('/api/classes/{id}/exercises', { params: { path: { id } } })),
  tasks: (id: number, kind: string, query: ExerciseQuery) =>
    data(() => client.GET('/api/classes/{id}/exercises/{kind}', { params: { path: { id, kind }, query } })),
  keepText: (title: string, text: string) => data(() => client.POST('/api/own-texts', { body: { title, text } })),
  dropText: (id: number) => data(() => client.DELETE('/api/own-texts/{id}', { params: { path: { id } } })),
  importTexts: (file: string) =>
    data(() =>
      client.POST('/api/own-texts/import', {
        body: file,
        bodySerializer: (text: string) => text,
        headers: { 'Content-Type': 'text/csv' },
      }),
    ),
  chain: (query: ChainQuery) => data(() => client.GET('/api/chains', { params: { query } })),
  pairs: (accent: string, contrast: string, word: string, step: number) =>
    data(() => client.GET('/api/pairs', { params: { query: { accent, contrast, word, step, limit: 60 } } })),
  words: (query: WordQuery) => data(() => client.GET('/api/words', { params: { query } })),
  proposals: (spelling: string, accent: string) =>
    data(() => client.GET('/api/words/{spelling}/proposals', { params: { path: { spelling }, query: { accent } } })),
  sounds: (accent: string) => data(() => client.GET('/api/sounds', { params: { query: { accent } } })),
  ownWords: (accent: string) => data(() => client.GET('/api/own-words', { params: { query: { accent } } })),
  keepOwn: (spelling: string, accent: string, units: UnitView[], clue: string, choose: boolean) =>
    data(() =>
      client.PUT('/api/own-words/{spelling}', {
        params: { path: { spelling }, query: { accent } },
        body: { units, clue, choose },
      }),
    ),
  dropOwn: (spelling: string) => data(() => client.DELETE('/api/own-words/{spelling}', { params: { path: { spelling } } })),
  importOwn: (accent: string, file: string) =>
    data(() =>
      client.POST('/api/own-words/import', {
        params: { query: { accent } },
        body: file as never,
        bodySerializer: (text: unknown) => text as string,
        headers: { 'Content-Type': 'application/pls+xml' },
      }),
    ),
  preview: (accent: string, target: string, attempt: string) =>
    data(() => client.POST('/api/marking/preview', { params: { query: {} }, body: { accent, pairs: [{ target, attempt }] } })),
  rivals: (id: number, sound: string, graphemes: string[], count: number, taught: boolean, seed: number) =>
    data(() =>
      client.POST('/api/classes/{id}/rivals', {
        params: { path: { id } },
        body: { sound, graphemes, count, taught, without: [], seed },
      }),
    ),
  leanings: (id: number, pupilId: number) =>
    data(() => client.GET('/api/classes/{id}/pupils/{pupilId}/leanings', { params: { path: { id, pupilId }, query: {} } })),
  evidence: (id: number, pupilId: number, rule: string, asOf?: string) =>
    data(() =>
      client.GET('/api/classes/{id}/pupils/{pupilId}/rules/{rule}', {
        params: { path: { id, pupilId, rule }, query: asOf ? { asOf } : {} },
      }),
    ),
  map: (id: number) => data(() => client.GET('/api/classes/{id}/map', { params: { path: { id }, query: {} } })),
}
