import '@fontsource-variable/atkinson-hyperlegible-next'
import '@fontsource-variable/noto-sans'
import '@fontsource/andika/400.css'
import '@fontsource/andika/700.css'
import './index.css'
import { lazy, StrictMode, Suspense } from 'react'
import { createRoot } from 'react-dom/client'
import { Loading } from './ui/Parts'

// A child's device fetches nothing of the teachers' pages, nor of what they are made with.
const page =
  window.location.pathname === '/write'
    ? () => import('./features/tablet/TabletPage').then((m) => ({ default: m.TabletPage }))
    : () => import('./app/App').then((m) => ({ default: m.App }))
const Page = lazy(page)

const root = document.getElementById('root')
if (root) {
  createRoot(root).render(
    <StrictMode>
      <Suspense fallback={<Loading />}>
        <Page />
      </Suspense>
    </StrictMode>,
  )
}
