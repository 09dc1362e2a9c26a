import type { KindView, Choices, Candidate, CandidateGroup, Cell, CellEvidence, ClassMap, Item, Mark, Paper, RuleView, SchoolClass, SentenceMark, Session, SoundView, Spelt, Summary, TeachingPath, WordView } from '../api/client'
import { kindsOf } from '../kinds'
import told from './kinds.json'

/** Made-up data that tests of several screens share. */
/** As the server tells of them: its own test keeps the file current. */
export const kinds = kindsOf(told as KindView[])

/** As a class begins. */
export const choices: Choices = {
  parting: 'SOUND',
  chunks: [],
  right: 'EXACT',
  byHeart: 'SOUNDED',
  correcting: 'LINE',
  checking: 'EACH',
  counting: 'GIVEN',
  ahead: 'BARRED',
  doubling: 'FULL',
  signs: 'WORD',
  sounds: 'ALL',
  pace: 100,
  notation: { signs: { SOUND: 'UNDERLINE', SPLIT: 'ARC' } },
  terms: {},
  ticks: { early: [], later: [] },
}

export const limpet: SchoolClass = {
  id: 1,
  name: 'Class Limpet',
  accent: 'en-GB',
  step: 30,
  differentWords: 2,
  minutes: 20,
  template: '',
  choices,
  words: {},
  sounds: { b: 'b', æ: 'a', dʒ: 'j', eɪ: 'ai', ə: 'uh', l: 'l', iː: 'ee', ʃ: 'sh', ɒ: 'o', əʊ: 'oa', r: 'r', n: 'n', p: 'p', m: 'm', k: 'k', ʌ: 'u', ɛ: 'e', e: 'e', ɪ: 'i', t: 't', tʃ: 'ch' },
  pupils: [
    { id: 3, name: 'Anwen' },
    { id: 4, name: 'Bashir' },
  ],
}

const unit = (id: string, example: string, phoneme: string, taught: boolean) => ({ id, grapheme: id.split(' ')[0] ?? '', phoneme, example, taught, ticked: false })

/** Two steps: the first is taught. */
export const path: TeachingPath = {
  own: false,
  step: 30,
  units: 3,
  taught: 2,
  steps: [
    { step: 30, stage: 'vowels', byHeart: ['was'], units: [unit('a_e FACE', 'cake', 'eɪ', true), unit('sh ʃ', 'ship', 'ʃ', true)] },
    { step: 31, stage: 'more', byHeart: [], units: [unit('ai FACE', 'rain', 'eɪ', false)] },
  ],
}

export function item(id: number, text: string, side: Item['side'], due: string): Item {
  return {
    id,
    text,
    head: text,
    asks: text,
    right: '',
    says: `${text}: what ${text} means`,
    answer: [text],
    role: 'FOCUS',
    rule: 'final-j',
    side: side ?? 'DUE',
    units: [
      { grapheme: text.slice(0, -due.length), phoneme: '?' },
      { grapheme: due, phoneme: 'dʒ' },
    ],
    clue: `what ${text} means`,
    due,
    focus: 1,
    condition: side === 'NOT_DUE' ? 'final-j/consonant' : 'final-j/short',
    why: `short or not: ${due} is due`,
    pause: 14,
    stumbled: false,
    stumblers: [],
    ours: 0,
    theirs: 0,
    pieces: [],
  }
}

export function sentenceItem(id: number, text: string): Item {
  return { id, text, head: 'sentence', asks: text, right: '', says: text, answer: [text], role: 'OWN', units: [], clue: '', due: '', focus: -1, why: '', pause: 72, stumbled: false, stumblers: [], ours: 0, theirs: 0, pieces: [] }
}

/** A session of two words and a sentence. */
export function session(part: Partial<Session> = {}): Session {
  return {
    id: 9,
    version: 3,
    classId: 1,
    date: '2026-03-04',
    title: 'dge or ge at the end',
    state: 'PLANNED',
    seconds: 600,
    limit: 1200,
    focus: [{ rule: 'final-j' }],
    blocks: [
      { id: 51, kind: 'words', title: 'Words', role: 'FOCUS', spoken: false, seconds: 120, items: [item(7, 'badge', 'DUE', 'dge'), item(8, 'cage', 'NOT_DUE', 'ge')] },
      { id: 52, kind: 'sentence', title: 'Sentence', role: 'FOCUS', spoken: false, seconds: 120, items: [sentenceItem(10, 'The gull sat on the ledge.')] },
    ],
    legend: [],
    checks: [],
    drops: [],
    pupils: [],
    ...part,
  }
}

/** The same with other words, as the server answers a change. */
export function withWords(words: readonly string[], sentence: readonly string[] = ['The gull sat on the ledge.'], version = 4): Session {
  const known = session().blocks.flatMap((b) => b.items)
  const as = (text: string, i: number) => known.find((k) => k.text === text) ?? item(20 + i, text, 'DUE', 'ge')
  return session({
    version,
    blocks: [
      { id: 51, kind: 'words', title: 'Words', role: 'FOCUS', spoken: false, seconds: 120, items: words.map(as) },
      { id: 52, kind: 'sentence', title: 'Sentence', role: 'FOCUS', spoken: false, seconds: 120, items: sentence.map((t, i) => sentenceItem(10 + i, t)) },
    ],
  })
}

export function papers(cells: readonly Cell[] = []): Paper[] {
  return limpet.pupils.map((pupil) => ({ pupil, state: 'HERE', cells: cells.filter((c) => c.pupilId === pupil.id) }))
}

export function candidate(word: string, due: string, untaught: string[] = []): Candidate {
  return { word, untaught, focus: 1, clue: `what ${word} means`, units: item(1, word, 'DUE', due).units }
}

/** Words for both sides of a rule, the first side broken by a child. */
export const candidates: CandidateGroup[] = [
  { condition: 'final-j/short', side: 'DUE', says: 'a short vowel right before: dge', due: 'dge', children: 1, total: 20, words: [candidate('ledge', 'dge'), candidate('badge', 'dge')] },
  { condition: 'final-j/consonant', side: 'NOT_DUE', says: 'a consonant stands between: ge', due: 'ge', children: 0, total: 11, words: [candidate('large', 'ge', ['ar'])] },
]

export const bage: Mark = {
  target: 'badge',
  attempt: 'bage',
  result: 'READS_RIGHT',
  units: [
    { grapheme: 'ba', phoneme: 'bæ', written: 'ba', verdict: 'EXACT' },
    { grapheme: 'dge', phoneme: 'dʒ', written: 'ge', verdict: 'ALTERNATIVE' },
  ],
  extra: [],
  swapped: [],
  rules: [{ rule: 'final-j', condition: 'final-j/short', outcome: 'UNDER', unit: 1, written: 'ge', name: 'dge or ge at the end', why: 'dge is due' }],
  readsAs: '/bædʒ/',
  reads: 'baj',
  well: 'Every sound is there.',
  oddities: [],
  facts: [{ cause: 'RULE', says: 'After one short vowel, the end is written dge: badge.', forChild: 'Short vowel just before? Write dge.', at: 2, rule: 'final-j', condition: 'final-j/short' }],
  confidence: 0.97,
  rivals: [],
}

export function cell(pupilId: number, itemId: number, written: string, mark?: Mark): Cell {
  return {
    attemptId: 100 * pupilId + itemId,
    pupilId,
    itemId,
    written,
    state: 'WRITTEN',
    version: 1,
    result: mark ? (mark.result as 'READS_RIGHT') : 'RIGHT',
    ...(mark ? { mark } : {}),
  }
}

export const sentenceMark: SentenceMark = {
  asked: 6,
  right: 5,
  signsOff: 1,
  words: [
    { target: 'The', written: 'The', kind: 'MATCH', parts: [], mark: { ...bage, target: 'The', attempt: 'The', result: 'RIGHT', rules: [], facts: [] } },
    { target: 'ledge', written: 'lege', kind: 'MATCH', parts: [], mark: { ...bage, target: 'ledge', attempt: 'lege' } },
  ],
  conventions: [{ rule: 'end-mark', outcome: 'UNDER', words: [] }],
}

export const rule: RuleView = {
  id: 'final-j',
  name: 'dge or ge at the end',
  says: 'After a short vowel dge; else ge.',
  saysToChild: 'Short vowel? Write dge.',
  reason: 'No word ends in j.',
  weak: false,
  joins: false,
  contrast: ['dge', 'ge'],
  holds: 163,
  total: 168,
  due: ['badge'],
  notDue: ['cage'],
  exceptions: ['knowledge'],
  conditions: [
    { id: 'final-j/short', side: 'DUE', says: 'one short vowel letter stands right before, so dge is due', forChild: 'One short vowel letter: dge.', holds: 63, total: 64, exceptions: ['veg'], examples: ['ledge'] },
    { id: 'final-j/consonant', side: 'NOT_DUE', says: 'a consonant stands in between, so ge is due', forChild: 'Another consonant: no d.', holds: 26, total: 26, exceptions: [], examples: ['hinge'] },
  ],
}

export const otherRule: RuleView = { ...rule, id: 'final-k', name: 'ck, k or c at the end' }

export const map: ClassMap = {
  rules: [{ id: 'final-j', name: rule.name }],
  rows: [
    { pupil: { id: 3, name: 'Anwen' }, cells: [], sounds: 0 },
    {
      pupil: { id: 4, name: 'Bashir' },
      sounds: 1,
      cells: [
        {
          rule: 'final-j',
          state: 'PATTERN',
          kind: 'UNDER',
          probability: 0.97,
          opportunities: 5,
          failures: 4,
        },
      ],
    },
  ],
  groups: [
    {
      rule: 'final-j',
      ruleName: rule.name,
      kind: 'UNDER',
      condition: 'final-j/short',
      says: 'one short vowel letter stands right before, so dge is due',
      pupils: [{ id: 4, name: 'Bashir' }],
      failures: 4,
      opportunities: 5,
      exampleTarget: 'badge',
      exampleAttempt: 'bage',
    },
  ],
  needs: { hearing: 1, choosing: 2, building: 1 },
  attempts: 20,
  from: '2026-03-02',
  to: '2026-03-04',
}

/** What is behind Bashir's cell. */
export const evidence: CellEvidence = {
  rule: 'final-j',
  ruleName: rule.name,
  standing: { state: 'PATTERN', kind: 'UNDER', probability: 0.97, opportunities: 5, failures: 4, broken: [{ condition: 'final-j/short', says: 'one short vowel letter stands right before, so dge is due', opportunities: 5, failures: 4 }], kept: [], wouldChange: '9 right in a row would clear it' },
  evidence: [
    { date: '2026-03-02', target: 'badge', attempt: 'bage', outcome: 'UNDER' },
    { date: '2026-03-02', target: 'ledge', attempt: 'ledge', outcome: 'APPLIED' },
  ],
}

export const summary: Summary = {
  id: 9,
  version: 3,
  date: '2026-03-04',
  title: rule.name,
  state: 'GIVEN',
  focus: [{ rule: 'final-j' }],
  blocks: [
    { kind: 'words', title: 'Words', role: 'FOCUS', items: 2 },
    { kind: 'sentence', title: 'Sentence', role: 'FOCUS', items: 1 },
  ],
  items: 3,
  marked: 1,
  papers: 2,
  minutes: 17,
  pupils: [],
}

function spelt(grapheme: string, count: number, examples: string[], step = 3): Spelt {
  return { grapheme, count, share: count / 10, start: 0, middle: 0.75, end: 0.25, step, examples }
}

/** Two sounds that share a spelling, as the server counts them. */
export const sounds: SoundView[] = [
  { phoneme: 'eɪ', keyword: 'rain', vowel: true, count: 10, graphemes: [spelt('a_e', 5, ['cake']), spelt('ai', 4, ['rain']), spelt('ea', 1, ['great'], 0)] },
  { phoneme: 'e', keyword: 'hen', vowel: true, count: 10, graphemes: [spelt('e', 7, ['hen'], 40), spelt('ea', 3, ['head'])] },
  { phoneme: 'k', keyword: 'cat', vowel: false, count: 10, graphemes: [spelt('k', 6, ['cake']), spelt('c', 4, ['cat'])] },
]

export function word(spelling: string, part: Partial<WordView> = {}): WordView {
  return {
    spelling,
    units: [...spelling].map((letter) => ({ grapheme: letter, phoneme: letter })),
    rules: [],
    exceptions: [],
    source: 'LEXICON',
    clue: `what ${spelling} means`,
    own: false,
    commonness: 1,
    seam: -1,
    homophones: [],
    beats: [{ letters: spelling }],
    twin: '',
    ...part,
  }
}
