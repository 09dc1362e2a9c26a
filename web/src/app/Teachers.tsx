import { useQuery } from '@tanstack/react-query'
import { lazy, useMemo } from 'react'
import { Navigate, Route, Routes } from 'react-router'
import { ask } from '../api/ask'
import { kindsOf } from '../kinds'
import { Failed, Loading } from '../ui/Parts'
import { Frame } from './Frame'
import { Nearest } from './Nearest'

// Each page is fetched when it is first opened.
const Dictate = lazy(() => import('../features/session/dictate/Dictate').then((m) => ({ default: m.Dictate })))
const ClassPage = lazy(() => import('../features/class/ClassPage').then((m) => ({ default: m.ClassPage })))
const MarkPage = lazy(() => import('../features/session/mark/MarkPage').then((m) => ({ default: m.MarkPage })))
const PrintPage = lazy(() => import('../features/session/print/PrintPage').then((m) => ({ default: m.PrintPage })))
const Prepare = lazy(() => import('../features/session/plan/Prepare').then((m) => ({ default: m.Prepare })))
const Respond = lazy(() => import('../features/respond/Respond').then((m) => ({ default: m.Respond })))
const Rules = lazy(() => import('../features/shelf/Rules').then((m) => ({ default: m.Rules })))
const DeckPage = lazy(() => import('../features/shelf/deck/DeckPage').then((m) => ({ default: m.DeckPage })))
const Texts = lazy(() => import('../features/shelf/texts/Texts').then((m) => ({ default: m.Texts })))
const Sounds = lazy(() => import('../features/shelf/Sounds').then((m) => ({ default: m.Sounds })))
const Words = lazy(() => import('../features/shelf/Words').then((m) => ({ default: m.Words })))
const FirstClass = lazy(() => import('../features/login/FirstClass').then((m) => ({ default: m.FirstClass })))
const Login = lazy(() => import('../features/login/Login').then((m) => ({ default: m.Login })))
const Week = lazy(() => import('../features/week/Week').then((m) => ({ default: m.Week })))

/** All that is behind the login. */
export function Teachers() {
  const login = useQuery(ask('get', '/api/login'))
  const classes = useQuery({ ...ask('get', '/api/classes'), enabled: Boolean(login.data?.user) })
  const told = useQuery({ ...ask('get', '/api/kinds'), enabled: Boolean(login.data?.user) })
  const kinds = useMemo(() => (told.data ? kindsOf(told.data) : undefined), [told.data])
  if (login.isPending) return <Loading />
  if (login.isError) return <Failed error={login.error} retry={() => void login.refetch()} />
  if (!login.data.user) return <Login first={login.data.first} />
  if (classes.isPending) return <Loading />
  if (classes.isError) return <Failed error={classes.error} retry={() => void classes.refetch()} />
  if (told.isError) return <Failed error={told.error} retry={() => void told.refetch()} />
  if (!kinds) return <Loading />
  const first = classes.data[0]
  if (!first) return <FirstClass />
  return (
    <Routes>
      <Route path="/class/:classId" element={<Frame classes={classes.data} kinds={kinds} user={login.data.user.name} today={login.data.today} />}>
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
