import { useQuery } from '@tanstack/react-query'
import { Navigate, Route, Routes } from 'react-router'
import { api } from '../api/client'
import { Dictate } from '../features/dictate/Dictate'
import { FirstClass } from '../features/login/FirstClass'
import { Login } from '../features/login/Login'
import { MarkPage } from '../features/mark/MarkPage'
import { Prepare } from '../features/prepare/Prepare'
import { Respond } from '../features/respond/Respond'
import { Rules } from '../features/shelf/Rules'
import { Sounds } from '../features/shelf/Sounds'
import { Words } from '../features/shelf/Words'
import { Week } from '../features/week/Week'
import { Failed, Loading } from '../ui/Parts'
import { Frame } from './Frame'
import { Nearest } from './Nearest'

/** The pages, behind the login. */
export function App() {
  const session = useQuery({ queryKey: ['session'], queryFn: api.session })
  const classes = useQuery({ queryKey: ['classes'], queryFn: api.classes, enabled: Boolean(session.data?.user) })
  if (session.isPending) return <Loading />
  if (session.isError) return <Failed error={session.error} retry={() => void session.refetch()} />
  if (!session.data.user) return <Login first={session.data.first} />
  if (classes.isPending) return <Loading />
  if (classes.isError) return <Failed error={classes.error} retry={() => void classes.refetch()} />
  const first = classes.data[0]
  if (!first) return <FirstClass />
  return (
    <Routes>
      <Route path="/class/:classId" element={<Frame classes={classes.data} user={session.data.user.name} />}>
        <Route path="week" element={<Week />} />
        <Route path="prepare" element={<Nearest page="prepare" />} />
        <Route path="prepare/:id" element={<Prepare />} />
        <Route path="dictate" element={<Nearest page="dictate" />} />
        <Route path="dictate/:id" element={<Dictate />} />
        <Route path="mark" element={<Nearest page="mark" />} />
        <Route path="mark/:id" element={<MarkPage />} />
        <Route path="respond" element={<Respond />} />
        <Route path="rules" element={<Rules />} />
        <Route path="sounds" element={<Sounds />} />
        <Route path="words" element={<Words />} />
      </Route>
      <Route path="*" element={<Navigate to={`/class/${first.id}/week`} replace />} />
    </Routes>
  )
}
