import { useOutletContext } from 'react-router'
import type { SchoolClass } from '../api/client'
import type { Kinds } from '../kinds'

interface Open {
  readonly of: SchoolClass
  /** The day it is where Dettato runs, such as 2026-03-04. */
  readonly today: string
  readonly kinds: Kinds
}

/** The class whose pages are open. */
export function useClass(): SchoolClass {
  return useOutletContext<Open>().of
}

export function useToday(): string {
  return useOutletContext<Open>().today
}

/** The kinds of activity there are. */
export function useKinds(): Kinds {
  return useOutletContext<Open>().kinds
}
