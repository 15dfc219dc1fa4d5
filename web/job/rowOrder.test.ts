import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { movedTo, orderChanges } from './rowOrder.js'

describe('an order made by hand', () => {
  test('moving keeps every member, puts one where it was asked, and moving it back restores the list', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.integer(), { minLength: 1, maxLength: 12 }),
        fc.nat(),
        fc.nat(),
        (list, a, b) => {
          const [from, to] = [a % list.length, b % list.length]
          const moved = movedTo(list, from, to)
          expect([...moved].sort()).toEqual([...list].sort())
          expect(moved[to]).toBe(list[from])
          expect(movedTo(moved, to, from)).toEqual(list)
        },
      ),
    )
  })

  test('what is written gives the rows the order asked for, and nothing when it is theirs already', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.nat({ max: 50 }), { minLength: 1, maxLength: 10 }),
        fc.integer({ min: 0, max: 9 }),
        fc.integer({ min: 0, max: 9 }),
        (positions, a, b) => {
          const rows = positions.map((position, i) => ({ id: `r${i}`, position }))
          const now = [...rows].sort((x, y) => x.position - y.position).map((r) => r.id)
          expect(orderChanges('items', rows, now)).toEqual([])
          const wanted = movedTo(now, a % now.length, b % now.length)
          const changes = orderChanges('items', rows, wanted)
          const after = rows.map((r) => {
            const change = changes.find((c) => 'set' in c && c.id === r.id)
            return { ...r, ...(change && 'set' in change ? (change.set as { position: number }) : {}) }
          })
          expect([...after].sort((x, y) => x.position - y.position).map((r) => r.id)).toEqual(wanted)
        },
      ),
    )
  })
})
