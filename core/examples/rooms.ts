import fc from 'fast-check'
import type { Wall } from '../model/rows/walls.js'

/** A wall for a test: lengths and turns in the order walked. */
export const wallAt = (position: number, lengthMm: number, turnDeg = 90, name = ''): Wall => ({
  id: `w${position}`,
  position,
  name,
  lengthMm,
  turnDeg,
  face: 'smooth paint',
})

/** Walls from pairs of length and turn. */
export const wallsOf = (run: readonly (readonly [number, number])[]): Wall[] =>
  run.map(([lengthMm, turnDeg], i) => wallAt(i, lengthMm, turnDeg))

type Feature = 'none' | 'breast' | 'niche' | 'bay'

/** One side of a room: plain, with a chimney breast standing in, a niche standing out, or a canted bay. */
const side = (lengthMm: number, feature: Feature, depthMm: number, wideMm: number): [number, number][] => {
  if (feature === 'none') return [[lengthMm, 90]]
  const each = Math.floor((lengthMm - wideMm) / 2)
  const rest = lengthMm - wideMm - each
  if (feature === 'breast')
    return [
      [each, 90],
      [depthMm, -90],
      [wideMm, -90],
      [depthMm, 90],
      [rest, 90],
    ]
  if (feature === 'niche')
    return [
      [each, -90],
      [depthMm, 90],
      [wideMm, 90],
      [depthMm, -90],
      [rest, 90],
    ]
  // The cants stand at 45°: their length is rounded, as a tape would read it.
  const cant = Math.round(depthMm * Math.SQRT2)
  return [
    [each, -45],
    [cant, 45],
    [wideMm - 2 * depthMm, 45],
    [cant, -45],
    [rest, 90],
  ]
}

/** Rooms as decorators meet them: four sides, each plain or with a breast, a niche or a bay; 4 to 20 walls. */
export const someRoom = fc
  .record({
    lengthMm: fc.integer({ min: 3000, max: 9000 }),
    widthMm: fc.integer({ min: 3000, max: 9000 }),
    features: fc.tuple(...[0, 1, 2, 3].map(() => fc.constantFrom<Feature>('none', 'breast', 'niche', 'bay'))),
    depths: fc.tuple(...[0, 1, 2, 3].map(() => fc.integer({ min: 150, max: 500 }))),
    wides: fc.tuple(...[0, 1, 2, 3].map(() => fc.integer({ min: 1100, max: 2000 }))),
  })
  .map(({ lengthMm, widthMm, features, depths, wides }) => {
    const run = [lengthMm, widthMm, lengthMm, widthMm].flatMap((mm, i) =>
      side(mm, features[i] ?? 'none', depths[i] ?? 200, wides[i] ?? 1200),
    )
    const added = features.map((f, i) => {
      const [d, w] = [depths[i] ?? 200, wides[i] ?? 1200]
      return f === 'breast' ? -d * w : f === 'niche' ? d * w : f === 'bay' ? d * (w - d) : 0
    })
    return {
      walls: wallsOf(run),
      /** Worked out from the sides, without walking them. */
      areaMm2: lengthMm * widthMm + added.reduce((sum, a) => sum + a, 0),
      lengthMm,
      widthMm,
    }
  })
