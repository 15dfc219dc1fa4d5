import { drawingSvg } from '@bonitas/core/kernel/geometry/drawingSvg'
import type { MarkedWall } from '@bonitas/core/job/making/markingOf'
import type { Formatter } from '@bonitas/core/kernel/units/formatter'
import type { OfficePaper } from '@bonitas/core/model/vocabulary/countries'
import { cutDrawing } from '@bonitas/core/stages/takeoff/cutDrawing'
import type { Drawing } from '@bonitas/core/stages/takeoff/trade'
import type { TakeoffLine } from '@bonitas/core/stages/takeoff/takeoffTypes'
import { makePdf, type PdfDocument } from '../pdf/makePdf.js'

type Content = Extract<PdfDocument['content'], unknown[]>

/** The lettering of papers has no arrows: what they say is said in words and strokes. */
const printed = (text: string): string =>
  text.replaceAll(' → ', ' gives ').replaceAll('↕', '|').replaceAll('↔', '–')

/** A drawing under its name, its words as they can be printed. */
const drawn = (drawing: Drawing, says: Formatter): Content => [
  {
    text: `${drawing.name}${drawing.times > 1 ? `: ${drawing.times} cut so` : ''}`,
    bold: true,
    margin: [0, 10, 0, 3],
  },
  {
    svg: drawingSvg(
      cutDrawing({ ...drawing, parts: drawing.parts.map((p) => ({ ...p, label: printed(p.label) })) }, says),
      drawing.name,
      'Archivo',
    ),
    fit: [515, drawing.strip ? 60 : 300],
  },
]
const unitNote = (says: Formatter): Content =>
  says.system === 'metric' ? [{ text: 'Lengths in mm.', margin: [0, 4, 0, 0] }] : []

const listed = (kind: 'ol' | 'ul', lines: readonly string[]): Content =>
  lines.length === 0 ? [] : kind === 'ol' ? [{ ol: [...lines] }] : [{ ul: [...lines] }]

/** The sheet a wall is marked out from: every point from its left corner and from the floor. */
export async function markSheetPdf(
  title: string,
  walls: readonly MarkedWall[],
  says: Formatter,
  paper: OfficePaper,
): Promise<Buffer> {
  const content: Content = [
    { text: title, fontSize: 16, bold: true },
    { text: 'Marked out from the floor', fontSize: 13, bold: true, margin: [0, 4, 0, 4] },
    {
      text: 'From the left corner of each wall as one faces it. Before drilling, look for pipes and cables.',
    },
    ...unitNote(says),
    ...walls.flatMap((wall): Content => [
      ...drawn(wall.drawing, says),
      ...listed(
        'ol',
        wall.points.map((p) => p.text),
      ),
      ...listed('ul', wall.grids),
    ]),
  ]
  return makePdf({ pageSize: paper, pageMargins: 40, info: { title: `${title}, marked out` }, content })
}

/** The sheet a fitter works from: what is needed, how it comes about, and every cut to scale. */
export async function cutSheetPdf(
  title: string,
  line: TakeoffLine,
  says: Formatter,
  paper: OfficePaper,
): Promise<Buffer> {
  const content: Content = [
    { text: title, fontSize: 16, bold: true },
    { text: `${line.row.name}, ${line.row.trade}`, fontSize: 13, bold: true, margin: [0, 4, 0, 4] },
    {
      text:
        line.waits.length > 0
          ? `Needs: ${line.waits.join(', ')}.`
          : `Needed: ${line.needed}. To buy: ${line.packsText}. Over: ${line.over}.`,
    },
    ...line.sum.map((text) => ({ text: printed(text) })),
    ...unitNote(says),
  ]
  for (const drawing of line.drawings) content.push(...drawn(drawing, says))
  if (line.goesWith.length > 0)
    content.push({
      text: `Goes with it: ${line.goesWith.map((g) => `${g.name} ${printed(g.quantity)}`).join('; ')}.`,
      margin: [0, 10, 0, 0],
    })
  content.push({ ul: line.notes.map(printed), margin: [0, 10, 0, 0] })
  return makePdf({ pageSize: paper, pageMargins: 40, info: { title: `${title}, ${line.row.name}` }, content })
}
