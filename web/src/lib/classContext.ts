import { useOutletContext } from 'react-router'
import type { SchoolClass } from '../api/client'

interface Open {
  readonly of: SchoolClass
  /** The day it is where Dettato runs, such as 2026-03-04. */
  readonly today: string
}

/** The class whose pages are open. */
export function useClass(): SchoolClass {
  return useOutletContext<Open>().of
}

export function useToday(): string {
  return useOutletContext<Open>().today
}
