import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { competing } from './competing.js'

const PLACES = 4
const reaches = fc.array(fc.uniqueArray(fc.nat({ max: PLACES - 1 }), { maxLength: PLACES }), { maxLength: 7 })
const serving = fc.integer({ min: 1, max: 3 })

/** The most that can be served at once, by trying everything. */
function most(reach: readonly (readonly number[])[], serves: number): number {
  const room = Array.from({ length: PLACES }, () => serves)
  const from = (thing: number): number => {
    const places = reach[thing]
    if (!places) return 0
    let best = from(thing + 1)
    for (const p of places) {
      if ((room[p] ?? 0) === 0) continue
      room[p]!--
      best = Math.max(best, 1 + from(thing + 1))
      room[p]!++
    }
    return best
  }
  return from(0)
}

describe('things that compete for places', () => {
  test('three at a place for two compete; a further place for one of them ends it', () => {
    expect(competing([[0], [0], [0]], 2)).toEqual([{ things: [0, 1, 2], places: [0] }])
    expect(competing([[0], [0], [0, 1]], 2)).toEqual([])
    expect(competing([[0, 1], [0], [0]], 2)).toEqual([])
  })
  test('those that reach the same full places are one group, others are another', () =>
    expect(competing([[0], [0], [1], [1], []], 1)).toEqual([
      { things: [0, 1], places: [0] },
      { things: [2, 3], places: [1] },
    ]))
  test('as many are too many as the best there is leaves over, and those in a group reach nothing beside it', () =>
    fc.assert(
      fc.property(reaches, serving, (reach, serves) => {
        const groups = competing(reach, serves)
        const over = groups.reduce((sum, g) => sum + g.things.length - serves * g.places.length, 0)
        expect(over).toBe(reach.filter((p) => p.length > 0).length - most(reach, serves))
        for (const g of groups)
          for (const thing of g.things) expect(g.places).toEqual(expect.arrayContaining([...reach[thing]!]))
      }),
    ))
  test('the order of things and of places changes nothing', () =>
    fc.assert(
      fc.property(reaches, serving, (reach, serves) => {
        const back = (i: number) => reach.length - 1 - i
        const turned = competing(
          [...reach].reverse().map((places) => [...places].reverse()),
          serves,
        ).map((g) => ({ ...g, things: g.things.map(back).sort((a, b) => a - b) }))
        const by = (a: { things: readonly number[] }, b: { things: readonly number[] }) =>
          (a.things[0] ?? 0) - (b.things[0] ?? 0)
        expect([...turned].sort(by)).toEqual([...competing(reach, serves)].sort(by))
      }),
    ))
})
