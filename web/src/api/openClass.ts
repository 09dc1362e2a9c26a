/** Id of the class whose pages are open, as the address names it. */
export function openClass(): string | undefined {
  return /^\/class\/(\d+)/.exec(window.location.pathname)?.[1]
}
