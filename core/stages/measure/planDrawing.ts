import type { Mark, PlanDrawing } from '../../kernel/geometry/drawing.js'
import { cross, distance, minus, plus, type Point } from '../../kernel/geometry/polygon.js'
import type { MeasureFacts } from './measureFacts.js'
import { wallName } from './roomAreas.js'
import type { Fixture } from '../../model/rows/fixtures.js'
import { sized } from '../../model/openingSize.js'
import type { Opening } from '../../model/rows/openings.js'
import type { Formatter } from '../../kernel/units/formatter.js'

export { LAYERS, type Layer, type Mark, type PlanDrawing } from '../../kernel/geometry/drawing.js'

/** Walls are drawn this thick outside the room; nobody has measured them. */
export const WALL_MM = 110

interface Side {
  readonly id: string
  readonly name: string
  readonly readMm: number
  readonly from: Point
  readonly to: Point
  readonly dir: Point
  readonly out: Point
  readonly length: number
}

/** The walls as they are drawn: closed by the compass rule, or as they were read while they do not close. */
function sides({ closure, walls }: MeasureFacts): Side[] {
  const { corners, run, state } = closure
  const closed = state === 'closed'
  return run.legs.map((leg, i): Side => {
    const from = closed ? (corners[i] ?? leg.from) : leg.from
    const to = closed ? (corners[(i + 1) % corners.length] ?? leg.to) : leg.to
    const length = distance(from, to) || 1
    const dir = { x: (to.x - from.x) / length, y: (to.y - from.y) / length }
    const sign = run.sense === 'right' ? 1 : -1
    return {
      id: leg.wall.id,
      name: wallName(walls[i], i),
      readMm: leg.wall.lengthMm,
      from,
      to,
      dir,
      out: { x: dir.y * sign, y: -dir.x * sign },
      length,
    }
  })
}

/** The walls: closed with their thickness outside, or the run so far, with what is missing when it does not close. */
function wallMarks(list: readonly Side[], state: MeasureFacts['closure']['state']): Mark[] {
  const corners = list.map((s) => s.from)
  const [first, last] = [list[0], list[list.length - 1]]
  if (!first || !last) return []
  if (state === 'closed' || state === 'crossed')
    return [
      { kind: 'outline', layer: 'FLOOR', points: corners, closed: true },
      { kind: 'outline', layer: 'WALL', points: corners, closed: true },
      { kind: 'outline', layer: 'WALL', points: outer(list), closed: true },
    ]
  // An open run: its inner line, and the wall's thickness outside it, square at both ends.
  const inner = [...corners, last.to]
  const [, ...mitred] = outer(list)
  const outside = [plus(first.from, first.out, WALL_MM), ...mitred, plus(last.to, last.out, WALL_MM)]
  const marks: Mark[] = [
    { kind: 'outline', layer: 'WALL', points: inner, closed: false },
    { kind: 'outline', layer: 'WALL', points: [...inner, ...outside.reverse()], closed: true },
  ]
  if (state === 'gap') marks.push({ kind: 'line', layer: 'GAP', from: last.to, to: { x: 0, y: 0 } })
  return marks
}

/** What is fixed to the walls: openings and fixtures. */
function fixedMarks({ measures, closure }: MeasureFacts, list: readonly Side[]): Mark[] {
  const sideOf = (wallId: string) => list.find((x) => x.id === wallId)
  const { sense } = closure.run
  return [
    ...measures.openings.flatMap((o) => {
      const side = sideOf(o.wallId)
      return side ? drawOpening(o, side, sense) : []
    }),
    ...measures.fixtures.flatMap((f) => {
      const side = sideOf(f.wallId)
      return side ? drawFixture(f, side, sense) : []
    }),
  ]
}

/** Where a sloping ceiling begins, with its heights. */
function slopeMarks({ measures, says }: MeasureFacts, list: readonly Side[], textMm: number): Mark[] {
  return measures.ceilings.flatMap((c): Mark[] => {
    const s = list.find((x) => x.id === c.wallId)
    if (!s) return []
    const [a, b] = [plus(s.from, s.out, -c.depthMm), plus(s.to, s.out, -c.depthMm)]
    return [
      { kind: 'line', layer: 'CEILING', from: a, to: b },
      {
        kind: 'text',
        layer: 'CEILING',
        at: plus(midpoint(a, b), s.out, textMm * 0.5),
        text: `${says.drawn(c.startHeightMm)}–${says.drawn(c.endHeightMm)} high`,
        angleDeg: readable(s.dir),
        sizeMm: textMm * 0.8,
      },
    ]
  })
}

/** The number of each wall, where the wall is long enough for it. */
const numberMarks = (list: readonly Side[], textMm: number): Mark[] =>
  list.flatMap((s, i): Mark[] =>
    s.length < textMm * 3
      ? []
      : [
          {
            kind: 'text',
            layer: 'NAME',
            id: s.id,
            text: String(i + 1),
            at: plus(plus(s.from, s.dir, s.length / 2), s.out, -textMm * 1.1),
            angleDeg: 0,
            sizeMm: textMm * 0.9,
          },
        ],
  )

/** Draws the plan of a room with its dimensions; undefined before the first wall. */
export function planDrawing(facts: MeasureFacts): PlanDrawing | undefined {
  const list = sides(facts)
  const { state, run } = facts.closure
  if (list.length === 0) return undefined
  const points = list.flatMap((s) => [s.from, s.to])
  const extent = Math.max(
    ...(['x', 'y'] as const).map(
      (k) => Math.max(...points.map((p) => p[k])) - Math.min(...points.map((p) => p[k])),
    ),
    1500,
  )
  const textMm = Math.round(extent / 22)
  const marks: Mark[] = [
    ...wallMarks(list, state),
    ...list.flatMap((side) => dimension(side, facts.says, textMm)),
    ...fixedMarks(facts, list),
    ...slopeMarks(facts, list, textMm),
    ...numberMarks(list, textMm),
  ]
  const reach = textMm * 4.2
  const all = marks.flatMap((m) =>
    m.kind === 'outline' ? m.points : m.kind === 'text' ? [m.at] : [m.from, m.to],
  )
  const first = facts.measures.room.northDeg
  return {
    marks,
    textMm,
    low: {
      x: Math.min(...all.map((p) => p.x)) - reach * 0.5,
      y: Math.min(...all.map((p) => p.y)) - reach * 0.5,
    },
    high: {
      x: Math.max(...all.map((p) => p.x)) + reach * 0.5,
      y: Math.max(...all.map((p) => p.y)) + reach * 0.5,
    },
    upDeg: first == null ? undefined : (first + (run.sense === 'right' ? 0 : 180)) % 360,
  }
}

const midpoint = (a: Point, b: Point): Point => ({ x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 })

/** Angle at which lettering along a direction is read from below or from the right. */
function readable(dir: Point): number {
  const deg = (Math.atan2(dir.y, dir.x) * 180) / Math.PI
  return deg > 90.01 ? deg - 180 : deg <= -89.99 ? deg + 180 : deg
}

/** The outline a wall's thickness farther out, mitred at the corners. */
function outer(list: readonly Side[]): Point[] {
  return list.map((s, i) => {
    const before = list[(i + list.length - 1) % list.length] ?? s
    const turn = cross(before.dir, s.dir)
    if (Math.abs(turn) < 1e-6) return plus(s.from, s.out, WALL_MM)
    const a = plus(s.from, before.out, WALL_MM)
    const b = plus(s.from, s.out, WALL_MM)
    return plus(a, before.dir, cross(minus(b, a), s.dir) / turn)
  })
}

function dimension(s: Side, says: Formatter, textMm: number): Mark[] {
  const away = WALL_MM + textMm * 1.5
  const tick = textMm * 0.32
  const [a, b] = [plus(s.from, s.out, away), plus(s.to, s.out, away)]
  const layer = 'DIMENSION' as const
  const slash = plus({ x: 0, y: 0 }, { x: s.dir.x + s.out.x, y: s.dir.y + s.out.y }, tick)
  return [
    { kind: 'line', layer, from: a, to: b },
    ...[a, b].flatMap((p, i): Mark[] => [
      { kind: 'line', layer, from: plus(p, slash, -1), to: plus(p, slash) },
      {
        kind: 'line',
        layer,
        from: plus(i === 0 ? s.from : s.to, s.out, WALL_MM + textMm * 0.3),
        to: plus(p, s.out, tick),
      },
    ]),
    {
      kind: 'text',
      layer,
      id: s.id,
      at: plus(midpoint(a, b), s.out, textMm * 0.85),
      text: says.system === 'metric' ? says.drawn(s.readMm) : says.typed(s.readMm),
      angleDeg: readable(s.dir),
      sizeMm: textMm,
    },
  ]
}

/** Two ends of a stretch of wall, told from its left end as seen from inside; left first. */
function stretch(s: Side, startMm: number, widthMm: number, sense: 'right' | 'left'): [Point, Point] {
  const at = (mm: number) => (sense === 'right' ? plus(s.from, s.dir, mm) : plus(s.to, s.dir, -mm))
  return [at(startMm), at(startMm + widthMm)]
}

function drawOpening(entered: Opening, s: Side, sense: 'right' | 'left'): Mark[] {
  const o = sized(entered)
  const [left, right] = stretch(s, o.startMm, o.widthMm, sense)
  const box = [left, right, plus(right, s.out, WALL_MM), plus(left, s.out, WALL_MM)]
  if (o.kind === 'window') {
    const [a, b] = [plus(left, s.out, WALL_MM / 2), plus(right, s.out, WALL_MM / 2)]
    return [
      { kind: 'outline', layer: 'WINDOW', points: box, closed: true, id: o.id },
      { kind: 'line', layer: 'WINDOW', from: a, to: b },
    ]
  }
  const gap: Mark = { kind: 'outline', layer: 'DOOR', points: box, closed: true, id: o.id }
  if (o.kind !== 'door' || o.swing === 'slides' || o.swing === 'none' || o.hinge === 'none') return [gap]
  const into = o.swing === 'in' ? -1 : 1
  const [hinge, other] = o.hinge === 'left' ? [left, right] : [right, left]
  const foot = o.swing === 'in' ? hinge : plus(hinge, s.out, WALL_MM)
  const shut = o.swing === 'in' ? other : plus(other, s.out, WALL_MM)
  const tip = plus(foot, s.out, into * o.widthMm)
  return [
    gap,
    { kind: 'line', layer: 'DOOR', from: foot, to: tip },
    {
      kind: 'arc',
      layer: 'DOOR',
      from: tip,
      to: shut,
      radius: o.widthMm,
      clockwise: cross(minus(tip, foot), minus(shut, foot)) > 0,
    },
  ]
}

function drawFixture(f: Fixture, s: Side, sense: 'right' | 'left'): Mark[] {
  const [left, right] = stretch(s, f.startMm, Math.max(f.widthMm, 60), sense)
  const layer = 'FIXTURE' as const
  if (f.kind === 'ceiling point') {
    const at = plus(left, s.out, -f.depthMm)
    const arm = 90
    return [
      { kind: 'line', layer, from: plus(at, s.dir, -arm), to: plus(at, s.dir, arm) },
      { kind: 'line', layer, from: plus(at, s.out, -arm), to: plus(at, s.out, arm) },
    ]
  }
  const depth = Math.max(f.depthMm, 40)
  return [
    {
      kind: 'outline',
      layer,
      closed: true,
      id: f.id,
      points: [left, right, plus(right, s.out, -depth), plus(left, s.out, -depth)],
    },
  ]
}

/** Where an arc ends in the terms of a drawing file: its center and the two angles, counterclockwise with y up. */
export function arcAngles(arc: Mark & { kind: 'arc' }): {
  readonly center: Point
  readonly startDeg: number
  readonly endDeg: number
} {
  const half = midpoint(arc.from, arc.to)
  const along = minus(arc.to, arc.from)
  const span = Math.hypot(along.x, along.y)
  const rise = Math.sqrt(Math.max(0, arc.radius ** 2 - (span / 2) ** 2))
  const aside = { x: -along.y / span, y: along.x / span }
  const center = plus(half, aside, arc.clockwise ? rise : -rise)
  // y turns over, and with it the sense of rotation.
  const angle = (p: Point) => ((Math.atan2(-(p.y - center.y), p.x - center.x) * 180) / Math.PI + 360) % 360
  return arc.clockwise
    ? { center, startDeg: angle(arc.to), endDeg: angle(arc.from) }
    : { center, startDeg: angle(arc.from), endDeg: angle(arc.to) }
}
