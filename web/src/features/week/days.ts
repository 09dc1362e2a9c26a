/** A day as the API writes it, in local time. */
export function isoDay(date: Date): string {
  const two = (n: number) => String(n).padStart(2, '0')
  return `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}`
}

/** Monday to Friday of the week of a date; at the weekend still the week that was. */
export function schoolWeek(date: Date): string[] {
  const sinceMonday = (date.getDay() + 6) % 7
  return [0, 1, 2, 3, 4].map((n) => isoDay(new Date(date.getFullYear(), date.getMonth(), date.getDate() - sinceMonday + n)))
}

/** "Tuesday", or "Tuesday 17 March". */
export function dayName(day: string, whole = false): string {
  const date = new Date(`${day}T12:00:00`)
  return date.toLocaleDateString('en-GB', whole ? { weekday: 'long', day: 'numeric', month: 'long' } : { weekday: 'long', day: 'numeric' })
}

/** The next school days after a date. */
export function comingDays(date: Date, count: number): string[] {
  const days: string[] = []
  for (let n = 1; days.length < count; n++) {
    const day = new Date(date.getFullYear(), date.getMonth(), date.getDate() + n)
    if (day.getDay() % 6 !== 0) days.push(isoDay(day))
  }
  return days
}
