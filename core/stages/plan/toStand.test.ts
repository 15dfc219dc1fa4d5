import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { example } from '../../examples/plan/example.js'
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
