import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { AudioLines, BookOpenCheck, CalendarDays, Layers, Library, ListChecks, Mic, PencilLine, School, ScrollText, UsersRound, type LucideIcon } from 'lucide-react'
import { Suspense } from 'react'
import { ErrorBoundary } from 'react-error-boundary'
import { NavLink, Outlet, useLocation, useNavigate, useParams } from 'react-router'
import { client, dataOf, said, type SchoolClass } from '../api/client'
import type { Kinds } from '../kinds'
import { ask } from '../api/ask'
import { Loading } from '../ui/Parts'
import { Broken } from './Broken'
import { SignInAgain } from './SignInAgain'

/** So often it is asked, in milliseconds, how far marking anew has come. */
const AGAIN = 2_000

const PAGES = [
  { path: 'week', name: 'Week', Icon: CalendarDays },
  { path: 'prepare', name: 'Prepare', Icon: PencilLine },
  { path: 'dictate', name: 'Dictate', Icon: Mic },
  { path: 'mark', name: 'Mark', Icon: ListChecks },
  { path: 'respond', name: 'Respond', Icon: UsersRound },
] as const

const SHELF = [
  { path: 'rules', name: 'Rules', Icon: BookOpenCheck },
  { path: 'sounds', name: 'Sounds', Icon: AudioLines },
  { path: 'words', name: 'Words', Icon: Library },
  { path: 'texts', name: 'Texts', Icon: ScrollText },
  { path: 'deck', name: 'Deck', Icon: Layers },
] as const

const CLASS = { path: 'class', name: 'Class', Icon: School } as const

/** Top bar and rail around every page of a class. */
export function Frame({ classes, kinds, user, today }: { classes: readonly SchoolClass[]; kinds: Kinds; user: string; today: string }) {
  const { classId } = useParams()
  const { pathname } = useLocation()
  const navigate = useNavigate()
  const queries = useQueryClient()
  const accents = useQuery(ask('get', '/api/accents'))
  const open = classes.find((c) => String(c.id) === classId) ?? classes[0]
  const leave = useMutation({
    mutationFn: () => dataOf(client.DELETE('/api/login')),
    onSuccess: async () => {
      const { queryKey } = ask('get', '/api/login')
      queries.removeQueries({ predicate: (query) => query.queryKey[0] !== queryKey[0] })
      queries.setQueryData(queryKey, await dataOf(client.GET('/api/login')))
      await navigate('/')
    },
  })
  if (!open) return null
  return (
    <div className="h-screen grid grid-cols-[48px_1fr] lg:grid-cols-[84px_1fr] grid-rows-[52px_minmax(0,1fr)] overflow-hidden">
      <header className="col-span-2 flex items-center gap-4 px-4 bg-base-100 border-b border-base-300 min-w-0">
        <span className="font-word font-bold text-head text-primary">
          dett<span className="border-b-3 border-accent">at</span>o
        </span>
        <label className="sr-only" htmlFor="open-class">
          Class
        </label>
        <select
          id="open-class"
          className="select select-sm w-auto pr-8 min-w-0"
          value={open.id}
          onChange={(e) => void navigate(`/class/${e.target.value}/week`)}
        >
          {classes.map((c) => (
            <option key={c.id} value={c.id}>
              {c.name}
            </option>
          ))}
        </select>
        <span className="mute text-small whitespace-nowrap max-lg:hidden">
          {open.pupils.length} children · {accents.data?.find((a) => a.id === open.accent)?.name ?? open.accent}
        </span>
        <MarkingAnew />
        {leave.isError ? (
          <span role="alert" className="text-error text-small">
            {said(leave.error)}
          </span>
        ) : null}
        <button type="button" className="btn btn-sm btn-ghost ml-auto whitespace-nowrap" onClick={() => leave.mutate()}>
          {user} · log out
        </button>
      </header>
      <nav aria-label="Pages" className="bg-base-100 border-r border-base-300 flex flex-col gap-1 p-1 lg:p-2 overflow-y-auto">
        {PAGES.map((page) => (
          <RailLink key={page.path} classId={open.id} {...page} />
        ))}
        <h2 className="mute text-small text-center border-t border-base-300 mt-1 pt-1 max-lg:sr-only">Shelf</h2>
        {SHELF.map((page) => (
          <RailLink key={page.path} classId={open.id} {...page} />
        ))}
        <div className="mt-auto">
          <RailLink classId={open.id} {...CLASS} />
        </div>
      </nav>
      <main className="min-w-0 min-h-0 overflow-auto p-4 flex flex-col gap-3">
        <ErrorBoundary FallbackComponent={Broken} resetKeys={[pathname]}>
          <Suspense fallback={<Loading />}>
            <Outlet key={open.id} context={{ of: open, today, kinds }} />
          </Suspense>
        </ErrorBoundary>
      </main>
      <SignInAgain user={user} />
    </div>
  )
}

/** Says how far the papers are that a newer core marks anew, and how many it could not; nothing when all are. */
function MarkingAnew() {
  const progress = useQuery({ ...ask('get', '/api/marking/progress'), refetchInterval: (q) => ((q.state.data?.left ?? 0) > 0 ? AGAIN : false) })
  if (!progress.data) return null
  const { left, total, aside } = progress.data
  if (left === 0 && aside > 0) {
    return (
      <span role="status" className="mute text-small whitespace-nowrap" title="Their marks of before still count. The log of the server names them.">
        {aside === 1 ? 'one answer' : `${aside} answers`} could not be marked again
      </span>
    )
  }
  if (left === 0) return null
  return (
    <span role="status" className="mute text-small flex items-center gap-2 whitespace-nowrap">
      marking anew
      <progress className="progress w-24" value={total - left} max={total} aria-label={`${total - left} of ${total} attempts`} />
    </span>
  )
}

function RailLink({ classId, path, name, Icon }: { classId: number; path: string; name: string; Icon: LucideIcon }) {
  return (
    <NavLink
      to={`/class/${classId}/${path}`}
      className={({ isActive }) =>
        `flex flex-col items-center gap-1 py-1.5 rounded-xl text-small ${isActive ? 'bg-primary text-primary-content' : 'mute hover:bg-base-200'}`
      }
    >
      <Icon size={20} strokeWidth={1.7} aria-hidden />
      <span className="max-lg:sr-only">{name}</span>
    </NavLink>
  )
}
