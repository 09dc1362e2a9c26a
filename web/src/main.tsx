import '@fontsource-variable/atkinson-hyperlegible-next'
import '@fontsource-variable/noto-sans'
import '@fontsource/andika/400.css'
import '@fontsource/andika/700.css'
import './index.css'
import { QueryClientProvider } from '@tanstack/react-query'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { BrowserRouter } from 'react-router'
import { newQueries } from './api/queryClient'
import { App } from './app/App'

const queries = newQueries()

const root = document.getElementById('root')
if (root) {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={queries}>
        <BrowserRouter useTransitions={false}>
          <App />
        </BrowserRouter>
      </QueryClientProvider>
    </StrictMode>,
  )
}
