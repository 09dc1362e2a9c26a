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
export type ImportedTexts = Schemas['ImportedTexts']
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

/** Every call of the API, as its document describes it. Whatever is not as it should be is thrown as an ApiProblem. */
export const client = createClient<paths>({ baseUrl: window.location.origin, fetch: reach })

/** What an answer holds. */
export async function dataOf<T>(answer: Promise<{ data?: T }>): Promise<T> {
  return (await answer).data as T
}

/** A call refused because the login has ended waits for it, and is made again. */
async function reach(request: Request): Promise<Response> {
  for (;;) {
    const response = await knock(request)
    if (response.ok) return response
    if (response.status !== 401 || isLogin(request)) throw await problem(response)
    await untilLoggedIn()
  }
}

const isLogin = ({ url }: Request) => /\/api\/(login|accounts\/first)$/.test(new URL(url).pathname)

// The network is asked for at each call, so that tests may stand in for it.
async function knock(request: Request): Promise<Response> {
  const named = request.clone()
  const token = xsrfToken()
  if (token && named.method !== 'GET') named.headers.set('X-XSRF-TOKEN', token)
  // Texts that explain are said in the words of the class whose pages are open.
  const open = openClass()
  if (open) named.headers.set('Dettato-Class', open)
  try {
    return await globalThis.fetch(named)
  } catch {
    throw new ApiProblem(0, 'Dettato cannot be reached just now.')
  }
}

async function problem(response: Response): Promise<ApiProblem> {
  const { detail, current } = (await response.json().catch(() => ({}))) as { detail?: string; current?: unknown }
  return new ApiProblem(response.status, detail ?? 'The server did not answer as expected. Try again.', current)
}

/** Of a write that must not overtake another: the version that was seen. */
export const ifMatch = (version: number) => ({ 'If-Match': `"${version}"` })

/** A file that is sent as it is. */
export const asText = (type: string) => ({ bodySerializer: (text: unknown) => text as string, headers: { 'Content-Type': type } })
