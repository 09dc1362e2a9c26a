/** A pause longer than this is no marking, in milliseconds. */
const PAUSE = 45_000
/** Before so many answers nothing is said of the pace. */
const ENOUGH = 8

/** How fast answers are entered: times that pass between one and the next, pauses left out. */
export class Pace {
  private last = 0
  private spent = 0
  private count = 0

  /** An answer was entered. */
  entered(now: number): void {
    if (this.last > 0 && now - this.last < PAUSE) {
      this.spent += now - this.last
      this.count += 1
    }
    this.last = now
  }

  /** Minutes for so many more; undefined while too little is known. */
  minutesFor(left: number): number | undefined {
    return this.count < ENOUGH ? undefined : Math.max(1, Math.round((left * this.spent) / this.count / 60_000))
  }
}
