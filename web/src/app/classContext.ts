import { useOutletContext } from 'react-router'
import type { SchoolClass } from '../api/client'

/** The class whose pages are open. */
export function useClass(): SchoolClass {
  return useOutletContext<SchoolClass>()
}
