import { useMutation, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, said, type TabletSheet } from '../../api/client'
import { ask } from '../../api/queries'
import { useUrl } from '../../lib/useUrl'
import { Failed, Loading } from '../../ui/Parts'
import { Arrive } from './Arrive'
import { useDesk } from './useDesk'
import { Writing } from './Writing'

/** A child's own page: a code, its name, one thing to write at a time. No help, and nothing of anybody else. */
export function TabletPage() {
  const { desk, ended, sit, leave, type, post } = useDesk()
  return (
    <main className="min-h-screen bg-base-200 flex flex-col items-center p-4 sm:p-8 text-xl">
      {ended ? (
        <p role="alert" className="alert border-error mb-4">
          {ended} What you wrote is still on this page.
        </p>
      ) : null}
      {desk ? <Sitting key={desk.token} token={desk.token} desk={desk} leave={leave} type={type} post={post} /> : <Arrive sit={sit} />}
    </main>
  )
}

type Place = Pick<ReturnType<typeof useDesk>, 'leave' | 'type' | 'post'> & { token: string; desk: NonNullable<ReturnType<typeof useDesk>['desk']> }

function Sitting(place: Place) {
  const sheet = useQuery(ask.tabletSheet(place.token))
  if (sheet.isPending) return <Loading rows={4} />
  if (sheet.isError) {
    return (
      <>
        <Failed error={sheet.error} retry={() => void sheet.refetch()} />
        <button type="button" className="btn btn-lg" onClick={place.leave}>
          Start again
        </button>
      </>
    )
  }
  return <OwnPaper sheet={sheet.data} {...place} />
}

function OwnPaper({ sheet, token, desk, leave, type, post }: Place & { sheet: TabletSheet }) {
  const url = useUrl()
  const handIn = useMutation({ mutationFn: () => api.tabletHandIn(token) })
  const [again, setAgain] = useState(false)
  const { name, items, written, handedIn } = sheet
  // The first that is open when the page is; typing does not move it.
  const [first] = useState(() => {
    const open = items.findIndex((i) => !written.includes(i.id) && !desk.done.includes(i.id))
    return open < 0 ? items.length : open
  })
  if ((handedIn || handIn.isSuccess) && !again) {
    return (
      <section className="flex flex-col items-center gap-6 pt-16 text-center">
        <h1 className="text-4xl font-word">Thank you, {name}.</h1>
        <p>Your paper is handed in.</p>
        <div className="flex flex-wrap justify-center gap-3">
          <button type="button" className="btn btn-lg" onClick={() => setAgain(true)}>
            Back to my paper
          </button>
          <button type="button" className="btn btn-lg" onClick={leave}>
            Another child
          </button>
        </div>
      </section>
    )
  }
  const at = Math.min(Math.max(0, Number(url.get('at') || first + 1) - 1), items.length)
  const go = (to: number) => url.set({ at: String(to + 1) })
  const item = items[at]
  if (!item) {
    return (
      <section className="flex flex-col items-center gap-6 pt-16 text-center">
        <h1 className="text-4xl font-word">That was all, {name}.</h1>
        <p role="status">{desk.unsent.length > 0 ? `${desk.unsent.length} not sent yet. Leave this page open.` : 'All of it has arrived.'}</p>
        {handIn.isError ? <p className="text-error">{said(handIn.error)}</p> : null}
        <div className="flex flex-wrap justify-center gap-3">
          <button type="button" className="btn btn-lg" onClick={() => go(items.length - 1)}>
            ← Look again
          </button>
          <button type="button" className="btn btn-lg btn-primary" disabled={desk.unsent.length > 0 || handIn.isPending} onClick={() => handIn.mutate()}>
            Hand in
          </button>
        </div>
      </section>
    )
  }
  return (
    <Writing
      key={item.id}
      name={name}
      item={item}
      place={at + 1}
      of={items.length}
      text={desk.answers[item.id] ?? ''}
      waiting={desk.unsent.length}
      type={(text) => type(item.id, text)}
      done={() => {
        post(item.id)
        go(at + 1)
      }}
      back={at > 0 ? () => go(at - 1) : undefined}
    />
  )
}
