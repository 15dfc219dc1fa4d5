import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { pieceWith } from '../../examples/emptyJob.js'
import { ROWS } from '../../model/registry.js'
import { finishShares, pieceAreaMm2, visiblePatches } from './visibleArea.js'

const part = (name: string, finishId: string, percent: number) =>
  ROWS.pieceParts.make({ id: name, pieceId: 'Lamp', name, finishId, percent })
const lamp = pieceWith({
  id: 'Lamp',
  kind: 'lamp',
  finishId: 'brass',
  widthMm: 400,
  depthMm: 400,
  heightMm: 600,
})
const seen = (parts: readonly ReturnType<typeof part>[]) =>
  visiblePatches(undefined, [], [lamp], 'en-IE', parts)

describe('parts of a piece with a finish of their own', () => {
  test('a lamp: its shade in linen takes its part, the base keeps the finish of the piece', () => {
    const shares = finishShares(seen([part('shade', 'linen', 70)]))
    expect(shares.map((s) => [s.finishId, Number(s.share.toFixed(3)), s.where[0]?.name])).toEqual([
      ['linen', 0.7, 'Lamp, shade'],
      ['brass', 0.3, 'Lamp'],
    ])
  })

  test('whatever parts there are, together they are what is seen of the piece', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 100 }), { maxLength: 6 }), (percents) => {
        const patches = seen(percents.map((p, i) => part(`part ${i}`, `finish ${i}`, p)))
        const all = patches.reduce((sum, p) => sum + p.areaMm2, 0)
        expect(Math.abs(all - pieceAreaMm2(lamp))).toBeLessThanOrEqual(percents.length + 1)
        expect(patches.every((p) => p.areaMm2 > 0)).toBe(true)
      }),
    )
  })

  test('a part that is the whole piece is the piece in that finish', () => {
    expect(finishShares(seen([part('all of it', 'linen', 100)])).map((s) => [s.finishId, s.share])).toEqual([
      ['linen', 1],
    ])
  })
})
