import { ApiProblem, said, type AnswerState, type Cell, type Paper, type Typed } from '../../../api/client'
import { Cells, keyOf, NOTHING, placeOf } from './cells'
import { History, type Changed, type Said } from './history'
import type { Draft } from './keepsake'

/** The calls a store makes. */
export interface Wire {
  type(pupilId: number, itemId: number, typed: Typed): Promise<Cell>
  /** Several cells of one paper, all or none. */
  typePaper(pupilId: number, cells: readonly (Typed & { itemId: number })[]): Promise<readonly Cell[]>
  paper(pupilId: number, state: Paper['state']): Promise<unknown>
}

/** So long after it could not be sent a cell is sent again, in milliseconds. */
const AGAIN = 4_000

/**
 * The papers of one session as they are typed. A key is sent at once; writes of one cell go one after the other, each
 * naming the version it saw, so that what is typed meanwhile goes as one. What cannot be sent stays, here and across a
 * reload, and is sent again.
 */
export class PaperStore extends Cells {
  private readonly busy = new Set<string>()
  private readonly history = new History()
  private readonly wire: Wire
  private retryTimer = 0

  constructor(session: number, papers: readonly Paper[], items: readonly number[], wire: Wire) {
    super(session, papers, items)
    this.wire = wire
  }

  /** A key was typed. */
  type(pupilId: number, itemId: number, written: string): void {
    const key = keyOf(pupilId, itemId)
    this.history.typed({ key, before: this.said(key), after: { written, state: 'WRITTEN' } })
    this.draft(key, written, 'WRITTEN')
    void this.send(key)
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
    window.clearTimeout(this.retryTimer)
    for (const [key, entry] of this.entries) if (entry.status === 'waiting') void this.send(key)
  }

  private step(changes: readonly Changed[], which: 'before' | 'after'): { pupilId: number; itemId: number } | undefined {
    for (const change of changes) this.draft(change.key, change[which].written, change[which].state)
    void this.sendAll(changes.map((change) => change.key))
    return changes[0] ? placeOf(changes[0].key) : undefined
  }

  private draft(key: string, written: string, state: AnswerState, corrected?: string): void {
    const entry = this.at(key)
    const version = entry.draft?.version ?? entry.kept?.version ?? 0
    this.put(key, { ...entry, draft: { written, state, version, ...(corrected === undefined ? {} : { corrected }) }, status: 'waiting', why: '' })
    const { pupilId } = placeOf(key)
    if (this.isAway(pupilId)) this.away.set(pupilId, false)
  }

  /** Sends a cell's draft, and what is typed over it meanwhile, one after the other. */
  private async send(key: string): Promise<void> {
    if (this.busy.has(key)) return
    this.busy.add(key)
    try {
      for (let draft = this.at(key).draft; draft; draft = this.next(key, draft)) {
        this.wait(key)
        if (!(await this.sent(key, draft))) return
      }
    } finally {
      this.busy.delete(key)
    }
  }

  /** On its way again, where it was not. */
  private wait(key: string): void {
    if (this.at(key).status !== 'waiting') this.put(key, { ...this.at(key), status: 'waiting' })
  }

  /** Sends several cells of one paper at once; where that is refused, each by itself, so that one holds no other up. */
  private async sendAll(keys: readonly string[]): Promise<void> {
    const one = keys.length < 2 || keys.some((key) => this.busy.has(key))
    if (!one) {
      const drafts = keys.flatMap((key) => {
        const { draft } = this.at(key)
        return draft ? [{ key, draft }] : []
      })
      for (const { key } of drafts) {
        this.busy.add(key)
        this.wait(key)
      }
      try {
        const cells = await this.wire.typePaper(
          placeOf(keys[0] ?? '').pupilId,
          drafts.map(({ key, draft }) => ({ ...draft, itemId: placeOf(key).itemId })),
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
    const { pupilId, itemId } = placeOf(key)
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
}
