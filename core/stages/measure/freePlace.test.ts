import fc from 'fast-check'
import { expect, test } from 'vitest'
import { sized, unmeasured } from '../../model/openingSize.js'
import { opening } from '../../examples/measure/indexRooms.js'
import type { Fixture } from '../../model/rows/fixtures.js'
import { freePlace, freePlaceOf } from './freePlace.js'

const walls = [
  { id: 'w0', lengthMm: 2000 },
  { id: 'w1', lengthMm: 3000 },
]
const place = (
  run: typeof walls,
  openings: ReturnType<typeof at>[],
  kind: Parameters<typeof freePlaceOf>[2],
) => freePlaceOf(run, { openings, fixtures: [] }, kind)
const at = (startMm: number, wallId = 'w0') => ({ ...opening(startMm), id: `${wallId}${startMm}`, wallId })

test('the first free stretch that takes one of its kind, else the longest', () => {
  expect(place(walls, [], 'door')).toEqual({ wallId: 'w0', startMm: 0 })
  expect(place(walls, [at(0)], 'door')).toEqual({ wallId: 'w0', startMm: 800 })
  // 1 200 beside the door take a window, 1 000 do not.
  expect(place(walls, [at(0)], 'window')).toEqual({ wallId: 'w0', startMm: 800 })
  expect(place(walls, [at(200)], 'window')).toEqual({ wallId: 'w1', startMm: 0 })
  expect(place([{ id: 'w0', lengthMm: 900 }], [at(0)], 'door')).toEqual({ wallId: 'w0', startMm: 800 })
  expect(place([], [], 'door')).toBeUndefined()
})

test('added one after another they lie on one another only when no wall has room', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 300, max: 6000 }), { minLength: 3, maxLength: 8 }),
      fc.array(fc.constantFrom('door' as const, 'window' as const, 'opening' as const), { maxLength: 8 }),
      (lengths, kinds) => {
        const run = lengths.map((lengthMm, i) => ({ id: `w${i}`, lengthMm }))
        const all: ReturnType<typeof opening>[] = []
        for (const [i, kind] of kinds.entries()) {
          const size = sized({ kind, widthMm: null, heightMm: null, sillMm: null })
          const found = place(run, all, kind)
          const wall = run.find((w) => w.id === found?.wallId)
          if (!found || !wall || found.startMm + size.widthMm > wall.lengthMm) return
          for (const o of all.filter((x) => x.wallId === found.wallId))
            expect(found.startMm + size.widthMm <= o.startMm || found.startMm >= o.startMm + o.widthMm).toBe(
              true,
            )
          all.push({ ...opening(0), ...size, ...found, id: `o${i}` } as ReturnType<typeof opening>)
        }
      },
    ),
  )
})

test('what is not measured is drawn as it usually is, and is named', () => {
  const door = { kind: 'door' as const, widthMm: 760, heightMm: null, sillMm: 0 }
  expect(sized(door)).toEqual({ kind: 'door', widthMm: 760, heightMm: 2030, sillMm: 0 })
  expect(unmeasured(door)).toEqual(['height'])
  expect(unmeasured({ widthMm: null, heightMm: null, sillMm: null })).toEqual(['width', 'height', 'sill'])
})

test('a fixture finds its place beside doors and other fixtures; a ceiling point takes none of the wall', () => {
  const fixture = (kind: Fixture['kind'], widthMm: number, startMm: number): Fixture => ({
    ...{ id: kind, wallId: 'w0', name: '', kind, startMm, widthMm },
    ...{ heightMm: 600, bottomMm: 100, depthMm: 100, radiusMm: null },
  })
  const taken = {
    openings: [at(0)],
    fixtures: [fixture('radiator', 600, 800), fixture('ceiling point', 0, 0)],
  }
  expect(freePlace(walls, taken, 500)).toEqual({ wallId: 'w0', startMm: 1400 })
  expect(freePlace(walls, taken, 1000)).toEqual({ wallId: 'w1', startMm: 0 })
})
