import type { ComponentType } from 'react'
import { useUrl } from '../../../lib/useUrl'
import { Head } from '../../../ui/Parts'
import { Chains } from './Chains'
import { CheckText } from './CheckText'
import { Exercises } from './Exercises'
import { MinimalPairs } from './MinimalPairs'
import { Passages } from './Passages'
import { Sentences } from './Sentences'

const VIEWS = [
  ['', 'Sentences'],
  ['read', 'To read and hunt'],
  ['check', 'Check a text'],
  ['chains', 'Chains'],
  ['pairs', 'Pairs'],
  ['exercises', 'Exercises'],
] as const

const SHOWN: Record<string, ComponentType> = { read: Passages, check: CheckText, chains: Chains, pairs: MinimalPairs, exercises: Exercises }

/** Sentences to dictate, texts, a check of any text, words one sound apart, and exercises. */
export function Texts() {
  const url = useUrl()
  const view = url.get('view')
  const View = SHOWN[view] ?? Sentences
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
      <View />
    </>
  )
}
