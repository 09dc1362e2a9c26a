import { expect, test } from 'vitest'
import { ask, inPath, theClasses } from './ask'

test('a key is the address it is read from, so that all of a class or a session stands under it', () => {
  expect(ask('get', '/api/classes/{id}/map', inPath({ id: 3 })).queryKey).toEqual(['classes', 3, 'map'])
  expect(ask('get', '/api/sessions/{id}/papers', inPath({ id: 9 })).queryKey).toEqual(['sessions', 9, 'papers'])
  expect(ask('get', '/api/rules', { params: { query: { accent: 'en-GB' } } }).queryKey).toEqual(['rules', { accent: 'en-GB' }])
  expect(ask('post', '/api/texts/check', { body: { text: 'A gull.', accent: 'en-GB' } }).queryKey).toEqual(['texts', 'check', { text: 'A gull.', accent: 'en-GB' }])
})

test('the list of classes is asked for anew without all that is known of each', () => {
  expect(theClasses).toEqual({ queryKey: ['classes'], exact: true })
})
