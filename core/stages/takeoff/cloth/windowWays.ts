import type { Formatter } from '../../../kernel/units/formatter.js'
import type { UnitSystem } from '../../../kernel/units/length.js'
import type { Takeoff } from '../../../model/rows/takeoffs.js'
import type { Beside, TakeoffWindow } from '../takeoffTypes.js'
import { soldUnitMm } from '../trade.js'
import { blindFor, romanCloth } from './blinds.js'
import { boughtLength } from './coverLayout.js'
import { curtainCut } from './curtains.js'

/** A rail is hung so far over the window where no height is given (common practice). */
const OVER_WINDOW_MM = 150
/** Hems of a blind where the line is of curtains (common practice). */
const BLIND_HEMS = { side: 40, top: 50, foot: 80 }
/** Hems of curtains where the line is of a blind (common practice). */
const CURTAIN_HEMS = { top: 100, foot: 150 }
/** Drawn back, cloth at double fullness takes a third of its rail (common practice). */
const STACK_PART = 1 / 6

/** Cloth is sold by the tenth of a meter, or by the quarter of a yard. */
export const clothStep = (system: UnitSystem): number => (system === 'metric' ? 100 : 228.6)

/** Where the rail is: as entered, else over the window and not above the ceiling. */
export const railHeight = (
  row: Pick<Takeoff, 'toMm'>,
  window: TakeoffWindow,
  ceilingMm: number | undefined,
): number => row.toMm ?? Math.min(window.topMm + OVER_WINDOW_MM, ceilingMm ?? Infinity)

/** What curtains take of their rail when they are drawn back, at each side where they are drawn to both. */
export const stackBack = (railMm: number, fullness: number, pair: boolean): number =>
  (railMm * fullness * STACK_PART) / (pair ? 2 : 1)

/** How far beyond the window, at each side, a rail reaches from which a pair drawn back clears the glass. */
export const clearingBeyond = (windowMm: number, fullness: number): number =>
  (windowMm * fullness * STACK_PART) / 2 / (1 - fullness * STACK_PART)

/** Curtains, a roman blind and one made to measure for the same window, from the same cloth. */
export function windowWays(
  row: Takeoff,
  window: TakeoffWindow,
  ceilingMm: number | undefined,
  says: Formatter,
): Beside[] {
  const cloth = row.goodsWidthMm
  const inside = blindFor(window, true, 0, ceilingMm)
  const made: Beside = {
    name: 'Blind made to measure',
    needed: `${says.drawn(inside.widthMm)} × ${says.drawn(inside.heightMm)}, in the recess`,
  }
  if (cloth === null || row.readyMade) return [made]
  const way = (name: string, lengthMm: number, widths: number): Beside => {
    const bought = boughtLength(lengthMm, clothStep(says.system))
    return {
      name,
      needed: `${says.count(widths, 'width')}, ${says.length(bought)}`,
      costMinor:
        row.packMinor === null ? undefined : Math.round((bought / soldUnitMm(says.system)) * row.packMinor),
    }
  }
  const curtains = row.trade === 'curtains'
  const drop = curtainCut({
    track: window.widthMm + 2 * (curtains || !row.inside ? row.trimMm : OVER_WINDOW_MM),
    returns: row.returnMm,
    overlap: curtains ? row.overlapMm : 0,
    fullness: row.fullness,
    finished: railHeight(row, window, ceilingMm) - row.fromMm,
    topHem: curtains ? row.topHemMm : CURTAIN_HEMS.top,
    footHem: curtains ? row.footHemMm : CURTAIN_HEMS.foot,
    clothWidth: cloth,
    repeat: row.repeatMm,
  })
  const hems = curtains ? BLIND_HEMS : { side: row.overlapMm, top: row.topHemMm, foot: row.footHemMm }
  const roman = romanCloth(
    curtains ? inside : blindFor(window, row.inside, row.trimMm, ceilingMm),
    hems,
    cloth,
    row.repeatMm,
  )
  return [
    way('Curtains', drop.length, drop.widths),
    way('Flat roman blind', roman.lengthMm, roman.widths),
    made,
  ]
}
