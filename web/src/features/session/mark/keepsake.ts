import type { AnswerState } from '../../../api/client'

/** What was typed and is not kept by the server yet. */
export interface Draft {
  readonly written: string
  readonly state: AnswerState
  /** What the child wrote on checking; left out when it stays as it is. */
  readonly corrected?: string
  /** Version of what stood in the cell when it was typed. */
  readonly version: number
}

const key = (session: number) => `dettato.typed.${session}`

/** Drafts of a session that a reload, or the end of a login, left on this machine. */
export function recall(session: number): Map<string, Draft> {
  try {
    const text = window.localStorage.getItem(key(session))
    return new Map(text ? (JSON.parse(text) as [string, Draft][]) : [])
  } catch {
    return new Map()
  }
}

/** Keeps the drafts on this machine until they are sent; nothing is left once all are. */
export function remember(session: number, drafts: ReadonlyMap<string, Draft>): void {
  try {
    if (drafts.size === 0) window.localStorage.removeItem(key(session))
    else window.localStorage.setItem(key(session), JSON.stringify([...drafts]))
  } catch {
    // A browser that keeps nothing still has the page itself.
  }
}
