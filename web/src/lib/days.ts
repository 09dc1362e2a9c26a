import { addDays, format, isWeekend, parseISO, startOfISOWeek } from 'date-fns'
import { enGB } from 'date-fns/locale'

/** A day as the API writes it. */
export function isoDay(date: Date): string {
  return format(date, 'yyyy-MM-dd')
}

/** The day so many days on. */
export function daysOn(day: string, count: number): string {
  return isoDay(addDays(parseISO(day), count))
}

/** Monday of the week of a day. */
export function mondayOf(day: string): string {
  return isoDay(startOfISOWeek(parseISO(day)))
}

/** Monday to Friday of the week of a day; at the weekend still the week that was. */
export function schoolWeek(day: string): string[] {
  return [0, 1, 2, 3, 4].map((n) => daysOn(mondayOf(day), n))
}

/** "Tuesday 17", or "Tuesday 17 March". */
export function dayName(day: string, whole = false): string {
  return format(parseISO(day), whole ? 'EEEE d MMMM' : 'EEEE d', { locale: enGB })
}

export function isSchoolDay(day: string): boolean {
  return !isWeekend(parseISO(day))
}

/** The next school days after a day. */
export function comingDays(day: string, count: number): string[] {
  const days: string[] = []
  for (let n = 1; days.length < count; n++) {
    const next = daysOn(day, n)
    if (isSchoolDay(next)) days.push(next)
  }
  return days
}

/** The day itself when school is kept, else the next that it is. */
export function schoolDay(day: string): string {
  return isSchoolDay(day) ? day : (comingDays(day, 1)[0] ?? day)
}
