import type { Cell, Mark, Paper, Session } from '../../../api/client'
import type { PaperStore } from './paperStore'

type RuleMark = Mark['rules'][number]

/** The marks of a cell, of a word or of a sentence's words; none when she counts it otherwise. */
function marksOf(cell: Cell | undefined): Mark[] {
  if (!cell || cell.override) return []
  const words = cell.sentence?.words.flatMap((w) => [...(w.mark ? [w.mark] : []), ...w.parts]) ?? []
  return [...(cell.mark ? [cell.mark] : []), ...words]
}

/** What a cell shows of a rule. */
function outcomes(cell: Cell | undefined, rule: string): RuleMark[] {
  return marksOf(cell)
    .flatMap((m) => m.rules)
    .filter((r) => r.rule === rule)
}

function perCell(session: Session, pupilId: number, rule: string, store: PaperStore): RuleMark[][] {
  return session.blocks.flatMap((b) => b.items.map((i) => outcomes(store.get(pupilId, i.id).kept, rule)))
}

/** How often a rule was tested on a child's paper, and failed. */
export function onThisPaper(session: Session, pupilId: number, rule: string, store: PaperStore): { tested: number; failed: number } {
  const all = perCell(session, pupilId, rule, store).flat()
  const failed = all.filter((r) => r.outcome === 'UNDER' || r.outcome === 'OVER').length
  return { tested: failed + all.filter((r) => r.outcome === 'APPLIED').length, failed }
}

/** A ground on which a rule is broken, and who breaks it. */
export interface Slip {
  readonly condition: string
  readonly outcome: 'UNDER' | 'OVER'
  readonly names: readonly string[]
  /** On how many places. */
  readonly count: number
}

/** Whatever rules are broken on these papers, the ground that most children break first. */
export function slips(session: Session, papers: readonly Paper[], store: PaperStore): Slip[] {
  const found = new Map<string, { condition: string; outcome: 'UNDER' | 'OVER'; names: Set<string>; count: number }>()
  for (const { pupil } of papers) {
    for (const item of session.blocks.flatMap((b) => b.items)) {
      for (const { condition, outcome } of marksOf(store.get(pupil.id, item.id).kept).flatMap((m) => m.rules)) {
        if (outcome !== 'UNDER' && outcome !== 'OVER') continue
        const one = found.get(condition + outcome) ?? { condition, outcome, names: new Set<string>(), count: 0 }
        one.names.add(pupil.name)
        one.count += 1
        found.set(condition + outcome, one)
      }
    }
  }
  return [...found.values()].map((s) => ({ ...s, names: [...s.names] })).sort((a, b) => b.names.length - a.names.length || b.count - a.count)
}
