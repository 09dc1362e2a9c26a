import { useQuery } from '@tanstack/react-query'
import { ask } from '../../api/queries'
import { useClass } from '../../lib/classContext'
import { Failed, Head, Loading } from '../../ui/Parts'
import { Children } from './Children'
import { OwnTemplates } from './OwnTemplates'
import { ProfileForm } from './ProfileForm'
import { Teachers } from './Teachers'

/** The class: its children, how far it has come, what counts as a pattern, who teaches it. */
export function ClassPage() {
  const { id, name } = useClass()
  const profile = useQuery(ask.profile(id))
  return (
    <>
      <Head title={name} note="every change is kept at once" />
      <div className="grid grid-cols-1 lg:grid-cols-[1fr_1fr] gap-4 min-h-0 grow max-lg:min-h-fit">
        <Children />
        <div className="flex flex-col gap-4 min-h-0 overflow-auto max-lg:min-h-fit">
          {profile.isPending ? <Loading rows={5} /> : null}
          {profile.isError ? <Failed error={profile.error} retry={() => void profile.refetch()} /> : null}
          {profile.data ? <ProfileForm profile={profile.data} /> : null}
          <OwnTemplates />
          <Teachers />
        </div>
      </div>
    </>
  )
}
