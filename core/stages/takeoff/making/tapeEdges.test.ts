import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { tapeEdges, type TapedRoom, type Wear } from './tapeEdges.js'

const paint = (finishId: string): Wear => ({ finishId, painted: true })
const asItIs: Wear = { finishId: null, painted: false }
const door = { widthMm: 800, heightMm: 2000, sillMm: 0 }
const window = { widthMm: 1200, heightMm: 1300, sillMm: 800 }

/** Four walls of 4 and 3 m, 2.5 m high, a door and a window in the first. */
function room(wears: { walls: readonly Wear[]; trim?: Wear; ceiling?: Wear; lower?: Wear }): TapedRoom {
  const { walls, trim = asItIs, ceiling = asItIs, lower } = wears
  return {
    walls: walls.map((wear, i) => ({
      lengthMm: i % 2 === 0 ? 4000 : 3000,
      cornerMm: 2500,
      wear,
      openings: i === 0 ? [door, window].map((o) => ({ ...o, frame: trim })) : [],
    })),
    ...{ ceiling, trim, skirting: true, cornice: false, fields: [] },
    lower: lower && { wear: lower, toMm: 1000 },
  }
}
const all = (r: TapedRoom) => Object.values(tapeEdges(r)).reduce((sum: number, mm: number) => sum + mm, 0)
const four = (wear: Wear) => [wear, wear, wear, wear]

describe('edges that are taped', () => {
  test('walls alone: ceiling, skirting, frames', () => {
    expect(tapeEdges(room({ walls: four(paint('oat')) }))).toEqual({
      ceilingMm: 14_000,
      footMm: 14_000 - 800,
      framesMm: 2 * 2000 + 800 + 2 * (1200 + 1300),
      betweenMm: 0,
    })
  })
  test('with a lower wall each part of a frame goes with the part of the wall beside it', () => {
    const lower = tapeEdges(room({ walls: four(paint('oat')), lower: asItIs }))
    // Of the door 1 m of each side and its head is above the line; of the window 1.1 m of each side and its head.
    expect(lower.framesMm).toBe(2 * 1000 + 800 + 2 * 1100 + 1200)
    // The line itself, door and window left out.
    expect(lower.betweenMm).toBe(14_000 - 800 - 1200)
    expect(lower.footMm).toBe(0)
    const upper = tapeEdges(room({ walls: four(asItIs), lower: paint('tarn') }))
    expect(upper.framesMm).toBe(2 * 1000 + 2 * 200 + 1200)
    expect([upper.ceilingMm, upper.footMm]).toEqual([0, 13_200])
  })
  const wear = fc.constantFrom(asItIs, paint('oat'), paint('clay'), { finishId: 'paper', painted: false })
  const wears = fc.record({ walls: fc.tuple(wear, wear, wear, wear), trim: wear, ceiling: wear, lower: wear })
  test('nothing painted, nothing taped; all alike, the floor alone; names of finishes do not matter', () => {
    fc.assert(
      fc.property(wears, (w) => {
        const named = (x: Wear): Wear => ({ ...x, finishId: x.finishId && `${x.finishId} renamed` })
        expect(
          tapeEdges(
            room({
              walls: w.walls.map(named),
              trim: named(w.trim),
              ceiling: named(w.ceiling),
              lower: named(w.lower),
            }),
          ),
        ).toEqual(tapeEdges(room(w)))
        const bare = (x: Wear): Wear => ({ ...x, painted: false })
        expect(
          all(
            room({
              walls: w.walls.map(bare),
              trim: bare(w.trim),
              ceiling: bare(w.ceiling),
              lower: bare(w.lower),
            }),
          ),
        ).toBe(0)
      }),
    )
    const oat = paint('oat')
    expect(all(room({ walls: four(oat), trim: oat, ceiling: oat, lower: oat }))).toBe(13_200)
  })
  test('walked the other way round it is the same', () => {
    fc.assert(
      fc.property(wears, (w) => {
        const r = room(w)
        // The corner between two walls stays between them.
        expect(all({ ...r, walls: [...r.walls].reverse() })).toBe(all(r))
      }),
    )
  })
})
