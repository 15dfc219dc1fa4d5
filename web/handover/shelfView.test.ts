import { describe, expect, test } from 'vitest'
import { shelfFacts, shelfJob } from '@bonitas/core/examples/handover/example'
import { shelfView } from './shelfView.js'

const job = shelfJob(
  [{ id: 'Unit', size: [1000, 300, 1000], shelves: [{ levels: 2, clearHeightMm: 400 }] }],
  [
    { id: 'Vase', size: [100, 100, 300], on: 'Unit', level: 1 },
    { id: 'Bowls', count: 2, size: [200, 200, 100], on: 'Unit', level: 1 },
    { id: 'Clock', size: [200, 100, 250], on: 'Unit', level: 0 },
    { id: 'Pole', size: [50, 50, 700], on: 'Unit', level: 2 },
  ],
)
const view = shelfView(shelfFacts(job).units[0]!, { widthMm: 1000, heightMm: 1000 })

describe('a unit from the front', () => {
  test('its shelves stand one above the other, the boards share what is left', () => {
    expect(view.levels.map((l) => [l.level.number, Math.round(l.y), l.h])).toEqual([
      [1, 533, 400],
      [2, 67, 400],
      [0, -250, 250],
    ])
  })
  test('things stand on their shelf in their order, several of one side by side, with even gaps', () => {
    const [low] = view.levels
    expect(low?.things.map((t) => [t.body.thing.name, Math.round(t.x), t.w])).toEqual([
      ['Vase', 167, 100],
      ['Bowls', 433, 400],
    ])
    for (const t of low!.things) expect(t.y + t.h).toBeCloseTo(low!.y + low!.h, 6)
  })
  test('what does not fit is told, and stands out on both sides alike', () => {
    expect(view.levels[1]?.things.map((t) => t.body.over)).toEqual([true])
    const full = shelfJob(
      [{ id: 'Unit', size: [500, 300, 1000], shelves: [{ clearHeightMm: 400 }] }],
      [{ id: 'Jars', count: 9, size: [100, 100, 100], on: 'Unit', level: 1 }],
    )
    const { levels } = shelfView(shelfFacts(full).units[0]!, { widthMm: 500, heightMm: 1000 })
    const last = levels[0]!.things[0]!
    expect(last.body.over).toBe(true)
    // As far out on the left as on the right.
    expect(last.x).toBe(-200)
    expect(last.x + last.w).toBe(700)
  })
  test('a shelf higher than the piece says is drawn all the same', () => {
    const tall = shelfJob(
      [{ id: 'Unit', size: [500, 300, 300], shelves: [{ levels: 3, clearHeightMm: 400 }] }],
      [],
    )
    expect(
      shelfView(shelfFacts(tall).units[0]!, { widthMm: 500, heightMm: 300 }).heightMm,
    ).toBeGreaterThanOrEqual(1200)
  })
})
