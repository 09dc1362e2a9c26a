import { readFileSync, readdirSync } from 'node:fs'
import { join } from 'node:path'
import ts from 'typescript'
import { expect, test } from 'vitest'

const MOST = 80

function files(folder: string): string[] {
  return readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((name) => name.endsWith('.tsx') && !name.includes('.test.'))
    .map((name) => join(folder, name))
}

/** How many lines each component of a file takes, by its name. */
function components(file: string): [string, number][] {
  const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true, ts.ScriptKind.TSX)
  const line = (at: number) => source.getLineAndCharacterOfPosition(at).line
  return source.statements
    .filter((s): s is ts.FunctionDeclaration => ts.isFunctionDeclaration(s) && /^[A-Z]/.test(s.name?.text ?? ''))
    .map((f) => [f.name?.text ?? '', line(f.end) - line(f.getStart()) + 1])
}

test('no component is longer than a screen of lines: it is made of others', () => {
  const all = files(join(import.meta.dirname, '..')).flatMap(components)
  expect(all.length).toBeGreaterThan(150)
  expect(all.filter(([, lines]) => lines > MOST)).toEqual([])
})
