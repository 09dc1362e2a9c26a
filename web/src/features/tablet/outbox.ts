/** What a child has written on this device, and what of it is not sent yet; kept across a reload. */
export interface Desk {
  readonly token: string
  readonly answers: Readonly<Record<string, string>>
  /** Items that the child said to be done. */
  readonly done: readonly number[]
  /** Items that are written and not sent, oldest first. */
  readonly unsent: readonly number[]
}

const KEY = 'dettato.tablet'

export function recallDesk(): Desk | undefined {
  try {
    const text = window.localStorage.getItem(KEY)
    return text ? (JSON.parse(text) as Desk) : undefined
  } catch {
    return undefined
  }
}

export function rememberDesk(desk: Desk | undefined): void {
  try {
    if (desk) window.localStorage.setItem(KEY, JSON.stringify(desk))
    else window.localStorage.removeItem(KEY)
  } catch {
    // A browser that keeps nothing still has the page itself.
  }
}

/** Typed, and not said to be done. */
export function typed(desk: Desk, item: number, text: string): Desk {
  return { ...desk, answers: { ...desk.answers, [item]: text } }
}

/** Said to be done: it waits to be sent, behind those that wait already. */
export function posted(desk: Desk, item: number): Desk {
  const behind = (some: readonly number[]) => [...some.filter((i) => i !== item), item]
  return { ...desk, done: behind(desk.done), unsent: behind(desk.unsent) }
}

/** It has arrived; written anew meanwhile, it waits again. */
export function arrived(desk: Desk, item: number, text: string): Desk {
  return (desk.answers[item] ?? '') === text ? { ...desk, unsent: desk.unsent.filter((i) => i !== item) } : desk
}
