import { ceilDiv, DUST_MM, type Drawing, type DrawnPart, type Face } from '../trade.js'
import { cutRolls, type CutRoll } from './cutRolls.js'
import { dropMethod } from './dropMethod.js'
import { layDrops, type Drop, type Paper } from './drops.js'

export interface PaperPlan {
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
  const drops = faces.flatMap((f) => layDrops(f, paper, trimMm, seamMm))
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

/** The face with its drops, and every roll with its cuts. */
export function paperDrawings(face: Face, plan: PaperPlan, paper: Paper, seamMm = 0): Drawing[] {
  const own = layDrops(face, paper, 0, seamMm)
  const wall: Drawing = {
    name: face.name,
    widthMm: face.widthMm,
    heightMm: face.heightMm,
    times: 1,
    parts: [
      ...own.map((d): DrawnPart => ({
        xMm: d.xMm,
        yMm: d.yMm,
        widthMm: d.widthMm,
        heightMm: d.heightMm,
        label: d.name,
        use: 'used',
      })),
      ...face.holes.map((h): DrawnPart => ({
        xMm: h.startMm,
        yMm: face.heightMm - h.topMm,
        widthMm: h.widthMm,
        heightMm: h.topMm - h.bottomMm,
        label: h.name,
        use: 'opening',
      })),
    ],
  }
  return [
    wall,
    ...plan.rolls.map((roll, i): Drawing => ({
      name: `Roll ${i + 1}`,
      widthMm: paper.lengthMm,
      heightMm: paper.widthMm,
      times: 1,
      parts: [
        ...roll.cuts.map(({ drop, atMm }): DrawnPart => ({
          xMm: atMm,
          yMm: 0,
          widthMm: drop.lengthMm,
          heightMm: paper.widthMm,
          label: drop.name,
          use: 'used',
        })),
        {
          xMm: paper.lengthMm - roll.overMm,
          yMm: 0,
          widthMm: roll.overMm,
          heightMm: paper.widthMm,
          label: '',
          // What a whole drop could be cut from is kept.
          use: roll.overMm >= plan.cutMm ? 'spare' : 'lost',
        },
      ],
    })),
  ]
}
