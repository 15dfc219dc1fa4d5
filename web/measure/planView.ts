import type { Opening, Room } from '@bonitas/core/measure/schema'

export interface PlanLine {
  readonly x1: number
  readonly y1: number
  readonly x2: number
  readonly y2: number
}

export interface PlanOpening extends PlanLine {
  readonly id: string
  readonly kind: string
  readonly name: string
  /** Door leaf and its swing, for doors: hinge, end of the leaf, and the start of the arc. */
  readonly swing: { readonly leaf: PlanLine; readonly arc: string } | undefined
}

export interface Dimension extends PlanLine {
  readonly key: string
  readonly mm: number
  readonly vertical: boolean
}

export interface PlanView {
  readonly lengthMm: number
  readonly widthMm: number
  readonly openings: readonly PlanOpening[]
  readonly dimensions: readonly Dimension[]
}

/**
 * Plan of a rectangular room, in millimeters: origin at the inner north-west corner, x to the east, y to the south.
 * `startMm` counts from the left end as seen from inside, so it runs with x on the north wall, with y on the east
 * wall, against x on the south wall and against y on the west wall.
 */
export function planView(room: Room, openings: readonly Opening[]): PlanView | undefined {
  const { lengthMm: length, widthMm: width } = room
  if (length == null || width == null) return undefined
  const along = (o: Opening): PlanLine => {
    const from = o.startMm
    const to = o.startMm + o.widthMm
    if (o.wall === 'north') return { x1: from, y1: 0, x2: to, y2: 0 }
    if (o.wall === 'east') return { x1: length, y1: from, x2: length, y2: to }
    if (o.wall === 'south') return { x1: length - from, y1: width, x2: length - to, y2: width }
    return { x1: 0, y1: width - from, x2: 0, y2: width - to }
  }
  const inward = { north: [0, 1], east: [-1, 0], south: [0, -1], west: [1, 0] } as const
  const shown = openings.map((o): PlanOpening => {
    const line = along(o)
    const [ix, iy] = inward[o.wall]
    const tip = { x: line.x1 + ix * o.widthMm, y: line.y1 + iy * o.widthMm }
    return {
      ...line,
      id: o.id,
      kind: o.kind,
      name: o.name || o.kind,
      swing:
        o.kind === 'door'
          ? {
              leaf: { x1: line.x1, y1: line.y1, x2: tip.x, y2: tip.y },
              arc: `M ${tip.x} ${tip.y} A ${o.widthMm} ${o.widthMm} 0 0 1 ${line.x2} ${line.y2}`,
            }
          : undefined,
    }
  })
  const gap = 420
  const dimensions: Dimension[] = [
    { key: 'length', x1: 0, y1: -gap, x2: length, y2: -gap, mm: length, vertical: false },
    { key: 'width', x1: -gap, y1: 0, x2: -gap, y2: width, mm: width, vertical: true },
  ]
  for (const o of openings) {
    const l = along(o)
    const out = 210
    const shift = { north: [0, -out], east: [out, 0], south: [0, out], west: [-out, 0] }[o.wall]
    const [dx = 0, dy = 0] = shift
    dimensions.push({
      key: o.id,
      x1: Math.min(l.x1, l.x2) + dx,
      x2: Math.max(l.x1, l.x2) + dx,
      y1: Math.min(l.y1, l.y2) + dy,
      y2: Math.max(l.y1, l.y2) + dy,
      mm: o.widthMm,
      vertical: o.wall === 'east' || o.wall === 'west',
    })
  }
  return { lengthMm: length, widthMm: width, openings: shown, dimensions }
}
