import type { Point } from './polygon.js'

export const LAYERS = [
  'FLOOR',
  'WALL',
  'DOOR',
  'WINDOW',
  'FIXTURE',
  'CEILING',
  'DIMENSION',
  'NAME',
  'GAP',
  'PIECE',
  'RUG',
  'HANG',
  'NAIL',
  'PANEL',
  'LINE',
] as const
export type Layer = (typeof LAYERS)[number]

/** One stroke of a plan, in millimeters; x to the right, y down the sheet. */
export type Mark =
  | {
      readonly kind: 'line'
      readonly layer: Layer
      readonly from: Point
      readonly to: Point
      readonly id?: string
    }
  | {
      readonly kind: 'outline'
      readonly layer: Layer
      readonly points: readonly Point[]
      readonly closed: boolean
      readonly id?: string
    }
  | {
      readonly kind: 'arc'
      readonly layer: Layer
      readonly from: Point
      readonly to: Point
      readonly radius: number
      readonly clockwise: boolean
    }
  | {
      readonly kind: 'text'
      readonly layer: Layer
      readonly at: Point
      readonly text: string
      readonly angleDeg: number
      readonly sizeMm: number
      readonly id?: string
    }

/** A plan as strokes: the screen, the SVG and the DXF are drawn from the same. */
export interface PlanDrawing {
  readonly marks: readonly Mark[]
  readonly low: Point
  readonly high: Point
  /** Height of the lettering. */
  readonly textMm: number
  /** Compass bearing of the upper edge of the sheet; undefined until north is known. */
  readonly upDeg: number | undefined
}
