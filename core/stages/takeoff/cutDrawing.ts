import type { Mark, PlanDrawing } from '../../kernel/geometry/drawing.js'
import type { Formatter } from '../../kernel/units/formatter.js'
import { doorName } from './floor/floorPlan.js'
import type { Drawing, DrawnPart } from './trade.js'

const corners = ({
  xMm,
  yMm,
  widthMm,
  heightMm,
}: Pick<DrawnPart, 'xMm' | 'yMm' | 'widthMm' | 'heightMm'>) => [
  { x: xMm, y: yMm },
  { x: xMm + widthMm, y: yMm },
  { x: xMm + widthMm, y: yMm + heightMm },
  { x: xMm, y: yMm + heightMm },
]

/** A cutting plan as strokes in millimeters, with its sizes: the sheet, the SVG and the DXF are drawn from it. */
export function cutDrawing(drawing: Drawing, says: Formatter): PlanDrawing {
  const { widthMm, heightMm, strip } = drawing
  const textMm = Math.max(widthMm, heightMm) / 45
  const parts = drawing.parts.filter((p) => p.widthMm > 0.5 && p.heightMm > 0.5)
  const text: Lettering = (at, words, angleDeg = 0) => ({
    kind: 'text',
    layer: 'DIMENSION',
    at,
    text: words,
    angleDeg,
    sizeMm: textMm,
  })
  const marks: Mark[] = parts.flatMap((p): Mark[] => {
    const outline: Mark = {
      kind: 'outline',
      layer: p.use === 'opening' ? 'WINDOW' : 'PIECE',
      points: corners(p),
      closed: true,
    }
    // What is lost, or over, is struck through.
    const struck: Mark[] =
      p.use === 'lost'
        ? [
            {
              kind: 'line',
              layer: 'LINE',
              from: { x: p.xMm, y: p.yMm },
              to: { x: p.xMm + p.widthMm, y: p.yMm + p.heightMm },
            },
          ]
        : []
    const fits = p.label !== '' && p.widthMm > 0.6 * textMm * p.label.length && p.heightMm > textMm
    const label: Mark[] = fits
      ? [{ ...text({ x: p.xMm + p.widthMm / 2, y: p.yMm + p.heightMm / 2 }, p.label), layer: 'NAME' }]
      : []
    return [outline, ...struck, ...label]
  })
  const edge: Mark = {
    kind: 'outline',
    layer: 'WALL',
    points: drawing.outline ?? corners({ xMm: 0, yMm: 0, widthMm, heightMm }),
    closed: true,
  }
  // Where one wall ends and the next begins, of walls that are laid as one; each is named below.
  const spans = (drawing.spans ?? []).flatMap(({ name, fromMm, toMm }, i): Mark[] => [
    text({ x: (fromMm + toMm) / 2, y: heightMm + 2.8 * textMm }, name),
    ...(i === 0
      ? []
      : [
          {
            kind: 'line',
            layer: 'WALL',
            from: { x: fromMm, y: -textMm / 2 },
            to: { x: fromMm, y: heightMm + textMm / 2 },
          } as const,
        ]),
  ])
  // A cross for each point, its number to the lower right of it.
  const arm = textMm / 2
  const points = (drawing.points ?? []).flatMap(({ xMm: x, yMm: y, label }): Mark[] => [
    { kind: 'line', layer: 'NAIL', from: { x: x - arm, y }, to: { x: x + arm, y } },
    { kind: 'line', layer: 'NAIL', from: { x, y: y - arm }, to: { x, y: y + arm } },
    ...(label === '' ? [] : [text({ x: x + 1.1 * textMm, y: y + 0.9 * textMm }, label)]),
  ])
  const margin = (spans.length > 0 ? 4.4 : 3) * textMm
  return {
    marks: [
      ...marks,
      edge,
      ...doorMarks(drawing, textMm, text),
      ...spans,
      ...points,
      text({ x: widthMm / 2, y: heightMm + 1.4 * textMm }, says.drawn(widthMm)),
      ...(strip ? [] : [text({ x: -1.4 * textMm, y: heightMm / 2 }, says.drawn(heightMm), -90)]),
    ],
    low: { x: -margin, y: -textMm / 2 },
    high: { x: widthMm + textMm, y: heightMm + margin },
    textMm,
    upDeg: undefined,
  }
}

type Lettering = (at: { readonly x: number; readonly y: number }, words: string, angleDeg?: number) => Mark

/** Each door of a floor as its threshold, its name along it on the floor. */
const doorMarks = (drawing: Drawing, textMm: number, text: Lettering): Mark[] =>
  (drawing.doors ?? []).flatMap((door): Mark[] => {
    const { at, isUpright } = doorName(drawing, door, textMm)
    return [
      { kind: 'line', layer: 'DOOR', from: door.from, to: door.to },
      text(at, door.name, isUpright ? -90 : 0),
    ]
  })
