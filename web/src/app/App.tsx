import { lazy, Suspense } from 'react'
import { Route, Routes } from 'react-router'
import { Loading } from '../ui/Parts'

// A child's device fetches nothing of the teachers' pages.
const TabletPage = lazy(() => import('../features/tablet/TabletPage').then((m) => ({ default: m.TabletPage })))
const Teachers = lazy(() => import('./Teachers').then((m) => ({ default: m.Teachers })))

/** A child's page stands alone; all others are behind the login. */
export function App() {
  return (
    <Suspense fallback={<Loading />}>
      <Routes>
        <Route path="/write" element={<TabletPage />} />
        <Route path="*" element={<Teachers />} />
      </Routes>
    </Suspense>
  )
}
