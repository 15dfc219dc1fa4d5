import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { example } from '../../../examples/plan/example.js'
import { glaring, placesForALamp, roomLight, TABLE_PLANE_MM } from './roomLight.js'
import { lightGrid, type Luminaire } from './roomLighting.js'

const lamp = (x: number, y: number, more: Partial<Luminaire> = {}): Luminaire => ({
  id: `${x} ${y}`,
  name: 'Lamp',
  at: { x, y },
  heightMm: 2100,
  lumens: 806,
  beamDeg: 360,
  aim: 'all round',
  ...more,
})
const told = (facts: ReturnType<typeof example>, lamps: readonly Luminaire[]) =>
  roomLight(facts, lamps, lightGrid(facts.room, lamps, facts.reflecting, TABLE_PLANE_MM, 200))

describe('the light of a room in figures', () => {
  const facts = example({ size: [5000, 4000], heightMm: 2750 })

  test('room index of a rectangle: K = L W / (h (L + W)), and five over it the room cavity ratio', () => {
    // Formula of the lumen method (CIBSE, IES; from memory): 5 × 4 m, 2 m over the plane: 20 / (2 × 9).
    const light = told(facts, [])
    expect(light.roomIndex).toBeCloseTo(20 / 18, 6)
    expect(light.cavityRatio).toBeCloseTo((5 * 2 * 9) / 20, 6)
  })

  test('without a lamp nothing is told that rests on one', () => {
    const light = told(facts, [])
    expect([light.utilization, light.wanted, light.darkShare]).toEqual([undefined, undefined, undefined])
  })

  test('utilization does not hang on how bright the lamps are; lumens wanted are E A / (F UF MF)', () => {
    fc.assert(
      fc.property(fc.integer({ min: 200, max: 4000 }), fc.integer({ min: 600, max: 4400 }), (lumens, x) => {
        const light = told(facts, [lamp(x, 2000, { lumens })])
        const other = told(facts, [lamp(x, 2000, { lumens: 2 * lumens })])
        expect(other.utilization).toBeCloseTo(light.utilization!, 5)
        const uf = Math.min(1, light.utilization!)
        expect(light.wanted!.totalLumens).toBeCloseTo((light.targetLux * 20) / (uf * 0.9), 3)
        expect(light.wanted!.luminaires).toBe(Math.ceil(light.wanted!.totalLumens / 806 - 1e-9))
      }),
      { numRuns: 25 },
    )
  })

  test('one lamp more leaves no more of the floor dark', () => {
    const one = told(facts, [lamp(1000, 1000)])
    const two = told(facts, [lamp(1000, 1000), lamp(4000, 3000)])
    expect(two.darkShare!).toBeLessThanOrEqual(one.darkShare!)
  })

  test('a hanging lamp: feet of length and width as inches across (common practice)', () => {
    // 5 m + 4 m = 16.40 ft + 13.12 ft = 29.53 in = 750 mm.
    expect(told(facts, []).pendant.acrossRoomMm).toBe(750)
  })

  test('a room of no height is told as one of the usual height, and an empty one has no table to hang over', () => {
    const light = told(facts, [])
    expect(light.pendant.overTable).toBeUndefined()
    expect(light.pendant.dropMm).toBe(2750 - facts.needs.headClear)
  })
})

describe('glare and places', () => {
  const facts = example({ pieces: [{ id: 's', name: 'Sofa', kind: 'sofa', at: [2500, 500] }] })

  test('only a bare lamp at the eyes of somebody sitting glares', () => {
    const list = [
      lamp(1, 1, { heightMm: 1200 }),
      lamp(2, 2, { heightMm: 2100 }),
      lamp(3, 3, { heightMm: 1200, aim: 'down' }),
      lamp(4, 4, { heightMm: 1200, lumens: 400 }),
    ]
    expect(glaring(list).map((l) => l.id)).toEqual(['1 1'])
  })

  test('no place is proposed inside a piece; with a lamp there already, the corner farthest from it comes first', () => {
    const places = placesForALamp(facts, [lamp(600, 600)])
    for (const { place } of places) {
      const box = facts.standings[0]!.box
      expect(Math.hypot(box.x - place.at.x, box.y - place.at.y)).toBeGreaterThan(
        Math.min(box.halfW, box.halfD),
      )
    }
    const far = (p: { readonly x: number; readonly y: number }) => Math.hypot(p.x - 600, p.y - 600)
    const first = places[0]!.place.at
    expect(far(first)).toBeGreaterThanOrEqual(Math.min(4000, Math.max(...places.map((p) => far(p.place.at)))))
  })
})
