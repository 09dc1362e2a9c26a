import { useQuery } from '@tanstack/react-query'
import { ask } from '../../../api/ask'
import { useClass } from '../../../lib/classContext'
import { useUrl } from '../../../lib/useUrl'
import { Choice, Flag, Pick, Row } from '../filters'
import { useSounds } from '../../../lib/sounds'

const KEYS = ['text', 'rule', 'condition', 'sound', 'grapheme', 'words', 'kind', 'names', 'taught']
const KINDS = [
  ['STATEMENT', 'statements'],
  ['QUESTION', 'questions'],
  ['EXCLAMATION', 'exclamations'],
] as const
const LENGTHS = [
  ['', 'any'],
  ['3-5', '3–5'],
  ['6-7', '6–7'],
  ['8-10', '8–10'],
] as const

/** All filters of the sentences; each is in the address. */
export function SentenceFilters() {
  const say = useSounds()
  const { accent } = useClass()
  const url = useUrl()
  const rules = useQuery(ask('get', '/api/rules', { params: { query: { accent } } }))
  const sounds = useQuery(ask('get', '/api/sounds', { params: { query: { accent } } }))
  const rule = rules.data?.find((r) => r.id === url.get('rule'))
  const sound = sounds.data?.find((s) => s.phoneme === url.get('sound'))
  const set = (values: Record<string, string>) => url.set({ ...values, shown: '' })
  return (
    <form aria-label="Filters" className="flex flex-col gap-1.5 pr-1" onSubmit={(e) => e.preventDefault()}>
      <label className="flex flex-col gap-0.5">
        <span className="mute text-small">Letters in it</span>
        <input className="input input-sm w-full font-word text-body" placeholder="seal" maxLength={40} value={url.get('text')} onChange={(e) => set({ text: e.target.value })} />
      </label>
      <Row label="Rule">
        <Pick name="Rule" value={url.get('rule')} change={(id) => set({ rule: id, condition: '' })}>
          {(rules.data ?? []).map((r) => [r.id, r.name] as const)}
        </Pick>
      </Row>
      {rule ? (
        <Row label="Where">
          <Pick name="Condition" value={url.get('condition')} change={(condition) => set({ condition })}>
            {rule.conditions.map((c) => [c.id, c.says] as const)}
          </Pick>
        </Row>
      ) : null}
      <Row label="Sound">
        <Pick name="Sound" value={url.get('sound')} change={(phoneme) => set({ sound: phoneme, grapheme: '' })}>
          {(sounds.data ?? []).map((s) => [s.phoneme, `${say(s.phoneme)}  ${s.keyword}`] as const)}
        </Pick>
      </Row>
      {sound ? (
        <Row label="Spelling">
          <Pick name="Spelling" value={url.get('grapheme')} change={(grapheme) => set({ grapheme })}>
            {sound.graphemes.map((g) => [g.grapheme, g.grapheme.replace('_', '-')] as const)}
          </Pick>
        </Row>
      ) : null}
      <Row label="Words">
        <Choice name="Number of words" options={LENGTHS} value={url.get('words')} change={(words) => set({ words })} />
      </Row>
      <Row label="Kind">
        <Pick name="Kind" value={url.get('kind')} change={(kind) => set({ kind })}>
          {KINDS}
        </Pick>
      </Row>
      <Row label="Names">
        <Choice name="Names" options={[['', 'any'], ['yes', 'with'], ['no', 'without']]} value={url.get('names')} change={(names) => set({ names })} />
      </Row>
      <div className="flex flex-wrap gap-1 pt-1">
        <Flag on={url.get('taught') !== 'all'} label="only what is taught" toggle={() => set({ taught: url.get('taught') === 'all' ? '' : 'all' })} />
        <Flag on={url.get('phrases') === 'yes'} label="in phrases" toggle={(phrases) => url.set({ phrases })} />
      </div>
      <button type="button" className="btn btn-sm mt-1" disabled={!KEYS.some((k) => url.get(k))} onClick={() => set(Object.fromEntries(KEYS.map((k) => [k, ''])))}>
        Clear all filters
      </button>
    </form>
  )
}
