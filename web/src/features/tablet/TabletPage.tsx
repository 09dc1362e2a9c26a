import { useCallback, useEffect, useState } from 'react'
import { Failed, Loading } from '../../ui/Parts'
import { Arrive } from './Arrive'
import { line, type TabletSheet } from './line'
import { useCall } from './useCall'
import { useDesk } from './useDesk'
import { usePlace } from './usePlace'
import { Writing } from './Writing'

/** A child's own page: a code, its name, one thing to write at a time. No help, and nothing of anybody else. */
export function TabletPage() {
  const { desk, ended, sit, leave, type, post } = useDesk()
  return (
    <main className="min-h-screen bg-base-200 flex flex-col items-center p-4 sm:p-8 text-head">
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
  const { token } = place
  const sheet = useCall(useCallback(() => line.sheet(token), [token]))
  const { make } = sheet
  useEffect(make, [make])
  if (sheet.data) return <OwnPaper sheet={sheet.data} {...place} />
  if (sheet.error) {
    return (
      <>
        <Failed error={sheet.error} retry={sheet.make} />
        <button type="button" className="btn btn-lg" onClick={place.leave}>
          Start again
        </button>
      </>
    )
  }
  return <Loading rows={4} />
}

function OwnPaper({ sheet, token, desk, leave, type, post }: Place & { sheet: TabletSheet }) {
  const [isIn, setIn] = useState(sheet.handedIn)
  const handIn = useCall(async () => {
    await line.handIn(token)
    setIn(true)
  })
  const [again, setAgain] = useState(false)
  const { name, items, written } = sheet
  // The first that is open when the page is; typing does not move it.
  const [first] = useState(() => {
    const open = items.findIndex((i) => !written.includes(i.id) && !desk.done.includes(i.id))
    return open < 0 ? items.length : open
  })
  const place = usePlace(first)
  if (isIn && !again) {
    return (
      <section className="flex flex-col items-center gap-6 pt-16 text-center">
        <h1 className="text-title font-word">Thank you, {name}.</h1>
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
  const at = Math.min(Math.max(0, place.at), items.length)
  const { go } = place
  const item = items[at]
  if (!item) {
    return (
      <section className="flex flex-col items-center gap-6 pt-16 text-center">
        <h1 className="text-title font-word">That was all, {name}.</h1>
        <p role="status">{desk.unsent.length > 0 ? `${desk.unsent.length} not sent yet. Leave this page open.` : 'All of it has arrived.'}</p>
        {handIn.error ? <p className="text-error">{handIn.error.message}</p> : null}
        <div className="flex flex-wrap justify-center gap-3">
          <button type="button" className="btn btn-lg" onClick={() => go(items.length - 1)}>
            ← Look again
          </button>
          <button type="button" className="btn btn-lg btn-primary" disabled={desk.unsent.length > 0 || handIn.pending} onClick={() => handIn.make()}>
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
