import { useMutation, useQueryClient } from '@tanstack/react-query'
import { ApiProblem, client, dataOf, type Choices, type Profile } from '../../api/client'
import { ask, inPath, theClasses } from '../../api/ask'
import { useClass } from '../../lib/classContext'

/** Keeps parts of the class's profile, one after the other. */
export function useProfile(profile: Profile) {
  const { id } = useClass()
  const queries = useQueryClient()
  const save = useMutation({
    scope: { id: `profile ${id}` },
    // Made on what the last answer said, so that two quick changes both stand.
    mutationFn: (change: (now: Profile) => Partial<Profile>) => {
      const now = queries.getQueryData(ask('get', '/api/classes/{id}/profile', inPath({ id })).queryKey) ?? profile
      return dataOf(client.PUT('/api/classes/{id}/profile', { params: { path: { id } }, body: { ...now, ...change(now) } }))
    },
    onSuccess: async (kept) => {
      const before = queries.getQueryData(ask('get', '/api/classes/{id}/profile', inPath({ id })).queryKey)
      queries.setQueryData(ask('get', '/api/classes/{id}/profile', inPath({ id })).queryKey, kept)
      await queries.invalidateQueries(theClasses)
      if (JSON.stringify(kept.choices?.terms) !== JSON.stringify(before?.choices?.terms)) await queries.invalidateQueries()
      await queries.invalidateQueries({ queryKey: ['classes', id] })
      await queries.invalidateQueries({ queryKey: ['sessions'] })
      await queries.invalidateQueries({ queryKey: ask('get', '/api/marking/progress').queryKey })
    },
    onError: (late) => {
      if (late instanceof ApiProblem && late.status === 409) void queries.invalidateQueries({ queryKey: ask('get', '/api/classes/{id}/profile', inPath({ id })).queryKey })
    },
  })
  return {
    save,
    change: (part: Partial<Profile>) => save.mutate(() => part),
    choose: (part: Partial<Choices> | ((now: Choices) => Partial<Choices>)) =>
      save.mutate((now) => (now.choices ? { choices: { ...now.choices, ...(typeof part === 'function' ? part(now.choices) : part) } } : {})),
  }
}
