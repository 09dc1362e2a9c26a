import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { client, dataOf, said } from '../../api/client'
import { ask, inPath } from '../../api/ask'
import { useClass } from '../../lib/classContext'
import { FieldError } from '../../ui/FieldError'

/** Who teaches the class; another teacher of the school may have it too. */
export function Teachers() {
  const { id } = useClass()
  const queries = useQueryClient()
  const teachers = useQuery(ask('get', '/api/classes/{id}/teachers', inPath({ id })))
  const [name, setName] = useState('')
  const share = useMutation({
    mutationFn: () => dataOf(client.POST('/api/classes/{id}/teachers', { params: { path: { id } }, body: { username: name.trim() } })),
    onSuccess: (now) => {
      queries.setQueryData(ask('get', '/api/classes/{id}/teachers', inPath({ id })).queryKey, now)
      setName('')
    },
  })
  const submit = (e: FormEvent) => {
    e.preventDefault()
    if (name.trim()) share.mutate()
  }
  return (
    <section aria-label="Teachers" className="sheet p-4 flex flex-col gap-2">
      <h2 className="font-semibold">Teachers</h2>
      <p>{teachers.data?.join(', ')}</p>
      <form className="join" onSubmit={submit}>
        <input
          className="input input-sm join-item w-60"
          aria-label="Account of another teacher"
          placeholder="Account of another teacher"
          value={name}
          onChange={(e) => setName(e.target.value)}
        />
        <button type="submit" className="btn btn-sm join-item">
          Let them have it too
        </button>
      </form>
      <FieldError says={share.isError ? said(share.error) : teachers.isError ? said(teachers.error) : ''} />
    </section>
  )
}
