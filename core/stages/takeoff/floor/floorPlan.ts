import type { Point } from '../../../kernel/geometry/polygon.js'
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

/** The floor itself: its outline and its doors, from the upper left. */
export function drawnFloor(outline: readonly Point[], doors: readonly FloorDoor[]): Omit<Drawing, 'parts'> {
  const [x, y] = [Math.min(...outline.map((p) => p.x)), Math.min(...outline.map((p) => p.y))]
  const at = (p: Point) => ({ x: p.x - x, y: p.y - y })
  return {
    name: 'Floor',
    widthMm: Math.max(...outline.map((p) => p.x)) - x,
    heightMm: Math.max(...outline.map((p) => p.y)) - y,
    outline: outline.map(at),
    doors: doors.map((d) => ({ name: d.name, from: at(d.from), to: at(d.to) })),
    times: 1,
  }
}
