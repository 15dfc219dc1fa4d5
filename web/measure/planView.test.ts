import fc from 'fast-check'
import { expect, test } from 'vitest'
import { planView } from './planView.js'

const room = { id: 'r', lengthMm: 4000, widthMm: 3000, heightMm: 2500, skirtingMm: 0, lowerWallMm: null }
const opening = (wall: 'north' | 'east' | 'south' | 'west', startMm: number, widthMm: number) => ({
  id: wall,
  wall,
  kind: 'door' as const,
  name: '',
  startMm,
  widthMm,
  heightMm: 2000,
  sillMm: 0,
})

// Seen from inside with the back to the room, left is: west on the north wall, north on the east wall, and so on round.
test.each([
  ['north', { x1: 100, y1: 0, x2: 900, y2: 0 }],
  ['east', { x1: 4000, y1: 100, x2: 4000, y2: 900 }],
  ['south', { x1: 3900, y1: 3000, x2: 3100, y2: 3000 }],
  ['west', { x1: 0, y1: 2900, x2: 0, y2: 2100 }],
] as const)('a door 100 from the left end of the %s wall', (wall, place) => {
  expect(planView(room, [opening(wall, 100, 800)])!.openings[0]).toMatchObject(place)
})

test('a door leaf is as long as its opening and swings into the room', () => {
  fc.assert(
    fc.property(
      fc.constantFrom('north' as const, 'east' as const, 'south' as const, 'west' as const),
      fc.integer({ min: 0, max: 2000 }),
      fc.integer({ min: 100, max: 1000 }),
      (wall, start, width) => {
        const leaf = planView(room, [opening(wall, start, width)])!.openings[0]!.swing!.leaf
        expect(Math.hypot(leaf.x2 - leaf.x1, leaf.y2 - leaf.y1)).toBe(width)
        expect(leaf.x2 >= 0 && leaf.x2 <= 4000 && leaf.y2 >= 0 && leaf.y2 <= 3000).toBe(true)
      },
    ),
  )
})

test('no plan without length and width', () =>
  expect(planView({ ...room, widthMm: null }, [])).toBeUndefined())
