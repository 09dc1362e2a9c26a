import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useRef, useState, type KeyboardEvent } from 'react'
import { Link, useParams, useSearchParams } from 'react-router'
import { api, type AttemptState, type Dictation } from '../../api/client'
import { useClass } from '../../app/classContext'
import { Failed, Head, Key, Loading } from '../../ui/Parts'
import { spokenMark, Written } from '../../ui/Strip'
import { dayName } from '../week/days'
import { arrow, nextPaper, nextWord, shorthand, type Spot } from './keys'
import { Panel } from './Panel'
import { cellOf, useMarking, type Entry } from './useMarking'

/** Papers down, words across: type what each child wrote, see the marks as you type. */
export function MarkPage() {
  const { id } = useParams()
  const dictation = useQuery({
    queryKey: ['marking', Number(id)],
    queryFn: () => api.dictation(Number(id)),
    staleTime: Infinity,
    gcTime: 0,
  })
  if (dictation.isPending) return <Loading rows={10} />
  if (dictation.isError) return <Failed error={dictation.error} retry={() => void dictation.refetch()} />
  return <Grid key={dictation.data.id} dictation={dictation.data} />
}

/** The grid, one cell of it open; which one is kept in the address. */
function Grid({ dictation }: { dictation: Dictation }) {
  const { id: classId } = useClass()
  const queries = useQueryClient()
  const [params, setParams] = useSearchParams()
  const input = useRef<HTMLInputElement>(null)
  const gone = useRef(false)
  const save = useCallback(
    async (pupilId: number, itemId: number, written: string, state: AttemptState) => {
      const cell = await api.type(dictation.id, pupilId, itemId, written, state)
      if (gone.current) void queries.invalidateQueries({ queryKey: ['map', classId] })
      return cell
    },
    [dictation.id, classId, queries],
  )
  const marking = useMarking(dictation, save)
  const size = { rows: dictation.papers.length, columns: dictation.items.length }
  const done = (row: number) => {
    const pupil = dictation.papers[row]?.pupil.id ?? 0
    return dictation.items.every((i) => marking.entry(pupil, i.id).at !== 'empty')
  }
  const firstOpen = dictation.papers.findIndex((_, row) => !done(row))
  const [spot, go] = useState<Spot>(() => readSpot(params.get('at')) ?? { row: Math.max(0, firstOpen), column: 0 })
  const pupil = dictation.papers[spot.row]?.pupil
  const item = dictation.items[spot.column]
  const open = pupil && item ? marking.entry(pupil.id, item.id) : undefined

  // The address follows the open cell, so that a reload stays there.
  useEffect(() => {
    setParams({ at: `${spot.row + 1}.${spot.column + 1}` }, { replace: true })
    // eslint-disable-next-line react-hooks/exhaustive-deps -- setParams is new with every address
  }, [spot])
  useEffect(() => {
    input.current?.focus()
    input.current?.select()
    input.current?.scrollIntoView({ block: 'nearest' })
  }, [spot.row, spot.column])
  // What is known of the children is counted anew with each paper, not with each key.
  useEffect(() => {
    void queries.invalidateQueries({ queryKey: ['map', classId] })
  }, [spot.row, classId, queries])
  useEffect(() => {
    gone.current = false
    return () => {
      gone.current = true
      void queries.invalidateQueries({ queryKey: ['map', classId] })
      void queries.invalidateQueries({ queryKey: ['dictations'] })
    }
  }, [classId, queries])

  if (!pupil || !item || !open) {
    return (
      <div className="sheet p-6">
        <p className="mb-3">This dictation has no words yet.</p>
        <Link className="btn btn-primary" to={`/class/${classId}/prepare/${dictation.id}`}>
          Choose words
        </Link>
      </div>
    )
  }

  const text = textOf(open)
  const shortcut = (key: string) => {
    const means = shorthand(key)
    if (!means) return false
    if (means === 'right') void marking.keep(pupil.id, item.id, item.word, 'WRITTEN')
    if (means === 'blank') void marking.keep(pupil.id, item.id, '', 'BLANK')
    if (means === 'unsure') void marking.keep(pupil.id, item.id, text, 'UNSURE')
    if (means === 'away') dictation.items.forEach((i) => void marking.keep(pupil.id, i.id, '', 'ABSENT'))
    go(means === 'away' ? nextPaper(spot, size) : nextWord(spot, size))
    return true
  }
  const onKey = (e: KeyboardEvent<HTMLInputElement>) => {
    if (e.key === 'Enter') {
      e.preventDefault()
      if (open.at === 'typing') void marking.keep(pupil.id, item.id, text, text ? 'WRITTEN' : 'BLANK')
      go(e.ctrlKey ? nextPaper(spot, size) : nextWord(spot, size))
      return
    }
    const caret = e.currentTarget
    const whole = caret.selectionStart === 0 && caret.selectionEnd === text.length
    const leaves = e.key === 'ArrowUp' || e.key === 'ArrowDown' || ((e.key === 'ArrowLeft' || e.key === 'ArrowRight') && whole)
    const to = leaves ? arrow(spot, e.key, size) : undefined
    if (to) {
      e.preventDefault()
      if (open.at === 'typing') void marking.keep(pupil.id, item.id, text, text ? 'WRITTEN' : 'BLANK')
      go(to)
    } else if ((text === '' || whole || e.key === '?') && shortcut(e.key)) {
      e.preventDefault()
    }
  }
  const marked = dictation.papers.filter((_, row) => done(row)).length
  return (
    <>
      <Head title={`${dayName(dictation.date, true)} · ${dictation.ruleName}`}>
        <span className="mute">
          {marked} of {dictation.papers.length} papers
        </span>
        <progress className="progress progress-primary w-36" value={marked} max={dictation.papers.length} aria-label={`${marked} papers marked`} />
        <Link className="btn btn-sm btn-primary" to={`/class/${classId}/respond`}>
          What it says
        </Link>
      </Head>
      {marking.failed.length > 0 ? (
        <div role="alert" className="alert border-error bg-base-100 py-2">
          {marking.failed.length} not kept yet: {marking.failed[0]?.why} They stay here as typed.
          <button type="button" className="btn btn-sm" onClick={marking.retry}>
            Keep them now
          </button>
        </div>
      ) : null}
      <div className="grid grid-cols-[1fr_318px] gap-4 min-h-0 grow">
        <div className="sheet overflow-auto min-h-0 px-2">
          <table className="w-full table-fixed border-collapse text-[14.5px]" aria-label="Papers and words">
            <thead>
              <tr className="font-word">
                <th scope="col" className="w-24 text-left sticky top-0 bg-base-100 z-10 py-1">
                  <span className="sr-only">Child</span>
                </th>
                {dictation.items.map((i) => (
                  <th key={i.id} scope="col" className="sticky top-0 bg-base-100 z-10 truncate border-b border-base-300 py-1 text-[14px]">
                    {i.word}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {dictation.papers.map((paper, row) => (
                <tr key={paper.pupil.id} className={row === spot.row ? 'soft' : ''}>
                  <th scope="row" className="text-left font-semibold text-[13px] pl-1 h-[21px] leading-none">
                    {paper.pupil.name} <span className="text-primary">{done(row) ? '✓' : ''}</span>
                  </th>
                  {dictation.items.map((i, column) => {
                    const here = row === spot.row && column === spot.column
                    return (
                      <td key={i.id} className="border-b border-base-300 text-center p-0 overflow-hidden">
                        {here ? (
                          <input
                            ref={input}
                            className="w-full text-center font-word bg-base-100 border-2 border-primary rounded outline-none h-[21px] block leading-none"
                            aria-label={`${paper.pupil.name}: ${i.word}`}
                            value={text}
                            spellCheck={false}
                            autoCapitalize="off"
                            autoComplete="off"
                            onChange={(e) => marking.type(pupil.id, item.id, e.target.value)}
                            onKeyDown={onKey}
                          />
                        ) : (
                          <button
                            type="button"
                            tabIndex={-1}
                            className="block w-full h-[21px] leading-[19px] overflow-hidden whitespace-nowrap"
                            aria-label={`${paper.pupil.name}, ${i.word}: ${spoken(marking.entry(paper.pupil.id, i.id))}`}
                            onClick={() => go({ row, column })}
                          >
                            <Shown entry={marking.entry(paper.pupil.id, i.id)} />
                          </button>
                        )}
                      </td>
                    )
                  })}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
        <Panel pupil={pupil} item={item} entry={open} dictation={dictation} entryOf={marking.entry} replace={marking.replace} />
      </div>
      <footer className="flex items-center gap-4 mute text-sm">
        <span><Key>Enter</Key> next word</span>
        <span><Key>=</Key> right</span>
        <span><Key>-</Key> blank</span>
        <span><Key>!</Key> away</span>
        <span><Key>?</Key> not sure</span>
        <span><Key>Ctrl Enter</Key> next paper</span>
        <span className="ml-auto">every keystroke is kept</span>
      </footer>
    </>
  )
}

function readSpot(at: string | null): Spot | undefined {
  const [row, column] = (at ?? '').split('.').map(Number)
  return row && column ? { row: row - 1, column: column - 1 } : undefined
}

function textOf(entry: Entry): string {
  switch (entry.at) {
    case 'empty':
      return ''
    case 'kept':
      return entry.cell.written
    case 'typing':
    case 'failed':
      return entry.text
  }
}

/** A cell that is not open: a dot when all is well. */
function Shown({ entry }: { entry: Entry }) {
  if (entry.at === 'empty') return null
  if (entry.at === 'failed') return <span className="font-word text-error">{entry.text}!</span>
  const cell = cellOf(entry)
  if (!cell) return <span className="font-word">{textOf(entry)}</span>
  if (cell.state === 'ABSENT') return <em className="mute text-xs">away</em>
  if (cell.state === 'BLANK') return <span className="mute">–</span>
  if (cell.state === 'UNSURE') return <span className="mute">{cell.written}?</span>
  if (!cell.mark || cell.mark.result === 'RIGHT' || cell.override === 'RIGHT') return <span className="mute">{cell.override ? '◦' : '•'}</span>
  return <Written mark={cell.mark} />
}

function spoken(entry: Entry): string {
  const cell = cellOf(entry)
  if (!cell) return entry.at === 'empty' ? 'empty' : textOf(entry)
  if (cell.state !== 'WRITTEN') return cell.state.toLowerCase()
  return cell.mark && cell.mark.result !== 'RIGHT' ? `${cell.written}, ${spokenMark(cell.mark)}` : 'right'
}
