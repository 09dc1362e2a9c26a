/// <reference types="node" />
import { readdirSync, readFileSync } from 'node:fs'
import { expect, test } from 'vitest'

const sources = readdirSync('src', { recursive: true, encoding: 'utf8' }).filter((f) => /\.tsx$/.test(f) && !/\.test\./.test(f))
const sizes = ['small', 'body', 'large', 'head', 'title', 'board']

test('type has six sizes, and none is made up on the spot', () => {
  const scale = [...readFileSync('src/index.css', 'utf8').matchAll(/--text-([a-z]+):/g)].map((m) => m[1])
  expect(scale).toEqual(sizes)
  const others = sources.flatMap((f) =>
    [...readFileSync(`src/${f}`, 'utf8').matchAll(/(?<![\w-])text-(?:xs|sm|base|lg|[2-9]?xl|\[[0-9.]+(?:px|rem)\])(?![\w-])/g)].map((m) => `${f}: ${m[0]}`),
  )
  expect(others).toEqual([])
})

test('nothing that is read stands under 13.5 pixels', () => {
  const [, smallest] = /--text-small: ([0-9.]+)px/.exec(readFileSync('src/index.css', 'utf8')) ?? []
  expect(Number(smallest)).toBeGreaterThanOrEqual(13.5)
})
