import type { RoomKind } from '../../model/vocabulary/room.js'
import type { UseKind } from '../../model/vocabulary/use.js'
import type { Formatter } from '../../kernel/units/formatter.js'
import { carryIn, type CarryIn, type WayPart } from './carryIn.js'
import { inTheWay } from './free.js'
import type { Luminaire, Reflecting } from './light/roomLighting.js'
import { isFlat, OFF_FLOOR, SEATS, type Needs } from './needs.js'
import { boxCorners } from '../../kernel/geometry/box.js'
import type { Point } from '../../kernel/geometry/polygon.js'
import {
  entranceOf,
  fromWall,
  onWall,
  stepIn,
  type PlanOpening,
  type PlanRoom,
  type PlanWall,
} from './planRoom.js'
import { seatGroup } from './seatGroup.js'
import type { Frame } from '../../model/rows/frames.js'
import type { WallPlacement } from '../../model/rows/wallPlacements.js'
import type { PanelLayout } from '../../model/rows/panelLayouts.js'
import { sightLine, type SightLine } from './sightLine.js'
import { sideOf, type PlanPiece, type Standing } from './standing.js'
import { walkways, type Walking, type Walkway } from './walkways.js'
import { frameSizes, frameWeightG } from './walls/framing.js'
import { hookHeight, hookPlaces } from './walls/hanging.js'

/** One hung piece as the eye sees it, with the places of its hooks. */
export interface Hung {
  readonly id: string
  readonly piece: PlanPiece
  readonly name: string
  readonly wallId: string
  readonly xMm: number
  readonly centerMm: number
  /** Outer size: the frame's when there is one. */
  readonly widthMm: number
  readonly heightMm: number
  readonly topMm: number
  readonly bottomMm: number
  readonly nails: readonly { readonly xMm: number; readonly heightMm: number }[]
  readonly row: WallPlacement
  readonly frame: Frame | undefined
  /** What it weighs at the least: as entered, or else what its frame alone weighs; null when neither is known. */
  readonly weightG: number | null
}

/** What the school of the job says on the topics the plan judges; null where it has not chosen. */
export interface PlanSchools {
  readonly rug: string | null
  readonly hanging: string | null
  readonly frames: string | null
  readonly lamps: string | null
  readonly mood: string | null
  readonly trimAndCeiling: string | null
  readonly childrensLight: string | null
  readonly tenure: string | null
}

export interface PlanUse {
  readonly id: string
  readonly name: string
  readonly kind: UseKind
  readonly persons: number
}

export interface PlanHousehold {
  readonly known: boolean
  readonly children: boolean
  readonly smallChildren: boolean
  readonly pets: boolean
}

/** Everything the plan knows, without what is derived from where things stand. */
export interface PlanInput {
  readonly room: PlanRoom
  readonly needs: Needs
  readonly schools: PlanSchools
  readonly says: Formatter
  readonly pieces: readonly PlanPiece[]
  readonly standings: readonly Standing[]
  /** Second places, where pieces go while a bed is extended. */
  readonly parked: readonly Standing[]
  readonly wallPlacements: readonly Hung[]
  readonly panelLayouts: readonly PanelLayout[]
  readonly lamps: readonly Luminaire[]
  /** Ids of the pieces that have a lamp entered with its light. */
  readonly litPieces: ReadonlySet<string>
  /** How far the switch of a lamp is from the pillow, where that was measured; by piece. */
  readonly switches: ReadonlyMap<string, number>
  readonly reflecting: Reflecting
  readonly uses: readonly PlanUse[]
  readonly household: PlanHousehold
  readonly way: readonly WayPart[]
  /** The height agreed for the middles of pictures. */
  readonly eyeLineMm: number
  readonly eyeLineAgreed: boolean
  /** Hours of sun a day in the brightest season on each wall across from a window; by wall. */
  readonly sunOnWall: ReadonlyMap<string, number>
  /** How many different finishes lie on the floor of one zone. */
  readonly floorFinishes: number
  readonly roomKind: RoomKind | null
  readonly exposedToWeather: boolean
  /** Ways out that move pieces are searched for; not while a piece is dragged. */
  readonly withFixes: boolean
  /** The piece being dragged: only it is judged anew, and what stands near it. */
  readonly moved?: Standing | undefined
}

/** The plan with what follows from where things stand. */
export interface PlanFacts extends PlanInput {
  readonly solid: readonly Standing[]
  readonly rugs: readonly Standing[]
  readonly seats: readonly Standing[]
  readonly sight: SightLine | undefined
  /** Where one comes in and what one must get to; undefined in a room without a door. */
  readonly walking: Walking | undefined
  readonly walks: readonly Walkway[]
  readonly carried: readonly { readonly piece: PlanPiece; readonly result: CarryIn }[]
}

/** Pieces smaller than this in two of their sides need no thought at the door. */
const LARGE_MM = 600

/** Large pieces that must still come in. */
export const mustComeIn = (p: PlanPiece): boolean =>
  !p.there &&
  !OFF_FLOOR.has(p.kind) &&
  p.kind !== 'rug' &&
  [p.widthMm, p.depthMm, p.heightMm].filter((v) => v >= LARGE_MM).length >= 2

/** Works out what follows from where things stand. Pure; the same in browser, worker and server. */
export function planFacts(input: PlanInput): PlanFacts {
  const { room, standings, needs } = input
  const solid = standings.filter(inTheWay)
  const hangings = input.wallPlacements.map((h) => ({
    name: h.name,
    wallId: h.wallId,
    xMm: h.xMm,
    widthMm: h.widthMm,
    focal: h.piece.focal,
  }))
  const walking = walkingOf(room, standings, solid, needs)
  return {
    ...input,
    solid,
    rugs: standings.filter((s) => isFlat(s.kind)),
    seats: seatGroup(standings, needs.talkMost),
    sight: sightLine(room, standings, hangings, input.exposedToWeather),
    walking,
    walks: walking ? walkways(room, walking) : [],
    carried: input.pieces.filter(mustComeIn).map((piece) => ({ piece, result: carryIn(piece, input.way) })),
  }
}

// The grid measures a way to within a cell.
const AMPLE_MM = 60
// A piece is reached by standing this far before it.
const REACH_MM = 300

function walkingOf(
  room: PlanRoom,
  standings: readonly Standing[],
  solid: readonly Standing[],
  needs: Needs,
): Walking | undefined {
  const door = entranceOf(room)
  const from = door && stepIn(door, room.walls, 350)
  if (!from) return undefined
  // One sits down on a seat from its front, and draws a curtain from before the window; small things are reached over.
  const reached = standings.filter((s) => REACHED.has(s.kind) && s.raisedMm === 0)
  const targets = [
    ...reached.map((s) => {
      const { origin, normal, along, half } = sideOf(s.box, 'front')
      // A wide seat is reached at its ends, a bed from its sides: what stands before its middle is no wall.
      const reach = SEATS.has(s.kind) ? [0, half - 200, 200 - half] : [0]
      const before = reach.map((by) => ({
        x: origin.x + normal.x * REACH_MM + along.x * by,
        y: origin.y + normal.y * REACH_MM + along.y * by,
      }))
      const beside =
        s.kind === 'bed'
          ? (['left', 'right'] as const)
              .map((side) => sideOf(s.box, side))
              .map((l) => ({ x: l.origin.x + l.normal.x * REACH_MM, y: l.origin.y + l.normal.y * REACH_MM }))
          : []
      return { id: s.id, name: s.name, at: [...before, ...beside, ...(s.kind === 'table' ? roundOf(s) : [])] }
    }),
    ...room.openings
      .filter((o) => o.kind === 'window')
      .flatMap((o) => {
        const wall = room.walls.find((w) => w.id === o.wallId)
        return wall ? [{ id: o.id, name: o.name || 'Window', at: beforeWindow(wall, o, solid) }] : []
      }),
  ]
  const obstacles = solid
    .filter((s) => !LIGHT_KINDS.has(s.kind))
    .map((s) => ({ id: s.id, name: s.name, box: s.box }))
  return { from, targets, obstacles, amplyMm: Math.max(needs.walkMain, needs.walkLeast) + AMPLE_MM }
}

// Over a desk or a low shelf one still reaches the handle (common practice: an arm's length).
const OVER_MM = 750

/** Where one stands to open a window: before it, or before what is low and shallow enough to be reached over. */
function beforeWindow(wall: PlanWall, window: PlanOpening, solid: readonly Standing[]): Point[] {
  const middle = window.startMm + window.widthMm / 2
  const low = solid.flatMap((s) => {
    const at = boxCorners(s.box).map((p) => fromWall(wall, p))
    const [near, far] = [Math.min(...at.map((p) => p.beforeMm)), Math.max(...at.map((p) => p.beforeMm))]
    const covers =
      Math.min(...at.map((p) => p.alongMm)) < middle && Math.max(...at.map((p) => p.alongMm)) > middle
    const overIt = s.raisedMm + s.heightMm <= window.sillMm
    return covers && overIt && near < REACH_MM && far <= OVER_MM ? [far] : []
  })
  return [onWall(wall, middle, REACH_MM), ...low.map((far) => onWall(wall, middle, far + REACH_MM))]
}

/** Where one stands at the other sides of a table: it has no front of its own. */
const roundOf = (s: Standing): Point[] =>
  (['back', 'left', 'right'] as const)
    .map((side) => sideOf(s.box, side))
    .map((l) => ({ x: l.origin.x + l.normal.x * REACH_MM, y: l.origin.y + l.normal.y * REACH_MM }))

/** Kinds one must be able to walk up to. */
const REACHED: ReadonlySet<string> = new Set([
  'sofa',
  'sofa bed',
  'armchair',
  'desk',
  'table',
  'cabinet',
  'chest of drawers',
  'wardrobe',
  'shelves',
  'bed',
  'cot',
  'piano',
  'sanitary',
])
/** Kinds a person moves aside with one hand on the way. */
const LIGHT_KINDS: ReadonlySet<string> = new Set(['chair', 'stool'])

/** A hang with everything known of its piece. */
export function hungOf(row: WallPlacement, piece: PlanPiece, frame: Frame | undefined): Hung {
  const [widthMm, heightMm] = frame ? frameSizes(frame).outer : [piece.widthMm, piece.heightMm]
  const nailMm = hookHeight(row.centerMm, heightMm, row.dropMm)
  return {
    id: row.id,
    piece,
    name: piece.count > 1 ? `${piece.name} ${row.number}` : piece.name,
    wallId: row.wallId,
    xMm: row.xMm,
    centerMm: row.centerMm,
    widthMm,
    heightMm,
    topMm: row.centerMm + heightMm / 2,
    bottomMm: row.centerMm - heightMm / 2,
    nails: hookPlaces(row.xMm, row.hooks, row.hookSpanMm).map((xMm) => ({ xMm, heightMm: nailMm })),
    row,
    frame,
    weightG: piece.weightG ?? (frame ? frameWeightG(frame) : null),
  }
}

/** What stands before a wall within a reach, as it is seen in its elevation. */
export interface BeforeWall {
  readonly standing: Standing
  readonly leftMm: number
  readonly rightMm: number
  readonly topMm: number
  /** From the wall to the nearest point of it. */
  readonly awayMm: number
}
