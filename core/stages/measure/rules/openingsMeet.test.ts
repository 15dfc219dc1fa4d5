import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { example, opening } from '../../../examples/measure/indexRooms.js'
import type { Opening } from '../../../model/rows/openings.js'
import { openingsMeet } from './openingsMeet.js'

describe('openings on one another', () => {
  const room = [4200, 3600, 4200, 3600]
  const door: Opening = opening(0)
  const more = (part: Partial<Opening>, id = 'p'): Opening => ({ ...door, id, name: 'Pantry', ...part })
  const found = (...openings: Opening[]) =>
    openingsMeet.check(example(room, { openings })).map((f) => f.about.map((r) => r.id))
  test('three that were added and not measured are one finding of their wall, in any order', () => {
    const bare = { widthMm: null, heightMm: null }
    const all = [door, more(bare), more({ ...bare, kind: 'window', sillMm: null }, 'q')]
    expect(found(...all)).toEqual([['o', 'p', 'q']])
    expect(found(...all.reverse())).toEqual([['o', 'p', 'q']])
  })
  test('silent: frame to frame, a light over a door, a door in a glazed screen, another wall', () => {
    expect(found(door, more({ startMm: 800 }))).toEqual([])
    expect(found(door, more({ sillMm: 2000, heightMm: 400 }))).toEqual([])
    expect(
      found(more({ startMm: 500 }), more({ widthMm: 3000, heightMm: 2300, kind: 'window' }, 'q')),
    ).toEqual([])
    expect(found(door, more({ wallId: 'w1' }))).toEqual([])
  })
  test('the same door twice is told, wherever its wall is', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 3000 }), fc.integer({ min: -900, max: 900 }), (at, off) => {
        const two = found(opening(at), more({ startMm: at + off }))
        expect(two.length > 0).toBe(Math.abs(off) < 790)
      }),
    )
  })
})
