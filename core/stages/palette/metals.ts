import type { LabD65 } from '../../kernel/color/lab.js'

/** How far a metal is from a kept color in warmth: distance in the a*b* plane, which lightness does not enter. */
export const warmthGap = (kept: LabD65, metal: LabD65): number =>
  Math.hypot(kept.a - metal.a, kept.b - metal.b)

/** Metals by how well their warmth agrees with a tile or stone that stays, the best first (common practice). */
export function rankMetals<M>(kept: LabD65, metals: readonly M[], labOf: (metal: M) => LabD65): M[] {
  return [...metals].sort((x, y) => warmthGap(kept, labOf(x)) - warmthGap(kept, labOf(y)))
}
