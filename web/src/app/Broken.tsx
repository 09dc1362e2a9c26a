import type { FallbackProps } from 'react-error-boundary'
import { Failed } from '../ui/Parts'

/** A page that broke: the rest of the screen stands, and the page can be opened again. */
export function Broken({ resetErrorBoundary }: FallbackProps) {
  return <Failed error={new Error('This page broke, which is our mistake. What was kept before is safe.')} retry={resetErrorBoundary} />
}
