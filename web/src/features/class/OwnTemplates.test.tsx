import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, test } from 'vitest'
import type { Template } from '../../api/client'
import { show } from '../../test/page'
import { answer, askedOf, noContent, problem } from '../../test/server'
import { OwnTemplates } from './OwnTemplates'

const ours: Template = { id: 'short', name: 'Short', says: '', minutes: 15, blocks: [] }
const own: Template = { id: 'own-7', name: 'Monday mix', says: '', minutes: 20, blocks: [{ kind: 'words', count: 6, role: 'FOCUS', day: 1 }, { kind: 'gap', count: 3, role: 'FOCUS', day: 1 }] }

beforeEach(() => {
  answer('get', '/api/templates', [ours, own])
  answer('put', '/api/templates/own-7', own)
})

const sent = () => askedOf('put', '/api/templates/own-7').map((a) => a.body as { blocks: unknown[]; name: string })

test('shows the own ones alone, and keeps what is changed of them', async () => {
  show(<OwnTemplates />, '/class', '/class')
  await userEvent.click(await screen.findByRole('button', { name: /^Monday mix 6 words, 3 gap sentences/ }))
  expect(screen.queryByText('Short')).toBeNull()
  await userEvent.selectOptions(screen.getByLabelText('What words are for'), 'due again')
  await waitFor(() => expect(sent()[0]?.blocks[0]).toEqual({ kind: 'words', count: 6, role: 'REVIEW', day: 1 }))
  await userEvent.selectOptions(screen.getByLabelText('Add a block to Monday mix'), 'Cards')
  await waitFor(() => expect(sent()[1]?.blocks).toHaveLength(3))
  await userEvent.click(screen.getByLabelText('Leave gap sentences out'))
  await waitFor(() => expect(sent()[2]?.blocks).toHaveLength(1))
  await userEvent.clear(screen.getByLabelText('Name'))
  await userEvent.type(screen.getByLabelText('Name'), 'Tuesday mix')
  await userEvent.tab()
  await waitFor(() => expect(sent()[3]?.name).toBe('Tuesday mix'))
})

test('says why one stays as it is, and takes one away', async () => {
  answer('delete', '/api/templates/own-7', () => problem(403, 'Only a lead may change what a colleague made.'))
  show(<OwnTemplates />, '/class', '/class')
  await userEvent.click(await screen.findByLabelText('Take the template Monday mix away'))
  expect(await screen.findByText(/Only a lead/)).toBeDefined()
  answer('delete', '/api/templates/own-7', noContent)
  answer('get', '/api/templates', [ours])
  await userEvent.click(screen.getByLabelText('Take the template Monday mix away'))
  expect(await screen.findByText(/None yet/)).toBeDefined()
})
