import {
  DxfWriter,
  LWPolylineFlags,
  point2d,
  point3d,
  TextHorizontalAlignment,
  TextVerticalAlignment,
  Units,
} from '@tarikjabiri/dxf'
import DxfParser from 'dxf-parser'
import { InputError } from '@bonitas/core/kernel/errors/InputError'
import { arcAngles, LAYERS, type PlanDrawing } from '@bonitas/core/stages/measure/planDrawing'
import type { Point } from '@bonitas/core/kernel/geometry/polygon'
import { t } from './words.js'

const UP = (p: Point) => point3d(p.x, -p.y, 0)

/** A plan as DXF in millimeters, y up, one layer per sort of stroke. */
export function writeDxf(drawing: PlanDrawing): string {
  const dxf = new DxfWriter()
  dxf.setUnits(Units.Millimeters)
  for (const layer of LAYERS) dxf.addLayer(layer, 7, 'CONTINUOUS')
  for (const mark of drawing.marks) {
    dxf.setCurrentLayerName(mark.layer)
    if (mark.kind === 'line') dxf.addLine(UP(mark.from), UP(mark.to))
    else if (mark.kind === 'outline')
      dxf.addLWPolyline(
        mark.points.map((p) => ({ point: point2d(p.x, -p.y) })),
        mark.closed ? { flags: LWPolylineFlags.Closed } : {},
      )
    else if (mark.kind === 'arc') {
      const { center, startDeg, endDeg } = arcAngles(mark)
      dxf.addArc(UP(center), mark.radius, startDeg, endDeg)
    } else
      dxf.addText(UP(mark.at), mark.sizeMm, mark.text.replace(/\u2009/g, ' '), {
        rotation: -mark.angleDeg,
        horizontalAlignment: TextHorizontalAlignment.Center,
        verticalAlignment: TextVerticalAlignment.Middle,
        secondAlignmentPoint: UP(mark.at),
      })
  }
  return dxf.stringify()
}

interface Polyline {
  readonly type: string
  readonly layer?: string
  readonly shape?: boolean
  readonly vertices?: readonly { readonly x: number; readonly y: number }[]
}

// $INSUNITS of the drawing: inches, feet, millimeters, centimeters, meters. 0 says nothing, and a person must.
const MM_PER_UNIT: Readonly<Record<number, number | undefined>> = { 1: 25.4, 2: 304.8, 4: 1, 5: 10, 6: 1000 }

/** The outline a drawing holds, in the drawing's own unit. */
export interface DxfOutline {
  /** Corners, y down. */
  readonly corners: readonly Point[]
  /** What one unit of the drawing is; undefined when the drawing does not say. */
  readonly mmPerUnit: number | undefined
}

/**
 * The outline of the room in a DXF drawing: the largest closed polyline, those on a layer named FLOOR or ROOM first.
 * @returns its corners in the drawing's unit, and the unit where the drawing says it
 * @throws {InputError} `DXF_NOT_READ`, `DXF_NO_OUTLINE`, `DXF_UNITS`
 */
export function readDxf(text: string): DxfOutline {
  const refuse = (code: string, what: string, fix: string): never => {
    throw new InputError(code, { what, where: t('drawing'), fix })
  }
  let parsed: ReturnType<DxfParser['parseSync']>
  try {
    parsed = new DxfParser().parseSync(text)
  } catch {
    parsed = null
  }
  const file = parsed ?? refuse('DXF_NOT_READ', t('isNotADXFThat'), t('saveItAsASCIIDXF'))
  const unit = Number((file.header as Record<string, unknown> | undefined)?.$INSUNITS ?? 0)
  const mmPerUnit = MM_PER_UNIT[unit]
  if (unit !== 0 && mmPerUnit === undefined)
    refuse('DXF_UNITS', t('isInAUnitThat'), t('saveItInMillimetersMeters'))
  const closed = (file.entities as unknown as Polyline[])
    .filter((e) => (e.type === 'LWPOLYLINE' || e.type === 'POLYLINE') && (e.vertices?.length ?? 0) >= 3)
    .filter((e) => e.shape === true || isShut(e.vertices ?? []))
    .map((e) => ({
      wanted: /floor|room/i.test(e.layer ?? ''),
      points: (e.vertices ?? []).map((v) => ({ x: v.x, y: -v.y })),
    }))
  const area = (points: readonly Point[]) =>
    Math.abs(
      points.reduce(
        (sum, p, i) =>
          sum +
          p.x * (points[(i + 1) % points.length]?.y ?? 0) -
          p.y * (points[(i + 1) % points.length]?.x ?? 0),
        0,
      ),
    )
  const best = closed.sort(
    (x, y) => Number(y.wanted) - Number(x.wanted) || area(y.points) - area(x.points),
  )[0]
  const corners = best?.points ?? refuse('DXF_NO_OUTLINE', t('holdsNoClosedOutline'), t('drawTheRoomAsOne'))
  return { corners, mmPerUnit }
}

const isShut = (v: readonly { x: number; y: number }[]) => {
  const [a, b] = [v[0], v[v.length - 1]]
  return !!a && !!b && Math.hypot(a.x - b.x, a.y - b.y) < 1e-6
}

export { drawingSvg as writeSvg } from '@bonitas/core/kernel/geometry/drawingSvg'
