import type { PlanRoom } from '@bonitas/core/stages/plan/planRoom'
import type { Standing } from '@bonitas/core/stages/plan/standing'
import {
  cornersFromWalls,
  diagonalMm,
  SHEETS,
  tapeTiles,
  type Sheet,
} from '@bonitas/core/stages/plan/tapeOut'
import { makePdf, type PdfDocument } from '../pdf/makePdf.js'
import type { Formatter } from '@bonitas/core/kernel/units/formatter'
import type { OfficePaper } from '@bonitas/core/model/vocabulary/countries'

const PT = 72 / 25.4

type Content = Extract<PdfDocument['content'], unknown[]>
type CanvasLine = {
  type: 'line'
  x1: number
  y1: number
  x2: number
  y2: number
  lineWidth: number
  dash?: { length: number }
}

/** The bar that shows whether a sheet came out at its size. */
const BAR_MM = { metric: 100, imperial: 101.6 } as const

/** Sheets more than this are not printed: the outline is then taped from its corners alone. */
export const MOST_SHEETS = 150

/**
 * Floor tape-out: a first sheet with the distances of all corners, then the outlines at 1 : 1, sheet by sheet.
 * @param tiled pieces whose outline is printed at its real size besides
 */
export async function tapeOutPdf(
  title: string,
  pieces: readonly Standing[],
  tiled: readonly Standing[],
  room: PlanRoom,
  { says, paper }: { readonly says: Formatter; readonly paper: OfficePaper },
): Promise<Buffer> {
  const figure = says.drawn
  const sheet = SHEETS[paper]
  const content: Content = [
    { text: title, fontSize: 16, bold: true, margin: [0, 0, 0, 4] },
    {
      text: `Floor tape-out: distances of each corner from two walls${says.system === 'metric' ? ', mm' : ''}. Tape the outline, then walk round it.`,
      margin: [0, 0, 0, 8],
    },
    {
      table: {
        headerRows: 1,
        widths: ['*', 'auto', 'auto', 'auto', 'auto'],
        body: [
          ['Piece', 'Corner', 'From', 'From', 'Diagonal'].map((text) => ({ text, bold: true })),
          ...pieces.flatMap((s) =>
            cornersFromWalls(s, room).map((c, i) => [
              i === 0 ? `${s.name}, ${figure(s.widthMm)} × ${figure(s.depthMm)}` : '',
              c.corner,
              c.from[0] ? `${c.from[0].wall} ${figure(c.from[0].mm)}` : '',
              c.from[1] ? `${c.from[1].wall} ${figure(c.from[1].mm)}` : '',
              i === 0 ? figure(diagonalMm(s)) : '',
            ]),
          ),
        ],
      },
      layout: 'lightHorizontalLines',
    },
    ...(tiled.length > 0
      ? [
          {
            text: `The sheets that follow are at 1 : 1. Print them without scaling, check the bar of ${says.length(BAR_MM[says.system])}, trim at the marks and lay them edge to edge by column and row.`,
            margin: [0, 10, 0, 0] as [number, number, number, number],
          },
        ]
      : []),
  ]
  for (const s of tiled) {
    const { columns, rows, tiles } = tapeTiles(s.widthMm, s.depthMm, sheet)
    for (const tile of tiles) content.push(...sheetOf(s.name, tile, columns, rows, sheet, says))
  }
  return makePdf({
    pageSize: paper,
    pageMargins: sheet.marginMm * PT,
    info: { title: `${title}, floor tape-out` },
    content,
  })
}

function sheetOf(
  name: string,
  tile: ReturnType<typeof tapeTiles>['tiles'][number],
  columns: number,
  rows: number,
  sheet: Sheet,
  says: Formatter,
): Content {
  const [w, h] = [sheet.printedWidthMm, sheet.printedHeightMm]
  const half = BAR_MM[says.system] / 2
  const line = (x1: number, y1: number, x2: number, y2: number, lineWidth: number): CanvasLine => ({
    type: 'line',
    x1: x1 * PT,
    y1: y1 * PT,
    x2: x2 * PT,
    y2: y2 * PT,
    lineWidth,
  })
  const marks = [
    [0, 0, 1, 1],
    [w, 0, -1, 1],
    [w, h, -1, -1],
    [0, h, 1, -1],
  ].flatMap(([x = 0, y = 0, sx = 1, sy = 1]) => [
    line(x, y, x + 6 * sx, y, 0.4),
    line(x, y, x, y + 6 * sy, 0.4),
  ])
  const outline = tile.lines.map((l) => line(l.from.x, l.from.y, l.to.x, l.to.y, 2))
  const bar = [
    line(w / 2 - half, h - 12, w / 2 + half, h - 12, 0.8),
    line(w / 2 - half, h - 15, w / 2 - half, h - 9, 0.8),
    line(w / 2 + half, h - 15, w / 2 + half, h - 9, 0.8),
  ]
  return [
    { text: '', pageBreak: 'before' },
    {
      canvas: [...marks, ...outline, ...bar],
      absolutePosition: { x: sheet.marginMm * PT, y: sheet.marginMm * PT },
    },
    {
      text: `${name}: column ${tile.column + 1} of ${columns}, row ${tile.row + 1} of ${rows}`,
      fontSize: 11,
      absolutePosition: { x: (sheet.marginMm + w / 2 - 45) * PT, y: (sheet.marginMm + h / 2 - 4) * PT },
    },
    {
      text: says.length(BAR_MM[says.system]),
      fontSize: 8,
      absolutePosition: { x: (sheet.marginMm + w / 2 - 6) * PT, y: (sheet.marginMm + h - 20) * PT },
    },
  ]
}
