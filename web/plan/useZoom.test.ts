import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { nearer, type Box } from './useZoom.js'

const size = fc.integer({ min: 50, max: 4_000 })
const boxes = fc.record({ x: fc.integer({ min: -9_000, max: 9_000 }), y: size, w: size, h: size })
const frames = fc.record({ width: size, height: size })

/** Where a point of the frame lies in a drawing that is fitted into it whole and in its middle. */
function under(box: Box, frame: { width: number; height: number }, px: { x: number; y: number }) {
  const per = Math.max(box.w / frame.width, box.h / frame.height)
  return {
    x: box.x + box.w / 2 + (px.x - frame.width / 2) * per,
    y: box.y + box.h / 2 + (px.y - frame.height / 2) * per,
  }
}

describe('a drawing brought nearer', () => {
  test('at no nearness it is the whole', () => {
    fc.assert(
      fc.property(boxes, frames, (box, frame) => {
        const same = nearer(box, { k: 1, x: 0, y: 0 }, frame)
        for (const key of ['x', 'y', 'w', 'h'] as const) expect(same[key]).toBeCloseTo(box[key], 6)
      }),
    )
  })

  test('what was at a pixel is where the transform puts that pixel', () => {
    fc.assert(
      fc.property(
        boxes,
        frames,
        fc.integer({ min: 1, max: 8 }),
        fc.double({ min: -1, max: 0, noNaN: true }),
        fc.double({ min: -1, max: 0, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (box, frame, k, left, top, at) => {
          const t = { k, x: left * frame.width * (k - 1), y: top * frame.height * (k - 1) }
          const px = { x: at * frame.width, y: at * frame.height }
          const before = under(box, frame, px)
          const after = under(nearer(box, t, frame), frame, { x: px.x * k + t.x, y: px.y * k + t.y })
          expect(after.x).toBeCloseTo(before.x, 5)
          expect(after.y).toBeCloseTo(before.y, 5)
        },
      ),
    )
  })
})
