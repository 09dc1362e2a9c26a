import { useQuery } from '@tanstack/react-query'
import type { CardView } from '../../../api/client'
import { ask, inPath } from '../../../api/ask'
import { useClass } from '../../../lib/classContext'
import { useUrl } from '../../../lib/useUrl'
import { Empty } from '../../../ui/Empty'
import { Failed, Head, Loading, Tag } from '../../../ui/Parts'
import { Toggle } from '../../../ui/Toggle'
import { counted } from '../../../ui/words'
import { useTerms } from '../../../lib/terms'

const KINDS: readonly (readonly [CardView['kind'], string, string])[] = [
  ['GRAPHEME', 'letters', 'say the sound'],
  ['SOUND', 'sounds', 'say every spelling'],
  ['ENDING', 'endings', 'say the ending'],
  ['IRREGULAR', 'words', 'spell it by heart'],
]

const STATES: readonly (readonly [string, string, (c: CardView) => boolean])[] = [
  ['next', 'dealt next', (c) => c.dealt],
  ['back', 'missed last time', (c) => c.state === 'BACK'],
  ['awake', 'not secure yet', (c) => c.state === 'AWAKE'],
  ['asleep', 'asleep', (c) => c.state === 'ASLEEP'],
  ['new', 'not asked yet', (c) => c.state === 'NEW'],
  ['all', 'all', () => true],
]

/** The class's deck: what is dealt next, what sleeps, and why. */
export function DeckPage() {
  const { id } = useClass()
  const url = useUrl()
  const inTerms = useTerms()
  const deck = useQuery(ask('get', '/api/classes/{id}/deck', inPath({ id })))
  if (deck.isPending) return <Loading />
  if (deck.isError) return <Failed error={deck.error} retry={() => void deck.refetch()} />
  const { cards, secure } = deck.data
  if (cards.length === 0) return <Empty says="No cards yet: they come with what the class is taught. Say on Class how far it is." />
  const kind = url.get('kind')
  const state = url.get('state') || 'next'
  const fits = STATES.find(([s]) => s === state)?.[2] ?? (() => true)
  const shown = cards.filter((c) => (!kind || c.kind === kind) && fits(c))
  return (
    <>
      <Head title="The deck" note={counted(cards.length, 'card')}>
        {KINDS.map(([k, name]) => (
          <Toggle key={k} on={kind === k} label={inTerms(name)} toggle={() => url.set({ kind: kind === k ? '' : k })} />
        ))}
      </Head>
      <div role="group" aria-label="Which cards" className="flex flex-wrap gap-2">
        {STATES.map(([s, name, test]) => (
          <button key={s} type="button" aria-pressed={state === s} className={`btn btn-sm ${state === s ? 'btn-primary' : ''}`} onClick={() => url.set({ state: s === 'next' ? '' : s })}>
            {name} <span className="opacity-70">{cards.filter((c) => test(c) && (!kind || c.kind === kind)).length}</span>
          </button>
        ))}
      </div>
      <p className="mute text-small">
        A card that is right on {counted(secure, 'different day')} sleeps: it is asked once a week. A stumble, noted with X while you give it, wakes it. {inTerms('Endings')} never sleep. Put a block of cards on a sheet to deal them.
      </p>
      {shown.length === 0 ? (
        <p className="mute p-4">No card is here now.</p>
      ) : (
        // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- what scrolls can be scrolled by keyboard
        <ul tabIndex={0} aria-label="Cards" className="relative grid grid-cols-2 md:grid-cols-3 lg:grid-cols-4 xl:grid-cols-5 gap-3 overflow-auto min-h-0 content-start">
          {shown.map((c) => (
            <Card key={c.kind + c.front} card={c} />
          ))}
        </ul>
      )}
    </>
  )
}

const TONES = { NEW: 'plain', AWAKE: 'gold', BACK: 'plum', ASLEEP: 'lagoon' } as const

function Card({ card: c }: { card: CardView }) {
  const asks = KINDS.find(([k]) => k === c.kind)?.[2] ?? ''
  return (
    <li className={`sheet p-3 flex flex-col gap-1 ${c.dealt ? 'border-primary' : ''}`}>
      <span className={`text-title ${c.kind === 'SOUND' ? 'font-ipa' : 'font-word'}`}>{c.front}</span>
      <span className={c.kind === 'GRAPHEME' ? 'font-ipa' : 'font-word'}>{c.back.replaceAll(';', ',')}</span>
      <span className="mute text-small">{asks}</span>
      <span className="mt-auto">
        <Tag tone={TONES[c.state]}>{c.why}</Tag>
      </span>
    </li>
  )
}
