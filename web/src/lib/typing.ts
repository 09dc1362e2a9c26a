/** So long after the last key somebody has stopped typing, in milliseconds. */
const REST = 800

/** Calls back at once, or, with a text field open, when no key has been pressed there for a moment. Returns how to call it off. */
export function whenTypingRests(then: () => void): () => void {
  const field = document.activeElement
  if (!(field instanceof HTMLInputElement || field instanceof HTMLTextAreaElement)) {
    then()
    return () => undefined
  }
  let timer = 0
  const off = () => {
    window.clearTimeout(timer)
    window.removeEventListener('keydown', wait, true)
  }
  const wait = () => {
    window.clearTimeout(timer)
    timer = window.setTimeout(() => {
      off()
      then()
    }, REST)
  }
  window.addEventListener('keydown', wait, true)
  wait()
  return off
}
