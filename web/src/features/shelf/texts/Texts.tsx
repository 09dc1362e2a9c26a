import { useUrl } from '../../../lib/useUrl'
import { Head } from '../../../ui/Parts'
import { Chains } from './Chains'
import { CheckText } from './CheckText'
import { MinimalPairs } from './MinimalPairs'
import { Passages } from './Passages'
import { Sentences } from './Sentences'

const VIEWS = [
  ['', 'Sentences'],
  ['read', 'To read and hunt'],
  ['check', 'Check a text'],
  ['chains', 'Chains'],
  ['pairs', 'Pairs'],
] as const

/** Sentences to dictate, a check of any text, and words one sound apart. */
export function Texts() {
  const url = useUrl()
  const view = url.get('view')
  return (
    <>
      <Head title="Texts">
        <div role="group" aria-label="What to look for" className="join">
          {VIEWS.map(([id, name]) => (
            <button key={id} type="button" aria-pressed={view === id} className={`btn btn-sm join-item ${view === id ? 'btn-primary' : ''}`} onClick={() => url.set({ view: id })}>
              {name}
            </button>
          ))}
        </div>
      </Head>
      {view === 'read' ? <Passages /> : view === 'check' ? <CheckText /> : view === 'chains' ? <Chains /> : view === 'pairs' ? <MinimalPairs /> : <Sentences />}
    </>
  )
}
