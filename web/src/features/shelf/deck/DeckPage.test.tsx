import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import type { CardView } from '../../../api/client'
import { show } from '../../../test/page'
import { answer, fail } from '../../../test/server'
import { DeckPage } from './DeckPage'

const card = (front: string, part: Partial<CardView>): CardView => ({ kind: 'GRAPHEME', front, back: 'ai as in rain', state: 'NEW', days: 0, due: true, dealt: false, why: 'new', ...part })

const cards = [card('ai', { dealt: true }), card('ay', { state: 'ASLEEP', due: false, why: 'asleep' }), card('said', { kind: 'IRREGULAR', back: 'by heart', state: 'BACK', why: 'missed last time', dealt: true })]

test('shows what is dealt next, what sleeps, and why', async () => {
  answer('get', '/api/classes/1/deck', { cards, secure: 3 })
  show(<DeckPage />, '/deck', '/deck')
  expect(await screen.findByText('ai')).toBeDefined()
  expect(screen.queryByText('ay')).toBeNull()
  await userEvent.click(screen.getByRole('button', { name: /^asleep 1/ }))
  expect(screen.getByText('ay')).toBeDefined()
  expect(screen.getByLabelText('address').textContent).toBe('/deck?state=asleep')
  await userEvent.click(screen.getByRole('button', { name: 'words' }))
  expect(screen.getByText('No card is here now.')).toBeDefined()
})

test('says where cards come from while there is none, and when they cannot be had', async () => {
  answer('get', '/api/classes/1/deck', { cards: [], secure: 3 })
  show(<DeckPage />, '/deck', '/deck')
  expect(await screen.findByText(/No cards yet/)).toBeDefined()
  fail('get', '/api/classes/1/deck', 500, 'The deck is away.')
  show(<DeckPage />, '/deck', '/deck')
  expect(await screen.findByText('The deck is away.')).toBeDefined()
})
