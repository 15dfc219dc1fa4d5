import type { Point } from '../../kernel/geometry/polygon.js'
import type { UnitSystem } from '../../kernel/units/length.js'

/** What a part of a sheet or of a wall is. */
export type PartUse = 'used' | 'spare' | 'lost' | 'opening'

/** A rectangle of a drawing, in mm from its upper left corner. */
export interface DrawnPart {
  readonly xMm: number
  readonly yMm: number
  readonly widthMm: number
  readonly heightMm: number
  readonly label: string
  readonly use: PartUse
}

/** A drawing to scale: a wall with its drops, a roll with its cuts, a floor with its boards. */
export interface Drawing {
  readonly name: string
  readonly widthMm: number
  readonly heightMm: number
  readonly parts: readonly DrawnPart[]
  /** Only its length is to scale: how wide a molding is does not matter to its cuts. */
  readonly strip?: boolean
  /** What is marked on it, each point by its number. */
  readonly points?: readonly MarkedPoint[]
  /** The walls it shows, where they are laid as one. */
  readonly spans?: readonly Span[]
  /** Its edge, where it is no rectangle. */
  readonly outline?: readonly Point[]
  /** The doors of a floor, each by the ends of its threshold. */
  readonly doors?: readonly { readonly name: string; readonly from: Point; readonly to: Point }[]
  /** How many are cut exactly so. */
  readonly times: number
}

/** A point that is marked out: a hook, a plug, the middle of what is stuck on. From the upper left corner. */
export interface MarkedPoint {
  readonly xMm: number
  readonly yMm: number
  readonly label: string
}

/** One wall of several that are laid as one. */
export interface Span {
  readonly name: string
  readonly fromMm: number
  readonly toMm: number
}

/** A hole in a surface that is laid: from the left and from its foot. */
export interface Hole {
  readonly name: string
  readonly startMm: number
  readonly widthMm: number
  readonly bottomMm: number
  readonly topMm: number
}

/** A surface to be laid: a wall, or a band of one, as seen from the room. */
export interface Face {
  readonly name: string
  readonly widthMm: number
  readonly heightMm: number
  readonly holes: readonly Hole[]
  /** It ends below the ceiling: its upper edge is seen. */
  readonly openTop?: boolean
  /** Walls side by side that are laid as one. */
  readonly spans?: readonly Span[]
  /** All round the room: the walls between which its end meets its beginning. */
  readonly meets?: readonly [string, string]
}

/** What is sold by length is priced by the meter or by the yard. */
export const soldUnitMm = (system: UnitSystem): number => (system === 'metric' ? 1000 : 914.4)

/** The openings of a face as they are drawn. */
export const drawnHoles = (face: Face): DrawnPart[] =>
  face.holes.map((h) => ({
    xMm: h.startMm,
    yMm: face.heightMm - h.topMm,
    widthMm: h.widthMm,
    heightMm: h.topMm - h.bottomMm,
    label: h.name,
    use: 'opening',
  }))

// Binary dust of sums of millimeters.
export const DUST_MM = 1e-6
/** What is only about so much is said to the centimeter. */
export const tens = (mm: number): number => 10 * Math.round(mm / 10)
export const ceilDiv = (what: number, by: number): number => Math.ceil(what / by - 1e-9)
export const floorDiv = (what: number, by: number): number => Math.floor(what / by + 1e-9)
