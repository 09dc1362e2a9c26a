import { useQuery } from '@tanstack/react-query'
import type { ReactNode } from 'react'
import type { Profile } from '../../api/client'
import { ask, inPath } from '../../api/ask'
import { useClass } from '../../lib/classContext'
import { useUrl } from '../../lib/useUrl'
import { Failed, Head, Loading } from '../../ui/Parts'
import { Children } from './Children'
import { MarksForm } from './MarksForm'
import { PathForm } from './PathForm'
import { OwnTemplates } from './OwnTemplates'
import { ProfileForm } from './ProfileForm'
import { Teachers } from './Teachers'
import { WayForm } from './WayForm'
import { TermsForm } from './TermsForm'

const PARTS = [
  ['', 'Children'],
  ['taught', 'What is taught'],
  ['way', 'How we work'],
  ['marks', 'Marks on words'],
  ['words', 'What we call it'],

] as const

/** The class: its children, how it works, how its words are marked. */
export function ClassPage() {
  const { name } = useClass()
  const url = useUrl()
  const shown = url.get('show')
  return (
    <>
      <Head title={name} note="every change is kept at once">
        <div role="tablist" aria-label="Parts of this page" className="tabs tabs-border">
          {PARTS.map(([id, title]) => (
            <button key={id} type="button" role="tab" className={`tab text-base-content! ${shown === id ? 'tab-active font-semibold' : ''}`} aria-selected={shown === id} onClick={() => url.set({ show: id })}>
              {title}
            </button>
          ))}
        </div>
      </Head>
      {shown === 'taught' ? <WithProfile>{(profile) => <PathForm profile={profile} />}</WithProfile> : null}
      {shown === 'way' ? <WithProfile>{(profile) => <WayForm profile={profile} />}</WithProfile> : null}
      {shown === 'marks' ? <WithProfile>{(profile) => <MarksForm profile={profile} />}</WithProfile> : null}
      {shown === 'words' ? <WithProfile>{(profile) => <TermsForm profile={profile} />}</WithProfile> : null}
      {shown === '' ? (
        <div className="grid grid-cols-1 lg:grid-cols-[1fr_1fr] gap-4 min-h-0 grow max-lg:min-h-fit">
          <Children />
          <div className="flex flex-col gap-4 min-h-0 overflow-auto max-lg:min-h-fit">
            <WithProfile>{(profile) => <ProfileForm profile={profile} />}</WithProfile>
            <OwnTemplates />
            <Teachers />
          </div>
        </div>
      ) : null}
    </>
  )
}

function WithProfile({ children }: { children: (profile: Profile) => ReactNode }) {
  const { id } = useClass()
  const profile = useQuery(ask('get', '/api/classes/{id}/profile', inPath({ id })))
  if (profile.isPending) return <Loading rows={5} />
  if (profile.isError) return <Failed error={profile.error} retry={() => void profile.refetch()} />
  return children(profile.data)
}
