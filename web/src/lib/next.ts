import type { Summary } from '../api/client'
import { dayName } from './days'

/** How long half-marked papers are the next thing to do, in days. */
const FRESH = 14

export interface Step {
  readonly to: string
  readonly text: string
}

const daysBetween = (from: string, to: string) => Math.round((Date.parse(to) - Date.parse(from)) / 86_400_000)

/** The one thing to do next that is true today; nothing that was left lying long ago. */
export function nextStep(all: readonly Summary[], today: string): Step | undefined {
  const byDay = [...all].sort((a, b) => a.date.localeCompare(b.date) || a.id - b.id)
  const open = byDay.filter((s) => s.state !== 'PLANNED' && s.marked < s.papers && s.items > 0 && daysBetween(s.date, today) <= FRESH).at(-1)
  if (open) return { to: `mark/${open.id}`, text: `${toMark(open)} on ${open.title}` }
  const now = byDay.find((s) => s.state === 'PLANNED' && s.date === today)
  if (now) return now.items > 0 ? { to: `dictate/${now.id}`, text: `Give today's session on ${now.title}` } : { to: `prepare/${now.id}`, text: `Choose words on ${now.title} for today` }
  const told = byDay.filter((s) => s.state === 'GIVEN' && daysBetween(s.date, today) <= FRESH).at(-1)
  if (told) return { to: 'respond', text: `See what the papers on ${told.title} say` }
  const coming = byDay.find((s) => s.state === 'PLANNED' && s.date > today)
  return coming ? { to: `prepare/${coming.id}`, text: `Look over ${dayName(coming.date)}'s session on ${coming.title}` } : undefined
}

function toMark({ papers, marked }: Summary): string {
  const left = papers - marked
  if (marked === 0) return left === 1 ? 'Mark the one paper' : `Mark the ${left} papers`
  return left === 1 ? 'Mark the last paper' : `Mark the other ${left} papers`
}

/** The session a page of the rail most likely means. */
export function nearest(all: readonly Summary[], page: 'prepare' | 'dictate' | 'mark', today: string): Summary | undefined {
  const byDay = [...all].sort((a, b) => a.date.localeCompare(b.date) || a.id - b.id)
  if (page !== 'mark') return byDay.find((s) => s.state === 'PLANNED' && s.date >= today)
  const given = byDay.filter((s) => s.state !== 'PLANNED')
  return given.filter((s) => s.marked < s.papers).at(-1) ?? given.at(-1)
}
