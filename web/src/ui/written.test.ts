import { expect, test } from 'vitest'
import type { Mark, MarkedUnit } from '../api/client'
import { piecesOf } from './written'

const unit = (grapheme: string, written: string): MarkedUnit => ({ phoneme: '?', grapheme, written, verdict: written === grapheme ? 'EXACT' : written ? 'ALTERNATIVE' : 'MISSING' })
const mark = (attempt: string, units: MarkedUnit[], extra: Mark['extra'] = []): Mark => ({ target: '?', attempt, result: 'READS_OTHERWISE', units, extra, swapped: [], rules: [], facts: [], rivals: [], readsAs: '' }) as unknown as Mark

test.each([
  ['the e of a split vowel after the letters it stands around', mark('licke', [unit('l', 'l'), unit('i_e', 'i_e'), unit('k', 'ck')]), ['l', 'i', 'ck', 'e']],
  ['an e at the end of a word that ends in its vowel', mark('nine', [unit('n', 'n'), unit('i_e', 'i_e'), unit('n', 'n')]), ['n', 'i', 'n', 'e']],
  ['a lost sound as nothing, in its place', mark('looed', [unit('l', 'l'), unit('oo', 'oo'), unit('k', ''), unit('ed', 'ed')]), ['l', 'oo', '', 'ed']],
  ['added letters where they stand', mark('loocked', [unit('l', 'l'), unit('oo', 'oo'), unit('k', 'k'), unit('ed', 'ed')], [{ written: 'c', before: 2 }]), ['l', 'oo', 'c', 'k', 'ed']],
  ['capitals and signs as they were written', mark("Do'nt", [unit('d', 'd'), unit('o', 'o'), unit('n', 'n'), unit('t', 't')]), ['D', 'o', "'n", 't']],
  ['a sign at the end', mark('cat.', [unit('c', 'c'), unit('a', 'a'), unit('t', 't')]), ['c', 'a', 't', '.']],
])('draws %s', (_, of, texts) => {
  const pieces = piecesOf(of)
  expect(pieces?.map((p) => p.text)).toEqual(texts)
  expect(pieces?.map((p) => p.text).join('')).toBe(of.attempt)
})

test('a mark whose letters are not those of the attempt is drawn as the attempt', () => {
  expect(piecesOf(mark('kaek', [unit('c', 'k'), unit('a_e', 'a_e'), unit('k', 'k')]))).toBeUndefined()
})
