import { boxCorners } from '../../kernel/geometry/box.js'
import type { Mark, PlanDrawing } from '../../kernel/geometry/drawing.js'
import { mmText } from '../../kernel/units/length.js'
import { beforeWall } from './elevation.js'
import { isFlat } from './needs.js'
import type { PlanFacts } from './planFacts.js'
import { avoidedOn } from './rules/frames.js'
import { laySetOut } from './walls/setOut.js'

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

/**
 * The elevation of one wall as strokes: x from its left corner as seen from inside, y down from the floor, so that
 * heights are negative. What stands before it, what hangs on it, openings, sockets, what is set out, the eye line.
 */
export function elevationDrawing(facts: PlanFacts, wallId: string): PlanDrawing | undefined {
  const wall = facts.room.walls.find((w) => w.id === wallId)
  if (!wall) return undefined
  const [w, h] = [Math.round(wall.lengthMm), facts.room.heightMm ?? 2_500]
  const rect = (left: number, bottom: number, right: number, top: number) => [
    { x: left, y: -bottom },
    { x: right, y: -bottom },
    { x: right, y: -top },
    { x: left, y: -top },
  ]
  const textMm = Math.round(w / 40)
  const marks: Mark[] = [{ kind: 'outline', layer: 'WALL', points: rect(0, 0, w, h), closed: true }]
  for (const o of facts.room.openings.filter((x) => x.wallId === wallId))
    marks.push({
      kind: 'outline',
      layer: o.kind === 'window' ? 'WINDOW' : 'DOOR',
      points: rect(o.startMm, o.sillMm, o.startMm + o.widthMm, o.sillMm + o.heightMm),
      closed: true,
      id: o.id,
    })
  for (const f of facts.room.fixtures.filter((x) => x.wallId === wallId && x.kind !== 'ceiling point'))
    marks.push({
      kind: 'outline',
      layer: 'FIXTURE',
      points: rect(
        f.startMm,
        f.bottomMm,
        f.startMm + Math.max(20, f.widthMm),
        f.bottomMm + Math.max(20, f.heightMm),
      ),
      closed: true,
      id: f.id,
    })
  for (const s of facts.panelLayouts.filter((x) => x.wallId === wallId)) {
    const laid = laySetOut(s, avoidedOn(facts, wallId))
    const stretches = laid.stiles.length > 0 ? laid.fields : [{ leftMm: s.startMm, rightMm: s.endMm }]
    for (const f of stretches)
      marks.push({
        kind: 'outline',
        layer: 'PANEL',
        points: rect(f.leftMm, s.bottomMm, f.rightMm, s.bottomMm + Math.max(20, s.heightMm)),
        closed: true,
        id: s.id,
      })
  }
  for (const b of beforeWall(wall, facts.standings)) {
    marks.push({
      kind: 'outline',
      layer: 'PIECE',
      points: rect(Math.round(b.leftMm), b.standing.raisedMm, Math.round(b.rightMm), b.topMm),
      closed: true,
      id: b.standing.id,
    })
    // A name that is wider than its piece would run into its neighbors.
    if (b.rightMm - b.leftMm > b.standing.name.length * textMm * 0.55)
      marks.push({
        kind: 'text',
        layer: 'PIECE',
        at: { x: (b.leftMm + b.rightMm) / 2, y: -(b.standing.raisedMm + b.topMm) / 2 },
        text: b.standing.name,
        angleDeg: 0,
        sizeMm: textMm,
      })
  }
  const line = -facts.eyeLineMm
  marks.push({ kind: 'line', layer: 'LINE', from: { x: 0, y: line }, to: { x: w, y: line } })
  for (const hung of facts.wallPlacements.filter((x) => x.wallId === wallId)) {
    marks.push({
      kind: 'outline',
      layer: 'HANG',
      points: rect(hung.xMm - hung.widthMm / 2, hung.bottomMm, hung.xMm + hung.widthMm / 2, hung.topMm),
      closed: true,
      id: hung.id,
    })
    for (const nail of hung.nails)
      marks.push(
        {
          kind: 'line',
          layer: 'NAIL',
          from: { x: nail.xMm - 20, y: -nail.heightMm },
          to: { x: nail.xMm + 20, y: -nail.heightMm },
        },
        {
          kind: 'line',
          layer: 'NAIL',
          from: { x: nail.xMm, y: -nail.heightMm - 20 },
          to: { x: nail.xMm, y: -nail.heightMm + 20 },
        },
        {
          kind: 'line',
          layer: 'DIMENSION',
          from: { x: nail.xMm, y: -nail.heightMm - 40 },
          to: { x: nail.xMm, y: -h - 60 },
        },
        {
          kind: 'text',
          layer: 'NAIL',
          at: { x: nail.xMm, y: -h - 60 - textMm * 0.8 },
          text: mmText(Math.round(nail.xMm)),
          angleDeg: 0,
          sizeMm: textMm,
        },
      )
  }
  return { marks, textMm, low: { x: -300, y: -h - 300 }, high: { x: w + 300, y: 300 }, upDeg: undefined }
}
