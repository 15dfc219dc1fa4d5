import { expect, test } from 'vitest'
import { carryIn } from './carryIn.js'
import { standsClear } from './nudge.js'
import { roomFor } from './roomFor.js'
import { ex, example, exampleDoor } from '../../examples/plan/example.js'

// A room 5 m wide, its back wall along the upper edge; a chest 450 deep stands against it between two wardrobes.
const between = (more: Parameters<typeof example>[0] = {}) =>
  example({
    openings: [{ ...exampleDoor, startMm: 300 }],
    pieces: [
      ex('chest of drawers', 'chest', { at: [2500, 225] }),
      ex('wardrobe', 'left', { at: [900, 300] }),
      ex('wardrobe', 'right', { at: [4100, 300] }),
    ],
    ...more,
  })
const chest = (facts: ReturnType<typeof example>) => facts.standings.find((s) => s.id === 'chest')!

test('as wide as what stands on both sides leaves, worked out by hand', () => {
  const facts = between()
  const room = roomFor(facts, chest(facts))!
  // Inner faces at 1 500 and 3 500: 2 000 between, and 5 mm on each side count as touching.
  expect(room.widthMm).toBeGreaterThanOrEqual(2000)
  expect(room.widthMm).toBeLessThanOrEqual(2010)
  expect(room.widthBy).toMatch(/beside/)
  expect(room.depthMm).toBeGreaterThan(450)
})

test('a narrow way in sets the width before the room does', () => {
  const way = [
    {
      id: 'd',
      kind: 'door',
      name: 'Street door',
      widthMm: 700,
      heightMm: 2000,
      lengthMm: null,
      position: 0,
      version: 1,
    },
    {
      id: 't',
      kind: 'turn',
      name: 'Turn of the hall',
      widthMm: 900,
      heightMm: 850,
      lengthMm: 900,
      position: 1,
      version: 1,
    },
  ]
  const facts = between({ more: { passages: way as never } })
  const s = chest(facts)
  const room = roomFor(facts, s)!
  expect(room.widthBy).toBe('the way in: Turn of the hall')
  // Round a square corner of two passages 900 wide a piece 450 across may be 2√2 · 900 − 2 · 450 = 1 645 long.
  expect(room.widthMm).toBe(1640)
  const sized = (widthMm: number) =>
    carryIn({ widthMm, depthMm: s.depthMm, heightMm: s.heightMm }, facts.way).verdict
  expect(sized(room.widthMm)).not.toBe('not at all')
  expect(sized(room.widthMm + 10)).toBe('not at all')
})

test('where a piece stands in something, no size is told', () => {
  const facts = example({
    pieces: [
      ex('chest of drawers', 'chest', { at: [2500, 225] }),
      ex('wardrobe', 'on it', { at: [2600, 300] }),
    ],
  })
  expect(standsClear(facts, chest(facts))).toBe(false)
  expect(roomFor(facts, chest(facts))).toBeUndefined()
})
