import type { Cell, Mark, Paper, Session } from '../../../api/client'
import type { PaperStore } from './paperStore'

type RuleMark = Mark['rules'][number]

/** What a cell shows of a rule, in a word or in a sentence's words; nothing when she counts it otherwise. */
function outcomes(cell: Cell | undefined, rule: string): RuleMark[] {
  if (!cell || cell.override) return []
  const words = cell.sentence?.words.flatMap((w) => [...(w.mark ? [w.mark] : []), ...w.parts]) ?? []
  return [...(cell.mark ? [cell.mark] : []), ...words].flatMap((m) => m.rules).filter((r) => r.rule === rule)
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

/** Names of those who fail a rule in one way on two items at least. */
export function failing(session: Session, papers: readonly Paper[], rule: string, outcome: 'UNDER' | 'OVER', store: PaperStore): string[] {
  return papers
    .filter((p) => perCell(session, p.pupil.id, rule, store).filter((cell) => cell.some((r) => r.outcome === outcome)).length >= 2)
    .map((p) => p.pupil.name)
}
