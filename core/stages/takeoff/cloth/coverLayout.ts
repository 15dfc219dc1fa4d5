import type { Drawing } from '../trade.js'
import { ceilDiv, DUST_MM } from '../trade.js'

/** A piece of a cover: `along` runs with the length of the cloth, as weave, nap and pattern must. */
export interface CoverPiece {
  readonly name: string
  readonly acrossMm: number
  readonly alongMm: number
  readonly count: number
  /** May be turned by a quarter: no nap, no direction. */
  readonly free?: boolean
}

export interface CoverLayout {
  readonly lengthMm: number
  /** By area alone, and so too short: shown as why it is not done. */
  readonly byAreaMm: number
  readonly places: readonly {
    readonly name: string
    readonly xMm: number
    readonly yMm: number
    readonly acrossMm: number
    readonly alongMm: number
  }[]
}

interface Shelf {
  readonly yMm: number
  readonly alongMm: number
  usedMm: number
}

/**
 * Pieces laid out on cloth of a width in rows, as they are cut with scissors from edge to edge: the longest first, each into the
 * row that it fills best (first-fit decreasing by height). Where there is a repeat every row begins with a whole one.
 *
 * @throws {RangeError} when a piece is wider than the cloth and may not be turned
 */
export function coverLayout(pieces: readonly CoverPiece[], widthMm: number, repeatMm = 0): CoverLayout {
  const all = pieces
    .flatMap((p) => Array.from({ length: p.count }, () => stood(p, widthMm)))
    .sort((a, b) => b.alongMm - a.alongMm || b.acrossMm - a.acrossMm)
  const rows: Shelf[] = []
  let endMm = 0
  const places = all.map((p) => {
    const fits = rows
      .filter((r) => r.usedMm + p.acrossMm <= widthMm + DUST_MM && p.alongMm <= r.alongMm + DUST_MM)
      .sort((a, b) => b.usedMm - a.usedMm)[0]
    const row = fits ?? { yMm: endMm, alongMm: p.alongMm, usedMm: 0 }
    if (!fits) {
      rows.push(row)
      endMm += repeatMm > 0 ? ceilDiv(p.alongMm, repeatMm) * repeatMm : p.alongMm
    }
    const place = { ...p, xMm: row.usedMm, yMm: row.yMm }
    row.usedMm += p.acrossMm
    return place
  })
  const area = all.reduce((sum, p) => sum + p.acrossMm * p.alongMm, 0)
  return { lengthMm: endMm, byAreaMm: area / widthMm, places }
}

function stood(p: CoverPiece, widthMm: number) {
  const turned = { name: p.name, acrossMm: p.alongMm, alongMm: p.acrossMm }
  const straight = { name: p.name, acrossMm: p.acrossMm, alongMm: p.alongMm }
  // Lying across the cloth it takes the least of its length.
  if (p.free && p.alongMm <= widthMm + DUST_MM && p.alongMm > p.acrossMm) return turned
  if (p.acrossMm <= widthMm + DUST_MM) return straight
  if (p.free && p.alongMm <= widthMm + DUST_MM) return turned
  throw new RangeError(`${p.name} of ${p.acrossMm} is wider than the cloth of ${widthMm}`)
}

export const coverDrawing = (name: string, widthMm: number, layout: CoverLayout): Drawing => ({
  name,
  widthMm: layout.lengthMm,
  heightMm: widthMm,
  times: 1,
  // The cloth lies with its length along the sheet.
  parts: layout.places.map((p) => ({
    xMm: p.yMm,
    yMm: p.xMm,
    widthMm: p.alongMm,
    heightMm: p.acrossMm,
    label: p.name,
    use: 'used',
  })),
})

/** Bought by the meter, half meter or yard: rounded up to whole steps. */
export const boughtLength = (mm: number, stepMm: number): number => ceilDiv(mm, stepMm) * stepMm
