import { QueryClientProvider } from '@tanstack/react-query'
import { Suspense, useState } from 'react'
import { BrowserRouter } from 'react-router'
import { newQueries } from '../api/queryClient'
import { Loading } from '../ui/Parts'
import { Teachers } from './Teachers'

/** The teachers' pages, with what they ask through. */
export function App() {
  const [queries] = useState(newQueries)
  return (
    <QueryClientProvider client={queries}>
      <BrowserRouter useTransitions={false}>
        <Suspense fallback={<Loading />}>
          <Teachers />
        </Suspense>
      </BrowserRouter>
    </QueryClientProvider>
  )
}
