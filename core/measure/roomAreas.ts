import { WALL_SIDES, type WallSide } from '../job/words.js'
import type { Opening, Room } from './schema.js'

export interface WallArea {
  readonly side: WallSide
  readonly lengthMm: number
  readonly grossMm2: number
  readonly openingsMm2: number
  /** Gross less openings. Never below zero. */
  readonly netMm2: number
  /** The part of the net area below and above the line of the lower wall; all of it is upper when there is none. */
  readonly lowerMm2: number
  readonly upperMm2: number
}

export interface RoomAreas {
  readonly walls: readonly WallArea[]
  readonly wallsNetMm2: number
  readonly floorMm2: number
  readonly ceilingMm2: number
  /** Room perimeter less the widths of doors and openings that reach the floor. */
  readonly skirtingMm: number
  /** Face of the skirting along its run. */
  readonly trimMm2: number
  /** One face of each door leaf. */
  readonly doorsMm2: number
  readonly perimeterMm: number
  readonly volumeMm3: number
}

/**
 * Areas of a rectangular room, net of openings.
 *
 * Openings in one wall that overlap (a door in a glazed screen) are counted once; what stands out of the
 * wall is cut off. The skirting is not taken out of the wall: paint is bought for the whole face.
 *
 * @returns undefined while length, width or height is unknown
 */
export function roomAreas(room: Room, openings: readonly Opening[]): RoomAreas | undefined {
  const { lengthMm, widthMm, heightMm } = room
  if (lengthMm == null || widthMm == null || heightMm == null) return undefined
  const line = Math.min(room.lowerWallMm ?? 0, heightMm)
  const walls = WALL_SIDES.map((side): WallArea => {
    const wallMm = side === 'north' || side === 'south' ? lengthMm : widthMm
    const here = openings.filter((o) => o.wall === side)
    const grossMm2 = wallMm * heightMm
    const openingsMm2 = coveredMm2(here, wallMm, 0, heightMm)
    const lowerMm2 = line * wallMm - coveredMm2(here, wallMm, 0, line)
    const netMm2 = grossMm2 - openingsMm2
    return { side, lengthMm: wallMm, grossMm2, openingsMm2, netMm2, lowerMm2, upperMm2: netMm2 - lowerMm2 }
  })
  const perimeterMm = 2 * (lengthMm + widthMm)
  const skirtingMm = walls.reduce((run, wall) => {
    const atFloor = openings.filter((o) => o.wall === wall.side && o.kind !== 'window' && o.sillMm === 0)
    return run + wall.lengthMm - coveredMm2(atFloor, wall.lengthMm, 0, 1)
  }, 0)
  return {
    walls,
    wallsNetMm2: walls.reduce((sum, w) => sum + w.netMm2, 0),
    floorMm2: lengthMm * widthMm,
    ceilingMm2: lengthMm * widthMm,
    skirtingMm,
    trimMm2: skirtingMm * room.skirtingMm,
    doorsMm2: openings.filter((o) => o.kind === 'door').reduce((sum, o) => sum + o.widthMm * o.heightMm, 0),
    perimeterMm,
    volumeMm3: lengthMm * widthMm * heightMm,
  }
}

/** Area of the union of openings inside a wall strip, exact for whole millimeters: a sweep along the wall. */
function coveredMm2(openings: readonly Opening[], wallMm: number, fromMm: number, toMm: number): number {
  const boxes = openings
    .map((o) => ({
      left: Math.min(o.startMm, wallMm),
      right: Math.min(o.startMm + o.widthMm, wallMm),
      low: Math.max(o.sillMm, fromMm),
      high: Math.min(o.sillMm + o.heightMm, toMm),
    }))
    .filter((b) => b.right > b.left && b.high > b.low)
  const cuts = [...new Set(boxes.flatMap((b) => [b.left, b.right]))].sort((x, y) => x - y)
  let area = 0
  cuts.forEach((left, i) => {
    const right = cuts[i + 1]
    if (right === undefined) return
    const stacked = boxes.filter((b) => b.left <= left && b.right >= right).sort((x, y) => x.low - y.low)
    let reached = fromMm
    for (const box of stacked) {
      area += (right - left) * Math.max(0, box.high - Math.max(box.low, reached))
      reached = Math.max(reached, box.high)
    }
  })
  return area
}

/** What is wrong with an opening in its wall, worded with the field to mend; empty when it fits. */
export function openingFaults(room: Room, opening: Opening): { field: string; text: string }[] {
  const wallMm = opening.wall === 'north' || opening.wall === 'south' ? room.lengthMm : room.widthMm
  const faults: { field: string; text: string }[] = []
  if (wallMm != null && opening.startMm + opening.widthMm > wallMm)
    faults.push({
      field: 'startMm',
      text: `From left and width reach ${opening.startMm + opening.widthMm} mm, past the ${wallMm} mm of the ${opening.wall} wall. Shorten one of them.`,
    })
  if (room.heightMm != null && opening.sillMm + opening.heightMm > room.heightMm)
    faults.push({
      field: 'heightMm',
      text: `Sill and height reach ${opening.sillMm + opening.heightMm} mm, past the ${room.heightMm} mm of the room. Lower one of them.`,
    })
  return faults
}
