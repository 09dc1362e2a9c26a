import type { Cell, Paper } from '../../../api/client'
import { recall, remember, type Draft } from './keepsake'
import type { Said } from './history'
import { Pace } from './pace'

/** Where a cell is. */
export interface Place {
  readonly pupilId: number
  readonly itemId: number
}

/** What stands in one cell: what is kept, what is typed over it, and how that stands. */
export interface Entry {
  readonly kept: Cell | undefined
  readonly draft: Draft | undefined
  readonly status: 'calm' | 'waiting' | 'failed' | 'refused'
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

type Listener = () => void

export const NOTHING: Entry = { kept: undefined, draft: undefined, status: 'calm', why: '', theirs: undefined }
const ALL = 'all'

export const keyOf = (pupilId: number, itemId: number) => `${pupilId}.${itemId}`

/** The cell of a key. */
export function placeOf(key: string): Place {
  const [pupilId = 0, itemId = 0] = key.split('.').map(Number)
  return { pupilId, itemId }
}

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

/** What stands on the papers of a session, typed or kept, and how it counts. Whoever draws a cell listens to that cell alone. */
export class Cells {
  protected readonly entries = new Map<string, Entry>()
  protected readonly away = new Map<number, boolean>()
  protected readonly pace = new Pace()
  private readonly listeners = new Map<string, Set<Listener>>()
  private readonly session: number
  private readonly items: readonly number[]
  private readonly drafts = new Map<string, Draft>()
  private standing: Standing
  private changes = 0
  private readonly offs = new Map<number, number>()
  private countedAt = -1

  constructor(session: number, papers: readonly Paper[], items: readonly number[]) {
    this.session = session
    this.items = items
    for (const paper of papers) {
      this.away.set(paper.pupil.id, paper.state === 'AWAY')
      for (const cell of paper.cells) this.entries.set(keyOf(cell.pupilId, cell.itemId), { ...NOTHING, kept: cell })
    }
    for (const [key, draft] of recall(session)) {
      this.drafts.set(key, draft)
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

  /** What stands on papers for an item, right ones apart, the commonest first. */
  others(itemId: number, right: string): string[] {
    const counts = new Map<string, number>()
    for (const pupil of this.away.keys()) {
      const text = textOf(this.get(pupil, itemId))
      if (text && text !== right) counts.set(text, (counts.get(text) ?? 0) + 1)
    }
    return [...counts].sort(([a, n], [b, m]) => m - n || a.localeCompare(b)).map(([text]) => text)
  }

  /** How many answers to an item are off; counted when an answer is kept, asked with every key. */
  off(itemId: number): number {
    if (this.countedAt !== this.changes) {
      this.countedAt = this.changes
      this.offs.clear()
    }
    const known = this.offs.get(itemId) ?? [...this.away.keys()].filter((pupil) => isOff(this.get(pupil, itemId).kept)).length
    this.offs.set(itemId, known)
    return known
  }

  /** Changes whenever an answer is kept. */
  revision(): number {
    return this.changes
  }

  /** The first cell that she was not sure of, after another where there is one. */
  nextUnsure(after?: Place): Place | undefined {
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

  protected at(key: string): Entry {
    return this.entries.get(key) ?? NOTHING
  }

  protected said(key: string): Said {
    const { draft, kept } = this.at(key)
    const { written, state } = draft ?? kept ?? { written: '', state: 'EMPTY' }
    return { written, state: state === 'EMPTY' ? 'WRITTEN' : state }
  }

  protected put(key: string, entry: Entry): void {
    const before = this.at(key)
    this.entries.set(key, entry)
    if (entry.kept !== before.kept) this.changes++
    if (entry.draft !== before.draft) {
      if (entry.draft) this.drafts.set(key, entry.draft)
      else this.drafts.delete(key)
      remember(this.session, this.drafts)
    }
    this.tell(key, String(placeOf(key).pupilId))
  }

  private on(key: string) {
    return (listener: Listener) => {
      const there = this.listeners.get(key) ?? new Set()
      this.listeners.set(key, there.add(listener))
      return () => there.delete(listener)
    }
  }

  protected tell(...keys: readonly string[]): void {
    const now = this.count()
    const same = (Object.keys(now) as (keyof Standing)[]).every((k) => now[k] === this.standing[k])
    if (!same) this.standing = now
    for (const key of [...keys, ALL]) this.listeners.get(key)?.forEach((l) => l())
  }
}
