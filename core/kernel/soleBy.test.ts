import fc from 'fast-check'
import { expect, test } from 'vitest'
import { soleBy } from './soleBy.js'

test('whatever the rows and their order: found under its key is the row no other shares it with', () => {
  fc.assert(
    fc.property(fc.array(fc.constantFrom('', 'a', 'b', 'c', 'd')), (keys) => {
      const rows = keys.map((key, n) => ({ key, n }))
      const wanted = rows.filter((r) => r.key !== '' && keys.filter((k) => k === r.key).length === 1)
      const found = soleBy(rows, (r) => r.key)
      expect(new Map([...found].sort())).toEqual(new Map(wanted.map((r) => [r.key, r] as const).sort()))
      expect([...soleBy([...rows].reverse(), (r) => r.key).keys()].sort()).toEqual([...found.keys()].sort())
    }),
  )
})
