import { ceilDiv, floorDiv } from '../trade.js'
import type { Paper } from './drops.js'

/** The length of a whole drop as it is cut: height and trim, in whole repeats. */
export const cutLength = (heightMm: number, trimMm: number, repeatMm: number): number =>
  repeatMm > 0 ? ceilDiv(heightMm + trimMm, repeatMm) * repeatMm : heightMm + trimMm

/** By the drop method of the trade: whole drops round the room, each cut to whole repeats, openings not taken off. */
export function dropMethod(
  widthMm: number,
  heightMm: number,
  trimMm: number,
  paper: Paper,
): { readonly cutMm: number; readonly drops: number; readonly perRoll: number; readonly rolls: number } {
  const drops = ceilDiv(widthMm, paper.widthMm)
  if (paper.match !== 'half drop') {
    const cutMm = cutLength(heightMm, trimMm, paper.repeatMm)
    const perRoll = floorDiv(paper.lengthMm, cutMm)
    return { cutMm, drops, perRoll, rolls: perRoll > 0 ? ceilDiv(drops, perRoll) : Infinity }
  }
  const [one, two] = halfDropMethods(drops, heightMm, trimMm, paper)
  // Of two ways with as many rolls the one that cuts shorter.
  return one.rolls < two.rolls || (one.rolls === two.rolls && one.cutMm < two.cutMm) ? one : two
}

/** Half drop from one roll after another (cuts of some repeats and a half), or from two rolls side by side (whole repeats). */
export function halfDropMethods(drops: number, heightMm: number, trimMm: number, paper: Paper) {
  const { repeatMm, lengthMm } = paper
  const oneMm = (ceilDiv(heightMm + trimMm - repeatMm / 2, repeatMm) + 0.5) * repeatMm
  const twoMm = cutLength(heightMm, trimMm, repeatMm)
  const per = (cutMm: number) => floorDiv(lengthMm, cutMm)
  const rolls = (n: number, cutMm: number) => (per(cutMm) > 0 ? ceilDiv(n, per(cutMm)) : Infinity)
  return [
    { cutMm: oneMm, drops, perRoll: per(oneMm), rolls: rolls(drops, oneMm) },
    {
      cutMm: twoMm,
      drops,
      perRoll: per(twoMm),
      rolls: rolls(Math.ceil(drops / 2), twoMm) + rolls(Math.floor(drops / 2), twoMm),
    },
  ] as const
}
