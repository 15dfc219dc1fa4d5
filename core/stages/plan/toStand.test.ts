import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { ROWS } from '../../model/registry.js'
import { example, ex } from '../../examples/plan/example.js'
import { overlap } from './rules/overlap.js'
import { toStand } from './toStand.js'

const chair = (count: number, more = {}) =>
  ({
    id: 'c',
    name: 'Chair',
    kind: 'chair',
    widthMm: 450,
    depthMm: 500,
    heightMm: 900,
    count,
    ...more,
  }) as const
const stands = (n: number, parked = false) =>
  Array.from({ length: n }, (_, i) => ({ id: `s${i}`, pieceId: 'c', parked })) as unknown as Parameters<
    typeof toStand
  >[1]
const hangs = [{ id: 'h', pieceId: 'c' }] as unknown as Parameters<typeof toStand>[2]

describe('what belongs on the floor and is not there', () => {
  test('each of several by itself, those that stand taken off; a second place while a bed is out is no place', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 12 }), fc.nat(14), (count, placed) => {
        const facts = example({ pieces: [chair(count)] })
        const left = toStand(facts, stands(placed), [])
        expect(left.map((w) => w.number)).toEqual(
          Array.from({ length: Math.max(0, count - placed) }, (_, i) => placed + i + 1),
        )
        expect(toStand(facts, stands(placed, true), [])).toHaveLength(count)
      }),
      { numRuns: 40 },
    )
  })

  test('what hangs, is clipped on or goes over a door does not stand', () => {
    expect(toStand(example({ pieces: [chair(1)] }), [], hangs)).toEqual([])
    for (const fixing of ['over a door', 'clipped on'] as const)
      expect(toStand(example({ pieces: [chair(1, { fixing })] }), [], [])).toEqual([])
    expect(toStand(example({ pieces: [chair(1, { kind: 'picture' })] }), [], [])).toEqual([])
  })
})

test('what is set down on or in another piece has its place, and does not stand in its host', () => {
  const facts = example({
    pieces: [
      ex('shelves', 'Unit', { widthMm: 900, depthMm: 300, heightMm: 1900, at: [2000, 1000] }),
      ex('object', 'Vase', { widthMm: 150, depthMm: 150, heightMm: 300, at: [2000, 1000], raised: 400 }),
      ex('side table', 'Table', { widthMm: 500, depthMm: 500, heightMm: 500, at: [3500, 2500] }),
      ex('object', 'Bowl', { widthMm: 200, depthMm: 200, heightMm: 100, at: [3500, 2500] }),
      ex('object', 'Clock', { count: 3, widthMm: 200, depthMm: 100, heightMm: 300 }),
    ],
    more: {
      shelfPlacements: [
        { ...ROWS.shelfPlacements.make({ id: 'a', pieceId: 'Bowl', hostId: 'Table', level: 0 }), version: 1 },
        {
          ...ROWS.shelfPlacements.make({ id: 'b', pieceId: 'Clock', hostId: 'Unit', level: 2, count: 2 }),
          version: 1,
        },
      ],
    },
  })
  // Two of three clocks are on the shelf.
  expect(toStand(facts, [], []).filter((w) => w.piece.id === 'Clock')).toHaveLength(1)
  expect(overlap.check(facts)).toEqual([])
  // Standing on the floor in the middle of the unit, it is in the way of the shelves.
  const low = { ...facts, standings: facts.standings.map((s) => ({ ...s, raisedMm: 0 })) }
  expect(overlap.check(low)).toHaveLength(1)
})
