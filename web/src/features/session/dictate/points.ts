/** What a side gets for an item, one press after the other: a point, half a point, none. */
export function nextPoints(points: number): number {
  return points === 0 ? 1 : points === 1 ? 0.5 : 0
}

/** As it is said: 2½. */
export function saidPoints(points: number): string {
  const whole = Math.floor(points)
  return points === whole ? String(whole) : `${whole === 0 ? '' : whole}½`
}
