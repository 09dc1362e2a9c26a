import { ApiProblem, said, type AnswerState, type Cell, type Paper, type Typed } from '../../../api/client'
import { History, type Changed, type Said } from './history'
import { Pace } from './pace'
import { recall, remember, type Draft } from './keepsake'

/** What stands in one cell: what is kept, what is typed over it, and how that stands. */
export interface Entry {
  readonly kept: Cell | undefined
  readonly draft: Draft | undefined
  readonly status: 'calm' | 'waiting' | 'sending' | 'failed' | 'refused'
  readonly why: string
  /** What somebody else wrote there meanwhile. */
  readonly theirs: Cell | undefined
}

/** What the page's head says of all cells. */
export interface Standing {
  readonly done: number
  readonly failed: number
  readonly refused: number
  readonly why: string
  /** Cells that she was not sure of. */
  readonly unsure: number
  /** Minutes that the rest takes at this pace; 0 while that is not known. */
  readonly minutes: number
}

/** The calls a store makes. */
export interface Wire {
  type(pupilId: number, itemId: number, typed: Typed): Promise<Cell>
  /** Several cells of one paper, all or none. */
  typePaper(pupilId: number, cells: readonly (Typed & { itemId: number })[]): Promise<readonly Cell[]>
  paper(pupilId: number, state: Paper['state']): Promise<unknown>
}

type Listener = () => void

const NOTHING: Entry = { kept: undefined, draft: undefined, status: 'calm', why: '', theirs: undefined }
/** So long after the last key a cell is sent, in milliseconds. */
const SOON = 110
const AGAIN = 4_000
const ALL = 'all'

const keyOf = (pupilId: number, itemId: number) => `${pupilId}.${itemId}`

export function textOf(entry: Entry): string {
  return entry.draft?.written ?? entry.kept?.written ?? ''
}

/** Whether something stands there, or is on its way. */
export function isDone(entry: Entry): boolean {
  const state = entry.draft ? (entry.draft.state === 'WRITTEN' && !entry.draft.written.trim() ? 'EMPTY' : entry.draft.state) : entry.kept?.state
  return state !== undefined && state !== 'EMPTY'
}

/** Whether an answer stands there that is not as it should be. */
export function isOff(cell: Cell | undefined): boolean {
  return cell?.state === 'WRITTEN' && cell.result !== undefined && cell.result !== 'RIGHT' && cell.result !== 'BLANK' && cell.result !== 'ABSENT'
}

/**
 * The papers of one session as they are typed. Writes of one cell go one after the other, each naming the version it
 * saw; what cannot be sent stays, here and across a reload, and is sent again. Whoever draws a cell listens to that
 * cell alone.
 */
export class PaperStore {
  private readonly entries = new Map<string, Entry>()
  private readonly away = new Map<number, boolean>()
  private readonly listeners = new Map<string, Set<Listener>>()
  private readonly timers = new Map<string, number>()
  private readonly busy = new Set<string>()
  private readonly history = new History()
  private readonly pace = new Pace()
  private readonly session: number
  private readonly items: readonly number[]
  private readonly wire: Wire
  private standing: Standing
  private retryTimer = 0

  constructor(session: number, papers: readonly Paper[], items: readonly number[], wire: Wire) {
    this.session = session
    this.items = items
    this.wire = wire
    for (const paper of papers) {
      this.away.set(paper.pupil.id, paper.state === 'AWAY')
      for (const cell of paper.cells) this.entries.set(keyOf(cell.pupilId, cell.itemId), { ...NOTHING, kept: cell })
    }
    for (const [key, draft] of recall(session)) {
      this.entries.set(key, { ...this.at(key), draft, status: 'failed', why: 'Typed before, and not sent yet.' })
    }
    this.standing = this.count()
  }

  get(pupilId: number, itemId: number): Entry {
    return this.at(keyOf(pupilId, itemId))
  }

  isAway(pupilId: number): boolean {
    return this.away.get(pupilId) ?? false
  }

  /** Whether every item of a paper is entered, or the child was away. */
  isPaperDone(pupilId: number): boolean {
    return this.isAway(pupilId) || (this.items.length > 0 && this.items.every((i) => isDone(this.get(pupilId, i))))
  }

  all(): Standing {
    return this.standing
  }

  onCell(pupilId: number, itemId: number) {
    return this.on(keyOf(pupilId, itemId))
  }

  onPaper(pupilId: number) {
    return this.on(String(pupilId))
  }

  onAll() {
    return this.on(ALL)
  }

  /** A key was typed: kept a moment after the last one. */
  type(pupilId: number, itemId: number, written: string): void {
    const key = keyOf(pupilId, itemId)
    this.history.typed({ key, before: this.said(key), after: { written, state: 'WRITTEN' } })
    this.draft(key, written, 'WRITTEN')
    window.clearTimeout(this.timers.get(key))
    this.timers.set(
      key,
      window.setTimeout(() => void this.send(key), SOON),
    )
  }

  /** Something whole was said of a cell: kept at once. */
  keep(pupilId: number, itemId: number, written: string, state: AnswerState): void {
    this.keepAll([{ pupilId, itemId, written, state }])
  }

  /** The same of several cells, undone as one. */
  keepAll(cells: readonly (Said & { pupilId: number; itemId: number })[]): void {
    this.history.done(cells.map(({ pupilId, itemId, written, state }) => ({ key: keyOf(pupilId, itemId), before: this.said(keyOf(pupilId, itemId)), after: { written, state } })))
    for (const { pupilId, itemId, written, state } of cells) {
      this.pace.entered(Date.now())
      const key = keyOf(pupilId, itemId)
      this.draft(key, written, state)
    }
    void this.sendAll(cells.map(({ pupilId, itemId }) => keyOf(pupilId, itemId)))
  }

  /** What the child wrote on checking, beside what it wrote first. */
  correct(pupilId: number, itemId: number, corrected: string): void {
    const key = keyOf(pupilId, itemId)
    const { written, state } = this.said(key)
    this.draft(key, written, state, corrected)
    void this.send(key)
  }

  /** Takes the newest step back; says where it was. */
  undo(): { pupilId: number; itemId: number } | undefined {
    return this.step(this.history.back(), 'before')
  }

  redo(): { pupilId: number; itemId: number } | undefined {
    return this.step(this.history.forth(), 'after')
  }

  /** What stands on papers for an item, right ones apart, the commonest first. */
  others(itemId: number, right: string): string[] {
    const counts = new Map<string, number>()
    for (const pupil of this.away.keys()) {
      const text = textOf(this.get(pupil, itemId))
      if (text && text !== right) counts.set(text, (counts.get(text) ?? 0) + 1)
    }
    return [...counts].sort(([a, n], [b, m]) => m - n || a.localeCompare(b)).map(([text]) => text)
  }

  /** How many answers to an item are off. */
  off(itemId: number): number {
    return [...this.away.keys()].filter((pupil) => isOff(this.get(pupil, itemId).kept)).length
  }

  /** The cell is left: what is typed there is kept at once. */
  leave(pupilId: number, itemId: number): void {
    const key = keyOf(pupilId, itemId)
    if (this.at(key).draft) this.pace.entered(Date.now())
    this.history.left()
    if (this.at(key).draft) void this.send(key)
  }

  /** A cell as the server says it is now, such as after a judgement. */
  replace(cell: Cell): void {
    const key = keyOf(cell.pupilId, cell.itemId)
    this.put(key, { ...this.at(key), kept: cell })
  }

  /** Cells that were written elsewhere; what is typed here and not kept yet stays. */
  take(cells: readonly Cell[]): void {
    for (const cell of cells) {
      if (this.isAway(cell.pupilId)) this.away.set(cell.pupilId, false)
      if (!this.get(cell.pupilId, cell.itemId).draft) this.replace(cell)
    }
  }

  /** Settles a cell that somebody else wrote in meanwhile. */
  settle(pupilId: number, itemId: number, which: 'mine' | 'theirs'): void {
    const key = keyOf(pupilId, itemId)
    const { theirs, draft, kept } = this.at(key)
    const now = theirs ?? kept
    if (which === 'theirs' || !draft) {
      this.put(key, { ...NOTHING, kept: now })
      return
    }
    this.put(key, { ...NOTHING, kept: now, draft: { ...draft, version: now?.version ?? 0 }, status: 'waiting' })
    void this.send(key)
  }

  async setAway(pupilId: number, away: boolean): Promise<void> {
    const before = this.isAway(pupilId)
    this.away.set(pupilId, away)
    this.tell(String(pupilId))
    try {
      await this.wire.paper(pupilId, away ? 'AWAY' : 'HERE')
    } catch (problem) {
      this.away.set(pupilId, before)
      this.tell(String(pupilId))
      throw problem
    }
  }

  /** Sends all that is not kept yet. */
  retry(): void {
    for (const [key, entry] of this.entries) if (entry.status === 'failed') void this.send(key)
  }

  /** The page is left: nothing is sent any more from here, what is typed stays for the next time. */
  close(): void {
    for (const timer of this.timers.values()) window.clearTimeout(timer)
    window.clearTimeout(this.retryTimer)
    for (const [key, entry] of this.entries) if (entry.status === 'waiting') void this.send(key)
  }

  private at(key: string): Entry {
    return this.entries.get(key) ?? NOTHING
  }

  private said(key: string): Said {
    const { draft, kept } = this.at(key)
    const { written, state } = draft ?? kept ?? { written: '', state: 'EMPTY' }
    return { written, state: state === 'EMPTY' ? 'WRITTEN' : state }
  }

  private step(changes: readonly Changed[], which: 'before' | 'after'): { pupilId: number; itemId: number } | undefined {
    for (const change of changes) this.draft(change.key, change[which].written, change[which].state)
    void this.sendAll(changes.map((change) => change.key))
    const [pupilId, itemId] = changes[0]?.key.split('.').map(Number) ?? []
    return pupilId && itemId ? { pupilId, itemId } : undefined
  }

  private draft(key: string, written: string, state: AnswerState, corrected?: string): void {
    const entry = this.at(key)
    const version = entry.draft?.version ?? entry.kept?.version ?? 0
    this.put(key, { ...entry, draft: { written, state, version, ...(corrected === undefined ? {} : { corrected }) }, status: 'waiting', why: '' })
    const pupil = Number(key.split('.')[0])
    if (this.isAway(pupil)) this.away.set(pupil, false)
  }

  /** Sends a cell's draft, and what is typed over it meanwhile, one after the other. */
  private async send(key: string): Promise<void> {
    window.clearTimeout(this.timers.get(key))
    if (this.busy.has(key)) return
    this.busy.add(key)
    try {
      for (let draft = this.at(key).draft; draft; draft = this.next(key, draft)) {
        this.put(key, { ...this.at(key), status: 'sending' })
        if (!(await this.sent(key, draft))) return
      }
    } finally {
      this.busy.delete(key)
    }
  }

  /** Sends several cells of one paper at once; where that is refused, each by itself, so that one holds no other up. */
  private async sendAll(keys: readonly string[]): Promise<void> {
    const one = keys.length < 2 || keys.some((key) => this.busy.has(key))
    if (!one) {
      const drafts = keys.flatMap((key) => {
        const { draft } = this.at(key)
        return draft ? [{ key, draft }] : []
      })
      for (const { key, draft } of drafts) {
        window.clearTimeout(this.timers.get(key))
        this.busy.add(key)
        this.put(key, { ...this.at(key), draft, status: 'sending' })
      }
      try {
        const cells = await this.wire.typePaper(
          Number(keys[0]?.split('.')[0]),
          drafts.map(({ key, draft }) => ({ ...draft, itemId: Number(key.split('.')[1]) })),
        )
        for (const { key, draft } of drafts) {
          const cell = cells.find((c) => keyOf(c.pupilId, c.itemId) === key)
          if (cell) this.kept(key, draft, cell)
        }
      } catch {
        // Each says for itself why it cannot be kept.
      } finally {
        for (const key of keys) this.busy.delete(key)
      }
    }
    for (const key of keys) if (this.at(key).draft) void this.send(key)
  }

  /** What has been typed since this was sent. */
  private next(key: string, sent: Draft): Draft | undefined {
    const { draft } = this.at(key)
    return draft === sent ? undefined : draft
  }

  private async sent(key: string, draft: Draft): Promise<boolean> {
    const [pupilId = 0, itemId = 0] = key.split('.').map(Number)
    try {
      this.kept(key, draft, await this.wire.type(pupilId, itemId, draft))
      return true
    } catch (problem) {
      const theirs = problem instanceof ApiProblem && problem.status === 409 ? (problem.current as Cell | undefined) : undefined
      if (theirs) this.put(key, { ...this.at(key), status: 'refused', why: said(problem), theirs })
      else this.put(key, { ...this.at(key), status: 'failed', why: said(problem) })
      if (!(problem instanceof ApiProblem) || problem.status === 0 || problem.status >= 500) this.tryAgainSoon()
      return false
    }
  }

  private kept(key: string, draft: Draft, cell: Cell): void {
    const now = this.at(key).draft
    this.put(key, {
      ...NOTHING,
      kept: cell,
      draft: now && now !== draft ? { ...now, version: cell.version } : undefined,
      status: now && now !== draft ? 'waiting' : 'calm',
    })
  }

  private tryAgainSoon(): void {
    window.clearTimeout(this.retryTimer)
    this.retryTimer = window.setTimeout(() => this.retry(), AGAIN)
  }

  private put(key: string, entry: Entry): void {
    this.entries.set(key, entry)
    const drafts = new Map<string, Draft>()
    for (const [at, one] of this.entries) if (one.draft) drafts.set(at, one.draft)
    remember(this.session, drafts)
    this.tell(key)
    this.tell(key.split('.')[0] ?? '')
  }

  private on(key: string) {
    return (listener: Listener) => {
      const there = this.listeners.get(key) ?? new Set()
      this.listeners.set(key, there.add(listener))
      return () => there.delete(listener)
    }
  }

  private tell(key: string): void {
    const now = this.count()
    const same = (Object.keys(now) as (keyof Standing)[]).every((k) => now[k] === this.standing[k])
    if (!same) this.standing = now
    this.listeners.get(key)?.forEach((l) => l())
    this.listeners.get(ALL)?.forEach((l) => l())
  }

  /** The first cell that she was not sure of, after another where there is one. */
  nextUnsure(after?: { pupilId: number; itemId: number }): { pupilId: number; itemId: number } | undefined {
    const all = [...this.away.keys()].flatMap((pupilId) => this.items.map((itemId) => ({ pupilId, itemId })))
    const from = after ? all.findIndex((c) => c.pupilId === after.pupilId && c.itemId === after.itemId) + 1 : 0
    return [...all.slice(from), ...all.slice(0, from)].find((c) => {
      const entry = this.get(c.pupilId, c.itemId)
      return (entry.draft?.state ?? entry.kept?.state) === 'UNSURE'
    })
  }

  /** How many cells of children who are here are empty. */
  private open(): number {
    return [...this.away.keys()].filter((p) => !this.isAway(p)).reduce((n, p) => n + this.items.filter((i) => !isDone(this.get(p, i))).length, 0)
  }

  private count(): Standing {
    const all = [...this.entries.values()]
    const failed = all.filter((e) => e.status === 'failed')
    const refused = all.filter((e) => e.status === 'refused')
    return {
      done: [...this.away.keys()].filter((p) => this.isPaperDone(p)).length,
      failed: failed.length,
      refused: refused.length,
      why: (failed[0] ?? refused[0])?.why ?? '',
      unsure: all.filter((e) => (e.draft?.state ?? e.kept?.state) === 'UNSURE').length,
      minutes: this.pace.minutesFor(this.open()) ?? 0,
    }
  }
}
