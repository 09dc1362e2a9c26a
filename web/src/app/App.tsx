import { useQuery } from '@tanstack/react-query'
import { Navigate, Route, Routes } from 'react-router'
import { ask } from '../api/queries'
import { Dictate } from '../features/session/dictate/Dictate'
import { ClassPage } from '../features/class/ClassPage'
import { FirstClass } from '../features/login/FirstClass'
import { Login } from '../features/login/Login'
import { MarkPage } from '../features/session/mark/MarkPage'
import { PrintPage } from '../features/session/print/PrintPage'
import { Prepare } from '../features/session/plan/Prepare'
import { Respond } from '../features/respond/Respond'
import { Rules } from '../features/shelf/Rules'
import { DeckPage } from '../features/shelf/deck/DeckPage'
import { Texts } from '../features/shelf/texts/Texts'
import { Sounds } from '../features/shelf/Sounds'
import { Words } from '../features/shelf/Words'
import { TabletPage } from '../features/tablet/TabletPage'
import { Week } from '../features/week/Week'
import { Failed, Loading } from '../ui/Parts'
import { Frame } from './Frame'
import { Nearest } from './Nearest'

/** A child's page stands alone; all others are behind the login. */
export function App() {
  return (
    <Routes>
      <Route path="/write" element={<TabletPage />} />
      <Route path="*" element={<Teachers />} />
    </Routes>
  )
}

function Teachers() {
  const login = useQuery(ask.login())
  const classes = useQuery({ ...ask.classes(), enabled: Boolean(login.data?.user) })
  if (login.isPending) return <Loading />
  if (login.isError) return <Failed error={login.error} retry={() => void login.refetch()} />
  if (!login.data.user) return <Login first={login.data.first} />
  if (classes.isPending) return <Loading />
  if (classes.isError) return <Failed error={classes.error} retry={() => void classes.refetch()} />
  const first = classes.data[0]
  if (!first) return <FirstClass />
  return (
    <Routes>
      <Route path="/class/:classId" element={<Frame classes={classes.data} user={login.data.user.name} today={login.data.today} />}>
        <Route path="week" element={<Week />} />
        <Route path="deck" element={<DeckPage />} />
        <Route path="prepare" element={<Nearest page="prepare" />} />
        <Route path="prepare/:id" element={<Prepare />} />
        <Route path="print/:id" element={<PrintPage />} />
        <Route path="dictate" element={<Nearest page="dictate" />} />
        <Route path="dictate/:id" element={<Dictate />} />
        <Route path="mark" element={<Nearest page="mark" />} />
        <Route path="mark/:id" element={<MarkPage />} />
        <Route path="respond" element={<Respond />} />
        <Route path="rules" element={<Rules />} />
        <Route path="sounds" element={<Sounds />} />
        <Route path="words" element={<Words />} />
        <Route path="texts" element={<Texts />} />
        <Route path="class" element={<ClassPage />} />
      </Route>
      <Route path="*" element={<Navigate to={`/class/${first.id}/week`} replace />} />
    </Routes>
  )
}
