import { ceilDiv, drawnHoles, DUST_MM, type Drawing, type DrawnPart, type Face } from '../trade.js'
import { cutRolls, type CutRoll } from './cutRolls.js'
import { dropMethod } from './dropMethod.js'
import { layDrops, type Drop, type Paper } from './drops.js'

export interface PaperPlan {
  /** Every face with what hangs on it. */
  readonly laid: readonly { readonly face: Face; readonly drops: readonly Drop[] }[]
  readonly drops: readonly Drop[]
  readonly rolls: readonly CutRoll[]
  /** Rolls by the drop method of the trade: every drop cut to whole repeats, openings not taken off. */
  readonly customaryRolls: number
  /** Rolls by area alone, and so too few: shown as why it is not done. */
  readonly areaRolls: number
  /** Length of a whole drop as it is cut from a roll, in whole repeats where there are any. */
  readonly cutMm: number
}

/**
 * Paper for faces of one height, cut from rolls, beside what the trade's drop method and plain area say.
 *
 * @param trimMm at each end of a drop
 * @throws {RangeError} when a drop is longer than a roll
 */
export function paperPlan(faces: readonly Face[], paper: Paper, trimMm: number, seamMm = 0): PaperPlan {
  let before = 0
  const laid = faces.map((face) => {
    const drops = layDrops(face, paper, trimMm, seamMm, before)
    before = drops.at(-1)?.nth ?? before
    return { face, drops }
  })
  const drops = laid.flatMap((l) => l.drops)
  const longest = drops.reduce((most, d) => Math.max(most, d.lengthMm), 0)
  if (longest > paper.lengthMm + DUST_MM)
    throw new RangeError(`A drop of ${Math.round(longest)} is longer than a roll of ${paper.lengthMm}`)
  const height = Math.max(0, ...faces.map((f) => f.heightMm))
  const width = faces.reduce((sum, f) => sum + f.widthMm, 0)
  const area = faces.reduce(
    (sum, f) =>
      sum +
      f.widthMm * f.heightMm -
      f.holes.reduce((part, h) => part + h.widthMm * (h.topMm - h.bottomMm), 0),
    0,
  )
  const { cutMm, rolls } = dropMethod(width, height, 2 * trimMm, paper)
  return {
    laid,
    drops,
    // Faces of several heights have whole drops of several lengths: each height is cut by itself.
    rolls:
      [...new Set(drops.filter((d) => d.whole).map((d) => d.lengthMm))].length <= 1
        ? cutRolls(drops, paper)
        : cutRolls(
            drops.map((d) => ({ ...d, whole: false })),
            paper,
          ),
    customaryRolls: rolls,
    areaRolls: ceilDiv(area, paper.widthMm * paper.lengthMm),
    cutMm,
  }
}

/** Every face with its drops, and every roll with its cuts. */
export function paperDrawings({ laid, rolls, cutMm }: PaperPlan, paper: Paper): Drawing[] {
  const walls = laid.map(({ face, drops }): Drawing => ({
    name: face.name,
    widthMm: face.widthMm,
    heightMm: face.heightMm,
    times: 1,
    ...(face.spans ? { spans: face.spans } : {}),
    parts: [
      ...drops.map(({ name, xMm, yMm, widthMm, heightMm }): DrawnPart => ({
        ...{ xMm, yMm, widthMm, heightMm },
        label: name,
        use: 'used',
      })),
      ...drawnHoles(face),
    ],
  }))
  return [...walls, ...rolls.map((roll, i) => rollDrawing(roll, `Roll ${i + 1}`, paper, cutMm))]
}

/** A roll from its beginning: the cuts, what the pattern takes between them, and what is over. */
function rollDrawing(roll: CutRoll, name: string, paper: Paper, cutMm: number): Drawing {
  const stretch = (xMm: number, toMm: number, label: string, use: DrawnPart['use']): DrawnPart => ({
    xMm,
    yMm: 0,
    widthMm: toMm - xMm,
    heightMm: paper.widthMm,
    label,
    use,
  })
  let end = 0
  const parts = roll.cuts.flatMap(({ drop, atMm }) => {
    const lost = atMm > end + DUST_MM ? [stretch(end, atMm, '', 'lost')] : []
    end = atMm + drop.lengthMm
    return [...lost, stretch(atMm, end, drop.name, 'used')]
  })
  // What a whole drop could be cut from is kept.
  const over = stretch(end, paper.lengthMm, '', roll.overMm >= cutMm ? 'spare' : 'lost')
  return { name, widthMm: paper.lengthMm, heightMm: paper.widthMm, times: 1, parts: [...parts, over] }
}
