import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { client, dataOf, said, type Paper } from '../../../api/client'
import { theClasses } from '../../../api/ask'

/** Papers in the order of the pile, which is the class's from then on. */
export interface Pile {
  readonly papers: readonly Paper[]
  /** Whether the papers lie as the names go. */
  readonly byName: boolean
  /** Puts the paper of one row where another lies. */
  readonly move: (from: number, to: number) => void
  readonly sortByName: () => void
  readonly problem: string
}

export function usePile(classId: number, first: readonly Paper[]): Pile {
  const queries = useQueryClient()
  const [papers, setPapers] = useState(first)
  const keep = useMutation({
    mutationFn: (next: readonly Paper[]) => dataOf(client.PUT('/api/classes/{id}/order', { params: { path: { id: classId } }, body: { pupils: next.map((p) => p.pupil.id) } })),
    onSuccess: () => queries.invalidateQueries(theClasses),
  })
  const put = (next: readonly Paper[]) => {
    setPapers(next)
    keep.mutate(next)
  }
  return {
    papers,
    byName: papers.every((p, i) => i === 0 || byNames(papers[i - 1] ?? p, p) <= 0),
    move: (from, to) => {
      const moved = papers[from]
      if (!moved || from === to || to < 0 || to >= papers.length) return
      const others = papers.filter((p) => p !== moved)
      put([...others.slice(0, to), moved, ...others.slice(to)])
    },
    sortByName: () => put([...papers].sort(byNames)),
    problem: keep.isError ? said(keep.error) : '',
  }
}

const byNames = (a: Paper, b: Paper) => a.pupil.name.localeCompare(b.pupil.name)
