import { expect, test } from 'vitest'
import type { BeforeWall } from '@bonitas/core/stages/plan/planFacts'
import { elevationLabels } from './elevationLabels.js'

const piece = (name: string, leftMm: number, rightMm: number, topMm: number, more: object = {}) =>
  ({
    leftMm,
    rightMm,
    topMm,
    standing: { id: name, name, kind: 'cabinet', raisedMm: 0, ...more },
  }) as BeforeWall
const at = (before: BeforeWall[]) =>
  Object.fromEntries(elevationLabels(before, 10).map((l) => [l.id, [l.xMm, l.heightMm]]))

test('a name stands in the middle of its piece', () => {
  expect(at([piece('Settee', 0, 2000, 800)])).toEqual({ Settee: [1000, 400] })
})
test('it moves off what stands nearer, and is left out where nothing is free', () => {
  const piano = piece('Upright piano', 0, 1500, 1200)
  expect(at([piano, piece('Fern', 600, 900, 900)])).toEqual({ 'Upright piano': [750, 1110] })
  expect(at([piano, piece('Folding screen', 0, 1500, 1200)])).toEqual({ 'Folding screen': [750, 600] })
})
test('what is too small for its name, and a lamp, have none', () => {
  expect(at([piece('Occasional table', 0, 600, 500)])).toEqual({})
  expect(at([piece('Lamp', 0, 2000, 1500, { kind: 'lamp' })])).toEqual({})
})
