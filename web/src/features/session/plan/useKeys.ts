import { useEffect, useRef } from 'react'
import { useHotkeys } from 'react-hotkeys-hook'
import type { Session } from '../../../api/client'
import { dropped, inBlock, without, type PlannedBlock } from './plan'
import type { SheetActions } from './useSheet'
import type { PlanEdit } from './usePlan'

/**
 * The keys of the sheet: arrows go through the items of the open block; S swaps the one that has the focus, Delete
 * drops it; O is for a word of her own, F fills, T drops what does not fit the time, + adds a block; Ctrl Z undoes, but
 * not while a text is typed.
 */
export function useKeys(session: Session, plan: PlanEdit, actions: SheetActions, open: PlannedBlock | undefined) {
  const last = useRef(-1)
  const go = (by: 1 | -1) => {
    const rows = rowsOf(open)
    const at = rows.findIndex((r) => r.contains(document.activeElement))
    const elsewhere = at < 0 && document.activeElement !== document.body
    if (elsewhere || rows.length === 0) return
    const to = at < 0 ? Math.max(0, last.current) : at + by
    last.current = Math.min(Math.max(to, 0), rows.length - 1)
    rows[last.current]?.focus()
  }
  const onItem = (work: (block: PlannedBlock, text: string) => void) => () => {
    const text = rowsOf(open).find((r) => r.contains(document.activeElement))?.dataset.item
    if (open && text !== undefined) work(open, text)
  }
  useHotkeys('down', () => go(1))
  useHotkeys('up', () => go(-1))
  useHotkeys(
    's',
    onItem((block, text) => {
      const item = block.items.find((i) => i.text === text)
      if (item) actions.swap(block, item)
    }),
  )
  useHotkeys('delete', onItem((block, text) => plan.change(inBlock(block.id, dropped(text)))))
  useHotkeys('f', actions.fill)
  useHotkeys('t', () => (session.drops.length > 0 ? plan.change(without(session.drops)) : undefined))
  useHotkeys('o', () => document.querySelector<HTMLElement>(`[data-block="${open?.id}"] [data-own]`)?.focus(), { preventDefault: true })
  useHotkeys('+', () => document.querySelector<HTMLElement>('[data-add-block]')?.focus(), { useKey: true, preventDefault: true, splitKey: ' ' })
  const { undo, redo } = plan
  useEffect(() => {
    const key = (e: KeyboardEvent) => {
      const typing = e.target instanceof HTMLElement && e.target.matches('input, textarea, select')
      if (typing || !(e.ctrlKey || e.metaKey) || e.key.toLowerCase() !== 'z') return
      e.preventDefault()
      if (e.shiftKey) redo?.()
      else undo?.()
    }
    document.addEventListener('keydown', key)
    return () => document.removeEventListener('keydown', key)
  }, [undo, redo])
}

function rowsOf(block: PlannedBlock | undefined): HTMLElement[] {
  return [...document.querySelectorAll<HTMLElement>(`[data-block="${block?.id}"] [data-item]`)]
}
