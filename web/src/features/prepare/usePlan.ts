import { useMutation, useQueryClient } from '@tanstack/react-query'
import { api, type Dictation } from '../../api/client'

export interface Plan {
  readonly rule: string
  readonly sentence: string
  readonly words: readonly string[]
}

/** A dictation's plan: every change is kept at once; a failed one is told and nothing is lost. */
export function usePlan(dictation: Dictation) {
  const queries = useQueryClient()
  const save = useMutation({
    mutationFn: (plan: Plan) => api.rewrite(dictation.id, plan.rule, plan.sentence, [...plan.words]),
    onSuccess: async (kept) => {
      queries.setQueryData(['dictation', dictation.id], kept)
      await queries.invalidateQueries({ queryKey: ['dictations'] })
    },
  })
  const now: Plan = {
    rule: dictation.rule,
    sentence: dictation.sentence,
    words: dictation.items.map((i) => i.word),
  }
  const change = (part: Partial<Plan>) => save.mutate({ ...now, ...part })
  return {
    now,
    failure: save.error,
    focus: (rule: string) => change({ rule }),
    say: (sentence: string) => change({ sentence }),
    take: (words: readonly string[]) => change({ words }),
    add: (word: string) => change({ words: [...now.words.filter((w) => w !== word), word] }),
    drop: (at: number) => change({ words: now.words.filter((_, i) => i !== at) }),
    swap: (at: number, word: string) => change({ words: now.words.map((w, i) => (i === at ? word : w)) }),
    move: (at: number, by: number) => change({ words: moved(now.words, at, by) }),
  }
}

/** The list with one entry moved; unchanged when it would leave the list. */
export function moved(words: readonly string[], at: number, by: number): string[] {
  const to = at + by
  const list = [...words]
  const [word] = to < 0 || to >= list.length ? [] : list.splice(at, 1)
  if (word !== undefined) list.splice(to, 0, word)
  return list
}

/** What a teacher should know about the order: one side only, or a long run of one side. */
export function predictable(sides: readonly (string | null | undefined)[]): string | undefined {
  const tested = sides.filter(Boolean)
  if (tested.length < 4) return undefined
  if (new Set(tested).size === 1) return 'All words are on one side: the answer is predictable.'
  const run = tested.findIndex((s, i) => i >= 2 && s === tested[i - 1] && s === tested[i - 2])
  return run >= 0 ? `Words ${run - 1} to ${run + 1} are all on one side: the class may guess.` : undefined
}
