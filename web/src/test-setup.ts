import { cleanup, configure } from '@testing-library/react'
import { afterAll, afterEach, beforeAll } from 'vitest'
import { forgetAsked, server } from './test/server'

// A busy machine may be slow; a test waits for what it expects, it does not time it.
configure({ asyncUtilTimeout: 20_000 })
Element.prototype.scrollIntoView = () => undefined
HTMLDialogElement.prototype.showModal = function showModal() {
  this.open = true
}
HTMLDialogElement.prototype.close = function close() {
  this.open = false
}
beforeAll(() => server.listen({ onUnhandledRequest: 'error' }))
// There is no layout here; a list that draws only what is in view needs a view.
Object.defineProperties(HTMLElement.prototype, { clientHeight: { get: () => 700 }, clientWidth: { get: () => 600 } })
afterEach(async () => {
  cleanup()
  // A page that is left sends what it has typed; that is not the next test's.
  await new Promise((resolve) => setTimeout(resolve, 20))
  server.resetHandlers()
  forgetAsked()
  window.localStorage.clear()
})
afterAll(() => server.close())
