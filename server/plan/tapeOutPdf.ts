import type { PlanRoom } from '@bonitas/core/stages/plan/planRoom'
import type { Standing } from '@bonitas/core/stages/plan/standing'
import { cornersFromWalls, diagonalMm, PRINTED, SHEET, tapeTiles } from '@bonitas/core/stages/plan/tapeOut'
import { makePdf, type PdfDocument } from '../pdf/makePdf.js'

const PT = 72 / 25.4
const figure = (mm: number) => String(Math.round(mm)).replace(/\B(?=(\d{3})+$)/g, ' ')

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
): Promise<Buffer> {
  const content: Content = [
    { text: title, fontSize: 16, bold: true, margin: [0, 0, 0, 4] },
    {
      text: 'Floor tape-out: distances of each corner from two walls, mm. Tape the outline, then walk round it.',
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
            text: 'The sheets that follow are at 1 : 1. Print them without scaling, check the bar of 100 mm, trim at the marks and lay them edge to edge by column and row.',
            margin: [0, 10, 0, 0] as [number, number, number, number],
          },
        ]
      : []),
  ]
  for (const s of tiled) {
    const { columns, rows, tiles } = tapeTiles(s.widthMm, s.depthMm)
    for (const tile of tiles) content.push(...sheetOf(s.name, tile, columns, rows))
  }
  return makePdf({
    pageSize: 'A4',
    pageMargins: SHEET.marginMm * PT,
    info: { title: `${title}, floor tape-out` },
    content,
  })
}

function sheetOf(
  name: string,
  tile: ReturnType<typeof tapeTiles>['tiles'][number],
  columns: number,
  rows: number,
): Content {
  const [w, h] = [PRINTED.widthMm, PRINTED.heightMm]
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
    line(w / 2 - 50, h - 12, w / 2 + 50, h - 12, 0.8),
    line(w / 2 - 50, h - 15, w / 2 - 50, h - 9, 0.8),
    line(w / 2 + 50, h - 15, w / 2 + 50, h - 9, 0.8),
  ]
  return [
    { text: '', pageBreak: 'before' },
    {
      canvas: [...marks, ...outline, ...bar],
      absolutePosition: { x: SHEET.marginMm * PT, y: SHEET.marginMm * PT },
    },
    {
      text: `${name}: column ${tile.column + 1} of ${columns}, row ${tile.row + 1} of ${rows}`,
      fontSize: 11,
      absolutePosition: { x: (SHEET.marginMm + w / 2 - 45) * PT, y: (SHEET.marginMm + h / 2 - 4) * PT },
    },
    {
      text: '100 mm',
      fontSize: 8,
      absolutePosition: { x: (SHEET.marginMm + w / 2 - 6) * PT, y: (SHEET.marginMm + h - 20) * PT },
    },
  ]
}
