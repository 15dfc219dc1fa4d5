import type { Formatter } from '../../../kernel/units/formatter.js'
import type { UnitSystem } from '../../../kernel/units/length.js'
import type { Takeoff } from '../../../model/rows/takeoffs.js'
import type { Beside, TakeoffWindow } from '../takeoffTypes.js'
import { soldUnitMm, tens } from '../trade.js'
import { blindFor, RECESS_MM, romanCloth, type Blind } from './blinds.js'
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

/** Of the window, what stays covered when curtains are drawn back: at each side, or at the one they are drawn to. */
export const coveredOpen = (windowMm: number, railMm: number, fullness: number, pair: boolean): number =>
  Math.max(0, stackBack(railMm, fullness, pair) - (railMm - windowMm) / 2)

/** How far beyond the window, at each side, a rail reaches from which a pair drawn back clears the glass. */
export const clearingBeyond = (windowMm: number, fullness: number): number =>
  (windowMm * fullness * STACK_PART) / 2 / (1 - fullness * STACK_PART)

/** A roller blind rolled up, and by how much its cloth is narrower than the blind at each side (common practice). */
const ROLL_MM = 60
const ROLLER_SIDE_MM = 15

/** What comes through beside a closed blind: in the recess always, before the wall where it does not reach past the window. */
const besideGlass = (gapMm: number, beyondMm: number, says: Formatter): string =>
  gapMm > 0
    ? `Closed, light comes through beside it, about ${says.length(Math.round(gapMm))} at each side.`
    : beyondMm > 0
      ? 'Closed, it covers the edges.'
      : 'Closed, light comes through at both sides.'

/** What is seen of curtains: how much they leave, what they cover, and how much of the pattern. */
function curtainsSeen(
  row: Takeoff,
  windowMm: number,
  railMm: number,
  fullness: number,
  says: Formatter,
): string[] {
  const covered = coveredOpen(windowMm, railMm, fullness, row.pair)
  return [
    covered > 0
      ? `Open, ${says.length(tens(covered))} of the window stays covered at ${row.pair ? 'each' : 'one'} side.`
      : 'Open, they clear the window.',
    railMm > windowMm
      ? 'Closed, they cover the edges; light comes over the rail and beside a wall without a return.'
      : 'Closed, light comes through at both sides.',
    ...(row.repeatMm > 0 ? [`The pattern is seen by about ${says.percent(1 / fullness)}, in folds.`] : []),
  ]
}

function romanSeen(blind: Blind, inside: boolean, row: Takeoff, says: Formatter): string[] {
  return [
    blind.coversMm > 0
      ? `Open, it covers ${says.length(tens(blind.coversMm))} at the top.`
      : 'Open, it clears the window.',
    besideGlass(inside ? RECESS_MM / 2 : 0, row.trimMm, says),
    ...(row.repeatMm > 0 ? ['The pattern is seen flat and whole; drawn up it is folded away.'] : []),
  ]
}

/** Curtains, a roman blind and a roller blind for the same window, from the same cloth. */
export function windowWays(
  row: Takeoff,
  window: TakeoffWindow,
  ceilingMm: number | undefined,
  says: Formatter,
): Beside[] {
  const cloth = row.goodsWidthMm
  const inside = blindFor(window, true, 0, ceilingMm)
  const made: Beside = {
    name: 'Roller blind, made to measure',
    needed: `${says.drawn(inside.widthMm)} × ${says.drawn(inside.heightMm)}, in the recess`,
    seen: [
      `Open, its roll covers ${says.length(ROLL_MM)} at the top.`,
      besideGlass(RECESS_MM / 2 + ROLLER_SIDE_MM, 0, says),
      ...(row.repeatMm > 0 ? ['The pattern is seen flat and whole; drawn up it is rolled away.'] : []),
    ],
  }
  if (cloth === null || row.readyMade) return [made]
  const way = (name: string, lengthMm: number, widths: number, seen: readonly string[]): Beside => {
    const bought = boughtLength(lengthMm, clothStep(says.system))
    return {
      name,
      needed: `${says.count(widths, 'width')}, ${says.length(bought)}`,
      seen,
      costMinor:
        row.packMinor === null ? undefined : Math.round((bought / soldUnitMm(says.system)) * row.packMinor),
    }
  }
  const curtains = row.trade === 'curtains'
  const rail = window.widthMm + 2 * (curtains || !row.inside ? row.trimMm : OVER_WINDOW_MM)
  const drop = curtainCut({
    track: rail,
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
  const within = curtains || row.inside
  const blind = within ? inside : blindFor(window, false, row.trimMm, ceilingMm)
  const roman = romanCloth(blind, hems, cloth, row.repeatMm)
  return [
    way('Curtains', drop.length, drop.widths, curtainsSeen(row, window.widthMm, rail, drop.fullness, says)),
    way('Flat roman blind', roman.lengthMm, roman.widths, romanSeen(blind, within, row, says)),
    made,
  ]
}
