import { minus, type Point } from '../../../kernel/geometry/polygon.js'
import type { Drawing } from '../trade.js'

/** A door, or an opening that reaches the floor, by the two ends of its threshold. */
export interface FloorDoor {
  readonly name: string
  readonly from: Point
  readonly to: Point
}

const turnedPoint = ({ x, y }: Point): Point => ({ x: y, y: x })

/** The floor as it is laid: along x as it is drawn, or turned. */
export const turned = (outline: readonly Point[], doors: readonly FloorDoor[], isTurned: boolean) =>
  isTurned
    ? {
        outline: outline.map(turnedPoint),
        doors: doors.map((d) => ({ ...d, from: turnedPoint(d.from), to: turnedPoint(d.to) })),
      }
    : { outline, doors }

/** The rectangle round a floor. */
export function floorBox(outline: readonly Point[]): {
  readonly low: Point
  readonly widthMm: number
  readonly heightMm: number
} {
  const [xs, ys] = [outline.map((p) => p.x), outline.map((p) => p.y)]
  const low = { x: Math.min(...xs), y: Math.min(...ys) }
  return { low, widthMm: Math.max(...xs) - low.x, heightMm: Math.max(...ys) - low.y }
}

/** The floor itself: its outline and its doors, from the upper left. */
export function drawnFloor(outline: readonly Point[], doors: readonly FloorDoor[]): Omit<Drawing, 'parts'> {
  const { low, widthMm, heightMm } = floorBox(outline)
  const at = (p: Point) => minus(p, low)
  return {
    ...{ name: 'Floor', widthMm, heightMm, times: 1 },
    outline: outline.map(at),
    doors: doors.map((d) => ({ name: d.name, from: at(d.from), to: at(d.to) })),
  }
}

/** Where the name of a door is written: along its threshold, so far into the floor. */
export function doorName(
  { widthMm, heightMm }: Pick<Drawing, 'widthMm' | 'heightMm'>,
  { from, to }: Pick<FloorDoor, 'from' | 'to'>,
  intoMm: number,
): { readonly at: Point; readonly isUpright: boolean } {
  const middle = { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 }
  const inward = (at: number, whole: number) => (at < whole / 2 ? intoMm : -intoMm)
  return Math.abs(from.y - to.y) > Math.abs(from.x - to.x)
    ? { at: { x: middle.x + inward(middle.x, widthMm), y: middle.y }, isUpright: true }
    : { at: { x: middle.x, y: middle.y + inward(middle.y, heightMm) }, isUpright: false }
}
