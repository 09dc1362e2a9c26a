/** A failure with what the server said about it; status 0 when it could not be reached. */
export class ApiProblem extends Error {
  readonly status: number
  /** What stands there now, for a write that came late. */
  readonly current: unknown

  constructor(status: number, message: string, current?: unknown) {
    super(message)
    this.status = status
    this.current = current
  }
}

/** What to tell of any failure. */
export function said(problem: unknown): string {
  return problem instanceof Error ? problem.message : 'Something went wrong here. Try again.'
}
