import { useQuery, useQueryClient } from '@tanstack/react-query'
import { AudioLines, BookOpenCheck, CalendarDays, Library, ListChecks, Mic, PencilLine, UsersRound, type LucideIcon } from 'lucide-react'
import { NavLink, Outlet, useNavigate, useParams } from 'react-router'
import { api, type SchoolClass } from '../api/client'

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
] as const

/** Top bar and rail around every page of a class. */
export function Frame({ classes, user }: { classes: readonly SchoolClass[]; user: string }) {
  const { classId } = useParams()
  const navigate = useNavigate()
  const queries = useQueryClient()
  const accents = useQuery({ queryKey: ['accents'], queryFn: api.accents, staleTime: Infinity })
  const open = classes.find((c) => String(c.id) === classId) ?? classes[0]
  if (!open) return null
  const leave = async () => {
    await api.logOut()
    queries.clear()
    await navigate('/')
  }
  return (
    <div className="h-screen grid grid-cols-[84px_1fr] grid-rows-[52px_1fr] overflow-hidden">
      <header className="col-span-2 flex items-center gap-4 px-4 bg-base-100 border-b border-base-300">
        <span className="font-word font-bold text-xl text-primary">
          dett<span className="border-b-3 border-accent">at</span>o
        </span>
        <label className="sr-only" htmlFor="class">
          Class
        </label>
        <select
          id="class"
          className="select select-sm w-auto pr-8"
          value={open.id}
          onChange={(e) => void navigate(`/class/${e.target.value}/week`)}
        >
          {classes.map((c) => (
            <option key={c.id} value={c.id}>
              {c.name}
            </option>
          ))}
        </select>
        <span className="mute text-sm">
          {open.pupils.length} children · {accents.data?.find((a) => a.id === open.accent)?.name ?? open.accent}
        </span>
        <button type="button" className="btn btn-sm btn-ghost ml-auto" onClick={() => void leave()}>
          {user} · log out
        </button>
      </header>
      <nav aria-label="Pages" className="bg-base-100 border-r border-base-300 flex flex-col gap-1 p-2">
        {PAGES.map((page) => (
          <RailLink key={page.path} classId={open.id} {...page} />
        ))}
        <h2 className="mute text-xs text-center border-t border-base-300 mt-2 pt-2">Shelf</h2>
        {SHELF.map((page) => (
          <RailLink key={page.path} classId={open.id} {...page} />
        ))}
      </nav>
      <main className="min-w-0 min-h-0 overflow-auto p-4 flex flex-col gap-3">
        <Outlet context={open} />
      </main>
    </div>
  )
}

function RailLink({ classId, path, name, Icon }: { classId: number; path: string; name: string; Icon: LucideIcon }) {
  return (
    <NavLink
      to={`/class/${classId}/${path}`}
      className={({ isActive }) =>
        `flex flex-col items-center gap-1 py-2 rounded-xl text-[13px] ${isActive ? 'bg-primary text-primary-content' : 'mute hover:bg-base-200'}`
      }
    >
      <Icon size={20} strokeWidth={1.7} aria-hidden />
      {name}
    </NavLink>
  )
}
