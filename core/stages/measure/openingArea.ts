import type { ProfilePart } from './ceilingHeight.js'
import type { SizedOpening } from '../../model/openingSize.js'
import type { Opening } from '../../model/rows/openings.js'
import type { Wall } from '../../model/rows/walls.js'

type Box = Pick<SizedOpening, 'startMm' | 'widthMm' | 'heightMm' | 'sillMm'>

export const openingsOn = <O extends Pick<Opening, 'wallId'>>(
  wall: Pick<Wall, 'id'>,
  openings: readonly O[],
): O[] => openings.filter((o) => o.wallId === wall.id)

/** True when the opening's wall is still there. */
export const hasFace = (opening: Pick<Opening, 'wallId'>, walls: readonly Pick<Wall, 'id'>[]): boolean =>
  walls.some((w) => w.id === opening.wallId)

/**
 * Area that openings take out of a wall between two heights and under its ceiling line: the union, so that a door in
 * a glazed screen counts once. A sweep along the wall, exact, because between two cuts every edge is straight.
 */
export function wallTakenMm2(
  openings: readonly Box[],
  wallMm: number,
  profile: readonly ProfilePart[],
  lowMm: number,
  highMm: number,
): number {
  const boxes = openings
    .map((o) => ({
      left: Math.max(0, Math.min(o.startMm, wallMm)),
      right: Math.min(o.startMm + o.widthMm, wallMm),
      low: Math.max(o.sillMm, lowMm),
      high: Math.min(o.sillMm + o.heightMm, highMm),
    }))
    .filter((b) => b.right > b.left && b.high > b.low)
  if (boxes.length === 0) return 0
  const cuts = [
    ...boxes.flatMap((b) => [b.left, b.right]),
    ...profile.flatMap((p) => [
      p.fromMm,
      p.toMm,
      ...boxes.flatMap((b) => [meets(p, b.low), meets(p, b.high)]),
    ]),
  ]
    .filter((x): x is number => x !== undefined)
    .sort((x, y) => x - y)
  let area = 0
  for (let i = 0; i + 1 < cuts.length; i++) {
    const [left, right] = [cuts[i] ?? 0, cuts[i + 1] ?? 0]
    if (right - left < 1e-9) continue
    const middle = (left + right) / 2
    const here = boxes.filter((b) => b.left <= middle && b.right >= middle).sort((x, y) => x.low - y.low)
    if (here.length === 0) continue
    const part = profile.find((p) => middle >= p.fromMm && middle <= p.toMm)
    const ceiling = part
      ? part.startHeightMm +
        ((middle - part.fromMm) / (part.toMm - part.fromMm)) * (part.endHeightMm - part.startHeightMm)
      : 0
    let reached = -Infinity
    for (const box of here) {
      const [low, high] = [Math.max(box.low, reached), Math.min(box.high, ceiling)]
      if (high > low) area += (right - left) * (high - low)
      reached = Math.max(reached, box.high)
    }
  }
  return area
}

/** Where a ceiling line passes a height, if it does. */
function meets(part: ProfilePart, heightMm: number): number | undefined {
  const rise = part.endHeightMm - part.startHeightMm
  if (rise === 0) return undefined
  const t = (heightMm - part.startHeightMm) / rise
  return t > 0 && t < 1 ? part.fromMm + t * (part.toMm - part.fromMm) : undefined
}
