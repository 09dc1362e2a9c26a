/** Whether the login has ended while somebody works; what was refused waits until it is there again. */
type Listener = () => void

let waiting: (() => void)[] = []
const listeners = new Set<Listener>()

const tell = () => listeners.forEach((l) => l())

/** Waits for the password to be typed in place. */
export function untilLoggedIn(): Promise<void> {
  return new Promise((resolve) => {
    waiting = [...waiting, resolve]
    tell()
  })
}

/** The login is there again: everything that waited goes on. */
export function loggedInAgain(): void {
  const all = waiting
  waiting = []
  tell()
  all.forEach((go) => go())
}

export function subscribeToEnd(listener: Listener): () => void {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

export function hasEnded(): boolean {
  return waiting.length > 0
}
