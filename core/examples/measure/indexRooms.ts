import type { Wall } from '../../model/rows/walls.js'
import { type MeasureFacts, measureFacts } from '../../stages/measure/measureFacts.js'
import { METRIC } from '../../testing/habits.js'

export const wall = (i: number, lengthMm: number, turnDeg = 90): Wall => ({
  id: `w${i}`,
  position: i,
  name: '',
  lengthMm,
  turnDeg,
  face: 'smooth paint',
})

export const example = (
  lengths: readonly number[],
  more: Partial<MeasureFacts['measures']> = {},
): MeasureFacts =>
  measureFacts(
    {
      room: {
        id: 'r',
        heightMm: 2500,
        skirtingMm: 0,
        corniceMm: 0,
        lowerWallMm: null,
        northDeg: 0,
        kind: null,
        latitudeDeg: 48,
      },
      walls: lengths.map((mm, i) => wall(i, mm)),
      ceilings: [],
      diagonals: [],
      openings: [],
      fixtures: [],
      ...more,
    },
    [],
    METRIC,
  )

export function opening(startMm: number) {
  return {
    id: 'o',
    wallId: 'w0',
    kind: 'door' as const,
    name: 'Door',
    startMm,
    widthMm: 800,
    heightMm: 2000,
    sillMm: 0,
    hinge: 'left' as const,
    swing: 'in' as const,
    carries: null,
    carriesG: null,
  }
}
