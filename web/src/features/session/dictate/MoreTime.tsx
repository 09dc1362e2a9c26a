import { useQuery } from '@tanstack/react-query'
import { ask, inPath } from '../../../api/ask'
import { useClass } from '../../../lib/classContext'

const HUNDRED = 100

/** Who has more time to write, and until when. */
export function MoreTime({ seconds }: { seconds: number }) {
  const { id } = useClass()
  const everyone = useQuery(ask('get', '/api/classes/{id}/pupils', inPath({ id })))
  const slower = everyone.data?.filter((e) => !e.to && e.extraTime > 0) ?? []
  if (slower.length === 0) return null
  return (
    <p className="mute text-large">
      More time: {slower.map((e) => `${e.name} ${Math.round((seconds * (HUNDRED + e.extraTime)) / HUNDRED)} s`).join(', ')}
    </p>
  )
}
