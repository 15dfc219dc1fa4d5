import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { ex, example } from '../../examples/plan/example.js'
import { boxOf, pointToBox } from '../../kernel/geometry/box.js'
import { cautionZones, within } from './zones.js'

describe('zones in which something can hurt', () => {
  test('every point of the outline lies as far from the box as was asked', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 359 }),
        fc.integer({ min: 200, max: 2000 }),
        fc.integer({ min: 200, max: 2000 }),
        fc.integer({ min: 1, max: 1500 }),
        (turn, w, d, mm) => {
          const box = boxOf(1000, 800, w, d, turn)
          for (const p of within(box, mm)) expect(pointToBox(box, p)).toBeCloseTo(mm, 4)
        },
      ),
    )
  })

  test('a cot, a bed, a basin, a fire and a heater have one, a chair has none', () => {
    const facts = example({
      pieces: [
        ex('cot', 'Cot', { at: [400, 700] }),
        ex('bed', 'Bed', { at: [2500, 1000] }),
        ex('chair', 'Chair', { at: [4300, 3400] }),
        ex('sanitary', 'Basin', {
          sanitary: 'basin',
          at: [4600, 1000],
          widthMm: 600,
          depthMm: 450,
          heightMm: 850,
        }),
        ex('object', 'Candles', {
          traits: ['open flame'],
          at: [1000, 3500],
          widthMm: 200,
          depthMm: 200,
          heightMm: 200,
        }),
        ex('appliance', 'Heater', {
          traits: ['gets hot'],
          at: [2500, 3600],
          widthMm: 500,
          depthMm: 200,
          heightMm: 600,
        }),
      ],
    })
    expect(cautionZones(facts).map((z) => z.name)).toEqual([
      'within reach of Cot',
      'over Bed',
      'wet zone of Basin',
      'clear of Candles',
      'clear of Heater',
    ])
  })

  test('on a wall it covers the stretch within reach, and stays on the wall', () => {
    const facts = example({ pieces: [ex('cot', 'Cot', { at: [700, 700], widthMm: 600, depthMm: 1200 })] })
    const [zone] = cautionZones(facts)
    const north = zone!.onWalls.find((w) => w.wallId === 'north')!
    expect([north.leftMm, Math.round(north.rightMm)]).toEqual([0, Math.round(1000 + facts.needs.cotReach)])
    expect(north.topMm).toBe(2500)
    expect(zone!.onWalls.some((w) => w.wallId === 'east')).toBe(false)
  })
})
