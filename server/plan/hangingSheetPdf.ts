import { drawingSvg } from '@bonitas/core/kernel/geometry/drawingSvg'
import { elevationDrawing } from '@bonitas/core/stages/plan/drawings'
import type { PlanFacts } from '@bonitas/core/stages/plan/planFacts'
import { makePdf, type PdfDocument } from '../pdf/makePdf.js'
import type { OfficePaper } from '@bonitas/core/model/vocabulary/countries'

type Content = Extract<PdfDocument['content'], unknown[]>

/** The hanging sheet: each wall with its elevation, and where every nail goes, from the floor and the left corner. */
export async function hangingSheetPdf(title: string, facts: PlanFacts, paper: OfficePaper): Promise<Buffer> {
  const { says } = facts
  const figure = says.drawn
  const walls = facts.room.walls.filter((w) => facts.wallPlacements.some((h) => h.wallId === w.id))
  const content: Content = [
    { text: title, fontSize: 16, bold: true },
    {
      text: `Hanging sheet. Heights${says.system === 'metric' ? ' in mm' : ''} above the floor, places from the left corner as seen from inside; eye line ${figure(facts.eyeLineMm)}.`,
      margin: [0, 2, 0, 4],
    },
    {
      text: 'Before drilling: power off and tested, cables and pipes found. Nothing heavy or corded over a bed or a cot.',
      margin: [0, 0, 0, 8],
    },
    ...(walls.length === 0 ? [{ text: 'Nothing hangs yet.' }] : []),
  ]
  walls.forEach((wall, i) => {
    const drawing = elevationDrawing(facts, wall.id)
    content.push({
      text: wall.name,
      fontSize: 13,
      bold: true,
      margin: [0, 6, 0, 4],
      ...(i > 0 ? { pageBreak: 'before' as const } : {}),
    })
    if (drawing) content.push({ svg: drawingSvg(drawing, wall.name, 'Archivo'), fit: [515, 330] })
    content.push({
      margin: [0, 8, 0, 0],
      layout: 'lightHorizontalLines',
      table: {
        headerRows: 1,
        widths: ['*', 'auto', 'auto', 'auto', 'auto', 'auto', 'auto'],
        body: [
          ['Piece', 'Nails from left', 'Nails above floor', 'Middle', 'Size', 'Held by', 'Load each'].map(
            (text) => ({ text, bold: true }),
          ),
          ...facts.wallPlacements
            .filter((h) => h.wallId === wall.id)
            .map((h) => [
              h.name,
              h.nails.map((n) => figure(n.xMm)).join(', '),
              figure(h.nails[0]?.heightMm ?? 0),
              figure(h.centerMm),
              `${figure(h.widthMm)} × ${figure(h.heightMm)}`,
              `${h.row.hooks} × ${h.row.fixing}`,
              h.piece.weightG === null ? 'weigh it' : says.weight(h.piece.weightG / h.row.hooks),
            ]),
        ],
      },
    })
  })
  return makePdf({ pageSize: paper, pageMargins: 40, info: { title: `${title}, hanging sheet` }, content })
}
