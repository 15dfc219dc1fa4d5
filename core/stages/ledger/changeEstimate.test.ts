import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { changeEstimate, type AddedThing, type StandingThing } from './changeEstimate.js'

const thing = (name: string, costMinor: number, stays: boolean, fixed = false): StandingThing => ({
  id: name,
  name,
  costMinor,
  stays,
  fixed,
})
const comes = (name: string, costMinor: number, makesGood = false): AddedThing => ({
  id: name,
  name,
  costMinor,
  makesGood,
})

describe('C081 a change costs only what changes', () => {
  const first = [
    thing('floor', 310_000, true),
    thing('mouldings', 61_000, false, true),
    thing('curtains', 54_000, false),
    thing('table', 98_000, true),
    thing('light', 47_000, true),
    thing('chairs', 120_000, false),
  ]
  const added = [
    comes('paper', 61_000),
    comes('curtains', 28_500),
    comes('fill and paint', 14_800, true),
    comes('chairs', 34_000),
  ]
  const look = changeEstimate(first, added)
  test('change cost 1383.00', () => expect(look.costMinor).toBe(138_300))
  test('kept lines are listed at 0', () =>
    expect(
      look.lines.filter((l) => l.what === 'stays').map((l) => [l.name, l.firstMinor, l.costMinor]),
    ).toEqual([
      ['floor', 310_000, 0],
      ['table', 98_000, 0],
      ['light', 47_000, 0],
    ]))
  test('making good after the moulding is present; without it the moulding is named', () => {
    expect(look.unfixed).toEqual([])
    expect(
      changeEstimate(
        first,
        added.filter((a) => !a.makesGood),
      ).unfixed,
    ).toEqual(['mouldings'])
  })
  test('version 1 keeps its total', () => expect(look.firstMinor).toBe(690_000))
})

test('whatever stays, goes or comes: the cost is what comes, and the first look is what it was', () => {
  const money = fc.integer({ min: 0, max: 10_000_000 })
  fc.assert(
    fc.property(
      fc.array(fc.record({ costMinor: money, stays: fc.boolean(), fixed: fc.boolean() })),
      fc.array(fc.record({ costMinor: money, makesGood: fc.boolean(), leftOut: fc.boolean() })),
      (some, more) => {
        const first = some.map((s, n) => ({ id: `s${n}`, name: `s${n}`, ...s }))
        const added = more.map((a, n) => ({ id: `a${n}`, name: `a${n}`, ...a }))
        const look = changeEstimate(first, added)
        const sum = (list: readonly { costMinor: number }[]) => list.reduce((t, x) => t + x.costMinor, 0)
        const coming = added.filter((a) => !a.leftOut)
        expect(look.costMinor).toBe(sum(coming))
        expect(sum(look.lines)).toBe(sum(coming))
        expect(look.lines.reduce((t, l) => t + l.firstMinor, 0)).toBe(sum(first))
        if (coming.some((a) => a.makesGood)) expect(look.unfixed).toEqual([])
        expect(look.firstMinor).toBe(sum(first))
        expect(look.leftBehindMinor).toBe(sum(first.filter((s) => !s.stays)))
        expect(look.lines).toHaveLength(first.length + added.length)
      },
    ),
  )
})
