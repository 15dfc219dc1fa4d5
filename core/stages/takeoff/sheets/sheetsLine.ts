import { sheetCuts, type CutSheet } from '../../../kernel/cutting/sheetCuts.js'
import type { Formatter } from '../../../kernel/units/formatter.js'
import { goods, type Reckoned, type TakeoffInput } from '../takeoffTypes.js'
import { ceilDiv, type Drawing, type DrawnPart } from '../trade.js'

/** What is over of a sheet is worth keeping from this side on (common practice). */
const KEEP_MM = 150

/** Panels, shelves and boards cut from sheets by cuts from edge to edge; grain runs along the sheet. */
export function sheetsLine({ row, parts, says }: TakeoffInput): Reckoned {
  const { widthMm, lengthMm } = goods(row)
  const trim = row.trimMm
  const sheet = { along: lengthMm - 2 * trim, across: widthMm - 2 * trim }
  if (Math.min(sheet.along, sheet.across) <= 0)
    throw new RangeError('a sheet larger than what is trimmed off it')
  const pieces = parts.map((p) => ({
    name: p.name,
    along: p.lengthMm,
    across: p.widthMm ?? 0,
    count: p.count,
    free: p.mayTurn,
  }))
  const got = sheetCuts(sheet, row.jointMm, pieces)
  const area = pieces.reduce((sum, p) => sum + p.along * p.across * p.count, 0)
  const byArea = ceilDiv(area, widthMm * lengthMm)
  const kept = got.sheets.flatMap((s) => s.over.filter(isKept))
  const count = got.sheets.length
  const howMany = pieces.reduce((sum, p) => sum + p.count, 0)
  return {
    pieces: count,
    packWord: row.packOf > 1 ? ['pack', 'packs'] : ['sheet', 'sheets'],
    needed: says.count(howMany, 'piece'),
    work: [{ task: 'cut sheets', amount: howMany }],
    over:
      kept.length > 0
        ? `${grouped(kept.map((r) => `${says.drawn(r.along)} × ${says.drawn(r.across)}`))} worth keeping`
        : 'nothing worth keeping',
    sum: [
      `${says.area(area, 2)} from sheets of ${says.drawn(lengthMm)} × ${says.drawn(widthMm)}, ${says.drawn(trim)} trimmed all round, the saw takes ${says.typed(row.jointMm)}`,
      `${says.count(howMany, 'piece')} → ${says.count(count, 'sheet')}`,
    ],
    goesWith: [{ name: 'Edge banding, were every edge seen', quantity: says.run(edges(pieces)) }],
    notes: [
      got.proven
        ? 'Fewer cannot do: proven.'
        : `No way of cutting needs fewer than ${got.atLeast}; ${count} is the best found.`,
      ...(byArea < count ? [`By area alone it would be ${byArea}: the pieces do not lie so.`] : []),
      'Grain runs along the sheet; pieces that may turn have none to keep. Every cut goes from edge to edge.',
    ],
    drawings: got.sheets.map((s, i) => drawing(s, `Sheet ${i + 1}`, trim, row, says)),
  }
}

/** Equal ones once, with how many there are: `2 of 637 × 1 200`. */
function grouped(sizes: readonly string[]): string {
  const each = [...new Set(sizes)].map((size) => ({ size, n: sizes.filter((s) => s === size).length }))
  return each.map(({ size, n }) => (n > 1 ? `${n} of ${size}` : size)).join(', ')
}

const isKept = (r: CutSheet['over'][number]): boolean => Math.min(r.along, r.across) >= KEEP_MM
const edges = (pieces: readonly { along: number; across: number; count: number }[]): number =>
  pieces.reduce((sum, p) => sum + 2 * (p.along + p.across) * p.count, 0)

function drawing(
  sheet: CutSheet,
  name: string,
  trim: number,
  row: TakeoffInput['row'],
  says: Formatter,
): Drawing {
  const part = (r: CutSheet['over'][number], label: string, use: DrawnPart['use']): DrawnPart => ({
    xMm: r.x + trim,
    yMm: r.y + trim,
    widthMm: r.along,
    heightMm: r.across,
    label,
    use,
  })
  const sizeOf = (r: { along: number; across: number }) => `${says.drawn(r.along)} × ${says.drawn(r.across)}`
  const { widthMm, lengthMm } = goods(row)
  return {
    name,
    widthMm: lengthMm,
    heightMm: widthMm,
    times: 1,
    parts: [
      ...sheet.pieces.map((p) => part(p, `${p.name} ${sizeOf(p)}`, 'used')),
      ...sheet.over.map((r) => part(r, isKept(r) ? sizeOf(r) : '', isKept(r) ? 'spare' : 'lost')),
    ],
  }
}
