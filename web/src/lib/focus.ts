import type { Focus } from '../api/client'

/** The rule a session is about, if it is about one. */
export function ruleOf(focus: readonly Focus[]): string | undefined {
  return focus.find((f) => f.rule)?.rule
}
