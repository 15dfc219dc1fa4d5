import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { example, exampleDoor } from '../../../examples/plan/example.js'
import { randomPlan } from '../../../examples/randomPlan.js'
import { planOf } from '../../../job/planFactsOf.js'
import { boxHolds, pointToBox } from '../../../kernel/geometry/box.js'
import { whereIs } from '../../../kernel/geometry/polygon.js'
import { stripBefore } from '../planRoom.js'
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

  test('in any room no place is in a piece, against a wall, in the swing of a door or where one comes in', () => {
    fc.assert(
      fc.property(fc.nat(9999), (seed) => {
        const plan = planOf(randomPlan(seed))!
        for (const { place } of placesForALamp(plan, [])) {
          for (const s of plan.standings)
            if (s.kind !== 'rug' && s.raisedMm < 1400)
              expect(pointToBox(s.box, place.at), s.name).toBeGreaterThan(100)
          for (const o of plan.room.openings) {
            if (o.swept.length > 2) expect(whereIs(place.at, o.swept)).toBe('outside')
            const way = o.kind === 'door' ? stripBefore(o, plan.room.walls, 600) : undefined
            if (way) expect(boxHolds(way, place.at)).toBe(false)
          }
          expect(whereIs(place.at, plan.room.corners)).toBe('inside')
        }
      }),
      { numRuns: 60 },
    )
  })

  test('a room whose every corner is taken has no place, and with a socket in the doorway none is proposed there', () => {
    const cabinets = [
      [450, 400],
      [4550, 400],
      [4550, 3600],
      [450, 3600],
    ].map(([x = 0, y = 0], i) => ({
      id: `c${i}`,
      name: `Cabinet ${i}`,
      kind: 'cabinet' as const,
      widthMm: 900,
      depthMm: 800,
      heightMm: 900,
      at: [x, y] as const,
    }))
    expect(placesForALamp(example({ pieces: cabinets, openings: [] }), [])).toEqual([])
    const socket = {
      id: 'k',
      wallId: 'south',
      kind: 'socket',
      name: 'Socket by the door',
      startMm: 1000,
      widthMm: 80,
      heightMm: 80,
      bottomMm: 300,
      depthMm: 10,
      radiusMm: null,
      version: 1,
    } as const
    const by = (openings: Parameters<typeof example>[0]['openings']) =>
      placesForALamp(example({ openings: openings ?? [], more: { fixtures: [socket] } }), []).some(
        (p) => p.place.name === 'by Socket by the door',
      )
    expect([by([]), by([exampleDoor])]).toEqual([true, false])
  })

  test('with a lamp there already, the place farthest from it comes first', () => {
    const places = placesForALamp(facts, [lamp(600, 600)])
    const far = (p: { readonly x: number; readonly y: number }) => Math.hypot(p.x - 600, p.y - 600)
    const first = places[0]!.place.at
    expect(far(first)).toBeGreaterThanOrEqual(Math.min(4000, Math.max(...places.map((p) => far(p.place.at)))))
  })
})
