import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { expect, test } from 'vitest'
import { isCollection, rowDef } from '@bonitas/core/model/registry'

// A field in a template is named by a string that no compiler reads: one that was renamed in its row would be shown empty
// and refused by the server.

const WEB = new URL('..', import.meta.url).pathname
const pages = readdirSync(WEB, { recursive: true, encoding: 'utf8' }).filter(
  (f) => f.endsWith('.vue') && !f.startsWith('dist'),
)
const named = pages.flatMap((file) => {
  const text = readFileSync(join(WEB, file), 'utf8')
  return [...text.matchAll(/<Row(?:Field|Choice|Check|Words)\b[^>]*>/g)].flatMap(([tag]) => {
    const collection = /(?<!:)\bcollection="(\w+)"/.exec(tag)?.[1]
    const field = /(?<!:)\bfield="(\w+)"/.exec(tag)?.[1]
    return collection && field ? [{ file, collection, field }] : []
  })
})

test('every field that a page names is one of its row', () => {
  expect(named.length).toBeGreaterThan(150)
  const unknown = named.filter(
    ({ collection, field }) => !isCollection(collection) || !(field in rowDef(collection).fields),
  )
  expect(unknown).toEqual([])
})
