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

/** The same, where a part is also shown to those who have no class open. */
export function useMaybeClass(): SchoolClass | undefined {
  return useOutletContext<Open | undefined>()?.of
}

export function useToday(): string {
  return useOutletContext<Open>().today
}

/** The kinds of activity there are. */
export function useKinds(): Kinds {
  return useOutletContext<Open>().kinds
}
