import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { render } from '@testing-library/react'
import type { ReactElement } from 'react'
import { MemoryRouter, Outlet, Route, Routes, useLocation } from 'react-router'
import type { SchoolClass } from '../api/client'
import { kinds, limpet } from './made-up'

/** The Wednesday on which every test plays. */
export const TODAY = '2026-03-04'

function Address() {
  const { pathname, search } = useLocation()
  return <output aria-label="address">{pathname + search}</output>
}

/** Shows a page of Class Limpet at an address, and the address itself beside it. */
export function show(page: ReactElement, path: string, at: string, of: SchoolClass = limpet) {
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } })
  return render(
    <QueryClientProvider client={queries}>
      <MemoryRouter initialEntries={[at]}>
        <Address />
        <Routes>
          <Route element={<Outlet context={{ of, today: TODAY, kinds }} />}>
            <Route path={path} element={page} />
            <Route path="*" element={<p>another page</p>} />
          </Route>
        </Routes>
      </MemoryRouter>
    </QueryClientProvider>,
  )
}
