import type { CeilingCell } from '../../kernel/geometry/ceilingCell.js'
import { distance, perimeter, selfCrossing, signedArea, type Point } from '../../kernel/geometry/polygon.js'
import {
  ceilingCells,
  ceilingMeasures,
  ceilingShape,
  profileHeight,
  wallProfile,
  type ProfilePart,
} from './ceilingHeight.js'
import { closeRun, type Closure } from './closure.js'
import { hasFace, openingsOn, wallTakenMm2 } from './openingArea.js'
import type { Ceiling } from '../../model/rows/ceilings.js'
import type { Diagonal } from '../../model/rows/diagonals.js'
import { sized } from '../../model/openingSize.js'
import type { Opening } from '../../model/rows/openings.js'
import type { Room } from '../../model/rows/room.js'
import type { Wall } from '../../model/rows/walls.js'
import type { Formatter } from '../../kernel/units/formatter.js'

/** Everything measured about a room. */
export interface RoomMeasures {
  readonly room: Room
  readonly walls: readonly Wall[]
  readonly ceilings: readonly Ceiling[]
  readonly diagonals: readonly Diagonal[]
  readonly openings: readonly Opening[]
}

/** One wall as the plan has it, with its areas. */
export interface WallArea {
  readonly wallId: string
  readonly name: string
  /** As it was read, and as it is after the closing error was spread. */
  readonly lengthMm: number
  readonly laidMm: number
  readonly from: Point
  readonly to: Point
  /** Ceiling line along the wall, left to right as seen from inside. */
  readonly profile: readonly ProfilePart[]
  readonly grossMm2: number
  readonly openingsMm2: number
  /** Gross less openings. Never below zero. */
  readonly netMm2: number
  /** The part of the net area below and above the line of the lower wall; all of it is upper when there is none. */
  readonly lowerMm2: number
  readonly upperMm2: number
  /** The strips of its net area that the skirting and the cornice hide. */
  readonly skirtedMm2: number
  readonly cornicedMm2: number
  /** Compass bearing the wall faces outward, when north is known. */
  readonly facesDeg: number | undefined
}

export interface RoomAreas {
  readonly walls: readonly WallArea[]
  readonly corners: readonly Point[]
  readonly wallsGrossMm2: number
  readonly wallsNetMm2: number
  readonly floorMm2: number
  readonly ceilingMm2: number
  /** Floor under each plane of the ceiling; empty where it is level. */
  readonly ceiling: readonly CeilingCell[]
  /** Run of the walls less the widths of doors and openings that reach the floor. */
  readonly skirtingMm: number
  /** Run of the walls where the ceiling is level: a cornice does not run up a slope. */
  readonly corniceMm: number
  /** Face of the skirting, and of the cornice, along its run. */
  readonly trimMm2: number
  /** One face of each door leaf. */
  readonly doorsMm2: number
  readonly perimeterMm: number
  readonly volumeMm3: number
  /** The two longest distances between corners that lie across the room. */
  readonly diagonalsMm: readonly number[]
  /** False while the run does not close within tolerance: every figure is then an estimate. */
  readonly certain: boolean
}

/** The run of walls in order, closed as far as it can be. */
export const closureOf = (m: Pick<RoomMeasures, 'walls' | 'diagonals'>): Closure =>
  closeRun(inOrder(m.walls), m.diagonals)

/** Rows in the order they were walked. */
export const inOrder = <T extends { readonly position: number; readonly id: string }>(
  rows: readonly T[],
): T[] => [...rows].sort((x, y) => x.position - y.position || (x.id < y.id ? -1 : 1))

/** How a wall is called: by its name, or by its place in the run. */
export const wallName = (wall: Pick<Wall, 'name'> | undefined, index: number): string =>
  wall?.name.trim() || `Wall ${index + 1}`

/**
 * Areas of a room, net of openings, on the outline that the compass rule closed.
 *
 * An opening that is not measured counts as it usually is. Openings in one wall that overlap (a door in a glazed screen) are counted once; what stands out of the wall is cut
 * off. Skirting and cornice stand before the wall: their strips of it are told apart, and the face itself stays whole.
 *
 * @returns undefined while the run is open, crosses itself, or no height is known
 */
export function roomAreas(measures: RoomMeasures, closure = closureOf(measures)): RoomAreas | undefined {
  const { room } = measures
  const openings = measures.openings.map((o) => sized(o))
  const walls = inOrder(measures.walls)
  const { corners, run, state } = closure
  const heightMm = room.heightMm
  if (heightMm == null || (state !== 'closed' && state !== 'gap') || selfCrossing(corners)) return undefined
  const inward = run.sense === 'right' ? 1 : -1
  const laid = walls.map((wall, i) => ({
    id: wall.id,
    wall,
    from: corners[i] ?? { x: 0, y: 0 },
    to: corners[(i + 1) % corners.length] ?? { x: 0, y: 0 },
  }))
  const shape = ceilingShape(heightMm, measures.ceilings, laid, inward)
  const line = Math.min(room.lowerWallMm ?? 0, heightMm)
  const areas = laid.map(({ id, wall, from, to }, i): WallArea => {
    const laidMm = distance(from, to)
    const walked = wallProfile({ id, from, to }, shape)
    const profile = inward === 1 ? walked : mirrored(walked, laidMm)
    const here = openingsOn(wall, openings)
    const grossMm2 = Math.round(wallFaceMm2(profile))
    const openingsMm2 = Math.round(wallTakenMm2(here, laidMm, profile, 0, Infinity))
    const lowerMm2 = Math.round(wallFaceMm2(profile, line) - wallTakenMm2(here, laidMm, profile, 0, line))
    const netMm2 = Math.max(0, grossMm2 - openingsMm2)
    const skirted = room.skirtingMm
    const level = profile.filter(isLevel)
    return {
      wallId: id,
      name: wallName(wall, i),
      lengthMm: wall.lengthMm,
      laidMm,
      from,
      to,
      profile,
      grossMm2,
      openingsMm2,
      netMm2,
      lowerMm2,
      upperMm2: netMm2 - lowerMm2,
      skirtedMm2: Math.round(wallFaceMm2(profile, skirted) - wallTakenMm2(here, laidMm, profile, 0, skirted)),
      cornicedMm2: Math.round(level.reduce((sum, p) => sum + (p.toMm - p.fromMm) * room.corniceMm, 0)),
      facesDeg: facesDeg(room.northDeg, run.legs[i]?.headingDeg ?? 0),
    }
  })
  const perimeterMm = perimeter(corners)
  const skirtingMm = areas.reduce((sum, wall) => {
    const atFloor = openings.filter((o) => o.wallId === wall.wallId && o.kind !== 'window' && o.sillMm === 0)
    return sum + wall.laidMm - wallTakenMm2(atFloor, wall.laidMm, wall.profile, 0, 1)
  }, 0)
  const corniceMm = areas.reduce(
    (sum, w) => sum + w.profile.filter(isLevel).reduce((run, p) => run + p.toMm - p.fromMm, 0),
    0,
  )
  const cells = ceilingCells(corners, shape)
  const over = ceilingMeasures(cells)
  return {
    walls: areas,
    corners,
    wallsGrossMm2: areas.reduce((sum, w) => sum + w.grossMm2, 0),
    wallsNetMm2: areas.reduce((sum, w) => sum + w.netMm2, 0),
    floorMm2: Math.round(Math.abs(signedArea(corners))),
    ceiling: cells.every(({ plane: { at, slope } }) => at === shape.heightMm && !slope.x && !slope.y)
      ? []
      : cells,
    ceilingMm2: Math.round(over.areaMm2),
    skirtingMm: Math.round(skirtingMm),
    corniceMm: Math.round(corniceMm),
    trimMm2: Math.round(skirtingMm * room.skirtingMm + corniceMm * room.corniceMm),
    doorsMm2: openings
      .filter((o) => o.kind === 'door' && hasFace(o, walls))
      .reduce((sum, o) => sum + o.widthMm * o.heightMm, 0),
    perimeterMm: Math.round(perimeterMm),
    volumeMm3: Math.round(over.volumeMm3),
    diagonalsMm: longestDiagonals(corners),
    certain: state === 'closed',
  }
}

const isLevel = (p: ProfilePart) => Math.abs(p.endHeightMm - p.startHeightMm) < 1

function mirrored(profile: readonly ProfilePart[], lengthMm: number): ProfilePart[] {
  return [...profile].reverse().map((p) => ({
    fromMm: lengthMm - p.toMm,
    toMm: lengthMm - p.fromMm,
    startHeightMm: p.endHeightMm,
    endHeightMm: p.startHeightMm,
  }))
}

/** Face of a wall under its ceiling line, cut off at a height. */
function wallFaceMm2(profile: readonly ProfilePart[], cutMm = Infinity): number {
  const below = (h: number) => Math.min(h, cutMm)
  return profile.reduce((sum, p) => {
    const width = p.toMm - p.fromMm
    const [low, high] = [Math.min(p.startHeightMm, p.endHeightMm), Math.max(p.startHeightMm, p.endHeightMm)]
    if (cutMm <= low || cutMm >= high) return sum + (width * (below(low) + below(high))) / 2
    // The cut meets the slope: a trapezium up to it, a rectangle beyond.
    const sloped = (width * (cutMm - low)) / (high - low)
    return sum + (sloped * (low + cutMm)) / 2 + (width - sloped) * cutMm
  }, 0)
}

/** Looking out through the first wall one faces `northDeg`; each right turn of the run turns the view as far. */
function facesDeg(northDeg: number | null, headingDeg: number): number | undefined {
  return northDeg === null ? undefined : (((northDeg + headingDeg) % 360) + 360) % 360
}

function longestDiagonals(corners: readonly Point[]): number[] {
  const n = corners.length
  const found: number[] = []
  for (let i = 0; i < n; i++)
    for (let j = i + 2; j < n; j++) {
      const [a, b] = [corners[i], corners[j]]
      if (a && b && !(i === 0 && j === n - 1)) found.push(Math.round(distance(a, b)))
    }
  return found.sort((a, b) => b - a).slice(0, 2)
}

/** What is wrong with an opening in its wall, worded with the field to fix; empty when it fits. */
export function openingFaults(
  wall:
    | { readonly name: string; readonly lengthMm: number; readonly profile?: readonly ProfilePart[] }
    | undefined,
  heightMm: number | null | undefined,
  entered: Opening,
  says: Formatter,
): { field: string; text: string }[] {
  const faults: { field: string; text: string }[] = []
  if (!wall) return [{ field: 'wallId', text: 'Its wall is gone. Choose the wall it is in.' }]
  const opening = sized(entered)
  const end = opening.startMm + opening.widthMm
  if (end > wall.lengthMm)
    faults.push({
      field: 'startMm',
      text: `From left and width reach ${says.length(end)}, past the ${says.typed(wall.lengthMm)} of ${wall.name}. Shorten one of them.`,
    })
  const top = opening.sillMm + opening.heightMm
  const under =
    wall.profile && wall.profile.length > 0
      ? Math.floor(Math.min(profileHeight(wall.profile, opening.startMm), profileHeight(wall.profile, end)))
      : heightMm
  if (under != null && top > under)
    faults.push({
      field: 'heightMm',
      text: `Sill and height reach ${says.length(top)}, past the ${says.length(under)} of the ceiling there. Lower one of them.`,
    })
  return faults
}
