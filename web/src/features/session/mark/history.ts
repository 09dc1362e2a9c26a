import type { AnswerState } from '../../../api/client'

/** What was said of a cell. */
export interface Said {
  readonly written: string
  readonly state: AnswerState
}

/** A cell that changed, by its key. */
export interface Changed {
  readonly key: string
  readonly before: Said
  readonly after: Said
}

/** What was typed, step by step, across all cells; letters typed one after the other in one cell are one step. */
export class History {
  private past: (readonly Changed[])[] = []
  private future: (readonly Changed[])[] = []
  /** The cell that is being typed in. */
  private typing = ''

  typed(change: Changed): void {
    const last = this.past.at(-1)?.[0]
    if (this.typing === change.key && last?.key === change.key) this.past[this.past.length - 1] = [{ ...last, after: change.after }]
    else this.past.push([change])
    this.typing = change.key
    this.future = []
  }

  done(changes: readonly Changed[]): void {
    if (changes.length > 0) this.past.push(changes)
    this.typing = ''
    this.future = []
  }

  left(): void {
    this.typing = ''
  }

  /** The newest step that is not undone yet; its cells take what stood before. */
  back(): readonly Changed[] {
    return this.move(this.past, this.future)
  }

  forth(): readonly Changed[] {
    return this.move(this.future, this.past)
  }

  private move(from: (readonly Changed[])[], to: (readonly Changed[])[]): readonly Changed[] {
    this.typing = ''
    const step = from.pop()
    if (step) to.push(step)
    return step ?? []
  }
}
