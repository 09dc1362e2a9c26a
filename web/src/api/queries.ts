import { keepPreviousData, queryOptions, type QueryClient } from '@tanstack/react-query'
import { api, type ChainQuery, type ExerciseQuery, type Focus, type SentenceQuery, type TextToCheck, type WantedItems, type WordQuery, type WordsToDraw } from './client'

const FOREVER = { staleTime: Infinity } as const

/** Everything the pages read, each under one key. */
export const ask = {
  login: () => queryOptions({ queryKey: ['login'], queryFn: api.login, ...FOREVER }),
  classes: () => queryOptions({ queryKey: ['classes'], queryFn: api.classes }),
  kinds: () => queryOptions({ queryKey: ['kinds'], queryFn: api.kinds, ...FOREVER }),
  templates: () => queryOptions({ queryKey: ['templates'], queryFn: api.templates }),
  accents: () => queryOptions({ queryKey: ['accents'], queryFn: api.accents, ...FOREVER }),
  progress: () =>
    queryOptions({ queryKey: ['progress'], queryFn: api.progress, refetchInterval: (q) => ((q.state.data?.left ?? 0) > 0 ? 2_000 : false) }),
  everyone: (classId: number) => queryOptions({ queryKey: ['class', classId, 'pupils'], queryFn: () => api.everyone(classId) }),
  profile: (classId: number) => queryOptions({ queryKey: ['class', classId, 'profile'], queryFn: () => api.profile(classId) }),
  choices: () => queryOptions({ queryKey: ['choices'], queryFn: api.choices, ...FOREVER }),
  drawn: (wanted: WordsToDraw) =>
    queryOptions({ queryKey: ['drawn', wanted], queryFn: () => api.draw(wanted), placeholderData: keepPreviousData, retry: false, ...FOREVER }),
  judgements: (attemptId: number) => queryOptions({ queryKey: ['judgements', attemptId], queryFn: () => api.judgements(attemptId) }),
  handout: (id: number) => queryOptions({ queryKey: ['handout', id], queryFn: () => api.handout(id) }),
  teachers: (classId: number) => queryOptions({ queryKey: ['class', classId, 'teachers'], queryFn: () => api.teachers(classId) }),
  path: (classId: number) => queryOptions({ queryKey: ['class', classId, 'path'], queryFn: () => api.path(classId) }),
  sessions: (classId: number, from: string, to: string) =>
    queryOptions({ queryKey: ['class', classId, 'sessions', from, to], queryFn: () => api.sessions(classId, from, to) }),
  session: (id: number) => queryOptions({ queryKey: ['session', id], queryFn: () => api.session(id) }),
  /** Read once: what is typed stands on the page from then on. */
  papers: (id: number) => queryOptions({ queryKey: ['session', id, 'papers'], queryFn: () => api.papers(id), ...FOREVER, gcTime: 0 }),
  scores: (id: number) => queryOptions({ queryKey: ['session', id, 'scores'], queryFn: () => api.scores(id), placeholderData: keepPreviousData }),
  outlook: (id: number) => queryOptions({ queryKey: ['session', id, 'outlook'], queryFn: () => api.outlook(id), placeholderData: keepPreviousData }),
  room: (id: number) => queryOptions({ queryKey: ['session', id, 'room'], queryFn: () => api.room(id) }),
  attempt: (id: number, version: number) =>
    queryOptions({ queryKey: ['attempt', id, version], queryFn: () => api.attempt(id), ...FOREVER }),
  map: (classId: number) => queryOptions({ queryKey: ['class', classId, 'map'], queryFn: () => api.map(classId) }),
  evidence: (classId: number, pupilId: number, rule: string, asOf?: string) =>
    queryOptions({
      queryKey: ['class', classId, 'evidence', pupilId, rule, asOf],
      queryFn: () => api.evidence(classId, pupilId, rule, asOf),
    }),
  leanings: (classId: number, pupilId: number) =>
    queryOptions({ queryKey: ['class', classId, 'leanings', pupilId], queryFn: () => api.leanings(classId, pupilId) }),
  deck: (classId: number) => queryOptions({ queryKey: ['class', classId, 'deck'], queryFn: () => api.deck(classId) }),
  candidates: (classId: number, focus: Focus, taught: boolean, beats: number) =>
    queryOptions({
      queryKey: ['class', classId, 'candidates', focus, taught, beats],
      queryFn: () => api.candidates(classId, focus, taught, beats),
      placeholderData: keepPreviousData,
    }),
  fill: (classId: number, wanted: WantedItems) =>
    queryOptions({ queryKey: ['class', classId, 'fill', wanted], queryFn: () => api.fill(classId, wanted), placeholderData: keepPreviousData }),
  rivals: (classId: number, sound: string, ticked: string[], count: number, taught: boolean, seed: number) =>
    queryOptions({
      queryKey: ['class', classId, 'rivals', sound, ticked, count, taught, seed],
      queryFn: () => api.rivals(classId, sound, ticked, count, taught, seed),
      ...FOREVER,
    }),
  rules: (accent: string) => queryOptions({ queryKey: ['rules', accent], queryFn: () => api.rules(accent), ...FOREVER }),
  sounds: (accent: string) => queryOptions({ queryKey: ['sounds', accent], queryFn: () => api.sounds(accent), ...FOREVER }),
  words: (query: WordQuery) => queryOptions({ queryKey: ['words', query], queryFn: () => api.words(query), placeholderData: keepPreviousData }),
  sentences: (query: SentenceQuery) =>
    queryOptions({ queryKey: ['sentences', query], queryFn: () => api.sentences(query), placeholderData: keepPreviousData, ...FOREVER }),
  passages: (accent: string, sound: string, step: number) =>
    queryOptions({ queryKey: ['passages', accent, sound, step], queryFn: () => api.passages(accent, sound, step), placeholderData: keepPreviousData, ...FOREVER }),
  checkText: (body: TextToCheck) =>
    queryOptions({ queryKey: ['check', body], queryFn: () => api.checkText(body), placeholderData: keepPreviousData, retry: false }),
  exercises: (classId: number) => queryOptions({ queryKey: ['class', classId, 'exercises'], queryFn: () => api.exercises(classId), ...FOREVER }),
  tasks: (classId: number, kind: string, query: ExerciseQuery) =>
    queryOptions({
      queryKey: ['class', classId, 'tasks', kind, query],
      queryFn: () => api.tasks(classId, kind, query),
      placeholderData: keepPreviousData,
      retry: false,
      ...FOREVER,
    }),
  chain: (query: ChainQuery) => queryOptions({ queryKey: ['chain', query], queryFn: () => api.chain(query), retry: false, ...FOREVER }),
  pairs: (accent: string, contrast: string, word: string, step: number) =>
    queryOptions({ queryKey: ['pairs', accent, contrast, word, step], queryFn: () => api.pairs(accent, contrast, word, step), retry: false, ...FOREVER }),
  ownWords: (accent: string) => queryOptions({ queryKey: ['own', accent], queryFn: () => api.ownWords(accent) }),
  proposals: (spelling: string, accent: string) =>
    queryOptions({ queryKey: ['proposals', accent, spelling], queryFn: () => api.proposals(spelling, accent) }),
  preview: (accent: string, target: string, attempt: string) =>
    queryOptions({
      queryKey: ['preview', accent, target, attempt],
      queryFn: () => api.preview(accent, target, attempt),
      placeholderData: keepPreviousData,
      retry: false,
    }),
}

/** What is known of a class's sessions and findings is asked for anew. */
export async function classChanged(queries: QueryClient, classId: number): Promise<void> {
  await queries.invalidateQueries({ queryKey: ['class', classId] })
}
