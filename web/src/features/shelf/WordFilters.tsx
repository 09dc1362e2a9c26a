import { useQuery } from '@tanstack/react-query'
import { ask } from '../../api/ask'
import { useClass } from '../../lib/classContext'
import { graphemesOf } from '../../lib/turned'
import { useUrl } from '../../lib/useUrl'
import { Choice, Flag, Pick, Row } from './filters'
import { useTerms } from '../../lib/terms'
import { useSounds } from '../../lib/sounds'

const PLACES = [
  ['', 'any'],
  ['START', 'start'],
  ['MIDDLE', 'middle'],
  ['END', 'end'],
] as const
const COMMON = [
  ['', 'any'],
  ['1', 'the 1,000 commonest'],
  ['2', 'the 3,000 commonest'],
  ['3', 'the 8,000 commonest'],
  ['4', 'the 20,000 commonest'],
] as const
const ENDINGS = ['s', 'es', 'ed', 'ing', 'er', 'est', 'y', 'ly', 'ness', 'ful', 'less', 'ment']
const KEYS = ['pattern', 'sound', 'grapheme', 'place', 'sounds', 'beats', 'cluster', 'rule', 'side', 'common', 'taught', 'alike', 'joined', 'ending']

/** All filters of the word list; each is in the address. */
export function WordFilters() {
  const say = useSounds()
  const { accent } = useClass()
  const url = useUrl()
  const inTerms = useTerms()
  const sounds = useQuery(ask('get', '/api/sounds', { params: { query: { accent } } }))
  const rules = useQuery(ask('get', '/api/rules', { params: { query: { accent } } }))
  const chosen = sounds.data?.find((s) => s.phoneme === url.get('sound'))
  const graphemes = chosen ? chosen.graphemes.map((g) => g.grapheme) : graphemesOf(sounds.data ?? []).map((g) => g.grapheme)
  const any = KEYS.some((k) => url.get(k))
  return (
    <form aria-label="Filters" className="flex flex-col gap-1.5 min-h-0 overflow-auto pr-1" onSubmit={(e) => e.preventDefault()}>
      <label className="flex flex-col gap-0.5">
        <span className="mute text-small">Letters: ? is one, * is any</span>
        <input
          className="input input-sm w-full font-word text-body"
          placeholder="*ight, c?t, shell"
          maxLength={40}
          value={url.get('pattern')}
          onChange={(e) => url.set({ pattern: e.target.value.trim(), shown: '' })}
        />
      </label>
      <Row label="Sound">
        <Pick name="Sound" value={url.get('sound')} change={(sound) => url.set({ sound, grapheme: '' })}>
          {(sounds.data ?? []).map((s) => [s.phoneme, `${say(s.phoneme)}  ${s.keyword}`] as const)}
        </Pick>
      </Row>
      <Row label="Spelling">
        <Pick name="Spelling" value={url.get('grapheme')} change={(grapheme) => url.set({ grapheme })}>
          {graphemes.map((g) => [g, g.replace('_', '-')] as const)}
        </Pick>
      </Row>
      <Row label="Place">
        <Choice name="Place" options={PLACES} value={url.get('place')} change={(place) => url.set({ place })} />
      </Row>
      <Row label="Sounds">
        <Pick name="Number of sounds" value={url.get('sounds')} change={(n) => url.set({ sounds: n })}>
          {['2', '3', '4', '5', '6', '7'].map((n) => [n, n === '7' ? '7 or more' : n] as const)}
        </Pick>
      </Row>
      <Row label={inTerms('Beats')}>
        <Choice name={inTerms('Beats')} options={[['', 'any'], ['1', '1'], ['2', '2'], ['3', '3+']]} value={url.get('beats')} change={(beats) => url.set({ beats })} />
      </Row>
      <Row label="Cluster">
        <Choice name="Cluster" options={PLACES} value={url.get('cluster')} change={(cluster) => url.set({ cluster })} />
      </Row>
      <Row label="Rule">
        <Pick name="Rule" value={url.get('rule')} change={(rule) => url.set({ rule, side: '' })}>
          {(rules.data ?? []).map((r) => [r.id, r.name] as const)}
        </Pick>
      </Row>
      {url.get('rule') ? (
        <Row label="Side">
          <Choice name="Side" options={[['', 'any'], ['DUE', 'due'], ['NOT_DUE', 'not due'], ['BY_HEART', 'by heart']]} value={url.get('side')} change={(side) => url.set({ side })} />
        </Row>
      ) : null}
      <Row label="Common">
        <Pick name="How common" value={url.get('common')} change={(common) => url.set({ common })}>
          {COMMON.slice(1)}
        </Pick>
      </Row>
      <Row label={inTerms('Ending')}>
        <Pick name={inTerms('Ending')} value={url.get('ending')} change={(ending) => url.set({ ending })}>
          {ENDINGS.map((e) => [e, `-${e}`] as const)}
        </Pick>
      </Row>
      <div className="flex flex-wrap gap-1 pt-1">
        <Flag on={Boolean(url.get('taught'))} label="taught so far" toggle={(v) => url.set({ taught: v })} />
        <Flag on={Boolean(url.get('alike'))} label="sound-alikes" toggle={(v) => url.set({ alike: v })} />
        <Flag on={Boolean(url.get('joined'))} label="two words in one" toggle={(v) => url.set({ joined: v })} />
      </div>
      <button type="button" className="btn btn-sm mt-1" disabled={!any} onClick={() => url.set(Object.fromEntries(KEYS.map((k) => [k, ''])))}>
        Clear all filters
      </button>
    </form>
  )
}
