import { boxCorners } from '../../kernel/geometry/box.js'
import type { Mark, PlanDrawing } from '../../kernel/geometry/drawing.js'
import type { Point } from '../../kernel/geometry/polygon.js'
import { beforeWall } from './elevation.js'
import { isFlat } from './needs.js'
import type { BeforeWall, Hung, PlanFacts } from './planFacts.js'
import { avoidedOn } from './rules/frames.js'
import { layPanels } from './walls/layPanels.js'
import type { Formatter } from '../../kernel/units/formatter.js'

/** The pieces of a plan as strokes, to be drawn over the measured room. */
export function pieceMarks(facts: PlanFacts): Mark[] {
  return facts.standings.flatMap((s): Mark[] => {
    const layer = isFlat(s.kind) ? ('RUG' as const) : ('PIECE' as const)
    const size = Math.max(60, Math.min(140, Math.min(s.widthMm, s.depthMm) / 4))
    return [
      { kind: 'outline', layer, points: [...boxCorners(s.box)], closed: true, id: s.id },
      {
        kind: 'text',
        layer,
        at: { x: Math.round(s.box.x), y: Math.round(s.box.y) },
        text: s.name,
        angleDeg: 0,
        sizeMm: Math.round(size),
        id: s.id,
      },
    ]
  })
}

/** A drawing of the room with more strokes over it. */
export const withMarks = (drawing: PlanDrawing, marks: readonly Mark[]): PlanDrawing => ({
  ...drawing,
  marks: [...drawing.marks, ...marks],
})

const rect = (left: number, bottom: number, right: number, top: number) => [
  { x: left, y: -bottom },
  { x: right, y: -bottom },
  { x: right, y: -top },
  { x: left, y: -top },
]
const box = (
  layer: Mark['layer'],
  id: string,
  left: number,
  bottom: number,
  right: number,
  top: number,
): Mark => ({ kind: 'outline', layer, points: rect(left, bottom, right, top), closed: true, id })

/** Smaller than this a stroke is not seen as a box. */
const LEAST_MM = 20

/** Openings, sockets and the like, and what is set out on a wall. */
function fixedMarks(facts: PlanFacts, wallId: string): Mark[] {
  const openings = facts.room.openings
    .filter((x) => x.wallId === wallId)
    .map((o) => {
      const layer = o.kind === 'window' ? 'WINDOW' : 'DOOR'
      return box(layer, o.id, o.startMm, o.sillMm, o.startMm + o.widthMm, o.sillMm + o.heightMm)
    })
  const fixtures = facts.room.fixtures
    .filter((x) => x.wallId === wallId && x.kind !== 'ceiling point')
    .map((f) => {
      const [right, top] = [
        f.startMm + Math.max(LEAST_MM, f.widthMm),
        f.bottomMm + Math.max(LEAST_MM, f.heightMm),
      ]
      return box('FIXTURE', f.id, f.startMm, f.bottomMm, right, top)
    })
  const layouts = facts.panelLayouts
    .filter((x) => x.wallId === wallId)
    .flatMap((s) => {
      const laid = layPanels(s, avoidedOn(facts, wallId))
      const stretches = laid.stiles.length > 0 ? laid.fields : [{ leftMm: s.startMm, rightMm: s.endMm }]
      const top = s.bottomMm + Math.max(LEAST_MM, s.heightMm)
      return stretches.map((f) => box('PANEL', s.id, f.leftMm, s.bottomMm, f.rightMm, top))
    })
  return [...openings, ...fixtures, ...layouts]
}

/** What stands before a wall; a name that is wider than its piece would run into its neighbors and is left out. */
const standingMarks = (before: readonly BeforeWall[], textMm: number): Mark[] =>
  before.flatMap((b): Mark[] => {
    const { id, name, raisedMm } = b.standing
    const outline = box('PIECE', id, Math.round(b.leftMm), raisedMm, Math.round(b.rightMm), b.topMm)
    if (b.rightMm - b.leftMm <= name.length * textMm * 0.55) return [outline]
    const at = { x: (b.leftMm + b.rightMm) / 2, y: -(raisedMm + b.topMm) / 2 }
    return [outline, { kind: 'text', layer: 'PIECE', at, text: name, angleDeg: 0, sizeMm: textMm }]
  })

/** What hangs, each nail as a cross with its distance from the left corner over the wall. */
function hungMarks(hung: Hung, wallHeightMm: number, textMm: number, says: Formatter): Mark[] {
  const line = (layer: Mark['layer'], from: Point, to: Point): Mark => ({ kind: 'line', layer, from, to })
  const half = hung.widthMm / 2
  return [
    box('HANG', hung.id, hung.xMm - half, hung.bottomMm, hung.xMm + half, hung.topMm),
    ...hung.nails.flatMap(({ xMm: x, heightMm }): Mark[] => {
      const y = -heightMm
      const over = -wallHeightMm - 60
      return [
        line('NAIL', { x: x - 20, y }, { x: x + 20, y }),
        line('NAIL', { x, y: y - 20 }, { x, y: y + 20 }),
        line('DIMENSION', { x, y: y - 40 }, { x, y: over }),
        {
          kind: 'text',
          layer: 'NAIL',
          at: { x, y: over - textMm * 0.8 },
          text: says.drawn(x),
          angleDeg: 0,
          sizeMm: textMm,
        },
      ]
    }),
  ]
}

/**
 * The elevation of one wall as strokes: x from its left corner as seen from inside, y down from the floor, so that
 * heights are negative. What stands before it, what hangs on it, openings, sockets, what is set out, the eye line.
 */
export function elevationDrawing(facts: PlanFacts, wallId: string): PlanDrawing | undefined {
  const wall = facts.room.walls.find((w) => w.id === wallId)
  if (!wall) return undefined
  const [w, h] = [Math.round(wall.lengthMm), facts.room.heightMm ?? 2_500]
  const textMm = Math.round(w / 40)
  const eye = -facts.eyeLineMm
  return {
    marks: [
      { kind: 'outline', layer: 'WALL', points: rect(0, 0, w, h), closed: true },
      ...fixedMarks(facts, wallId),
      ...standingMarks(beforeWall(wall, facts.standings), textMm),
      { kind: 'line', layer: 'LINE', from: { x: 0, y: eye }, to: { x: w, y: eye } },
      ...facts.wallPlacements
        .filter((x) => x.wallId === wallId)
        .flatMap((hung) => hungMarks(hung, h, textMm, facts.says)),
    ],
    textMm,
    low: { x: -300, y: -h - 300 },
    high: { x: w + 300, y: 300 },
    upDeg: undefined,
  }
}
