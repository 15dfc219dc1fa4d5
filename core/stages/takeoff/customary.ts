import { ceilDiv } from './trade.js'

/** What is customarily added for waste, in percent from and to (common practice); shown beside what the plan says. */
export const CUSTOMARY_WASTE = {
  'straight tile': [5, 10],
  'diagonal tile': [10, 15],
  herringbone: [15, 20],
  'straight plank': [5, 10],
  'diagonal plank': [10, 15],
  chevron: [15, 20],
  'sheet vinyl': [10, 15],
  'large-format tile': [10, 20],
} as const satisfies Readonly<Record<string, readonly [number, number]>>

// Repeat in inches and what upholsterers add for it, in percent; charts differ (common practice).
const UPHOLSTERY = [
  [2, 0],
  [10, 10],
  [16, 15],
  [24, 20],
  [32, 30],
] as const

/** What upholsterers add to a cover for a repeat, in percent: the first line of the chart that the repeat does not pass. */
export const upholsteryExtra = (repeatMm: number): number =>
  UPHOLSTERY.find(([inches]) => repeatMm <= inches * 25.4 + 0.5)?.[1] ?? 30

/** Tile adhesive by the longer side of the tile: the larger it is the deeper the notch, and large ones are buttered too; kg/m² (common practice). */
export const adhesiveKgPerM2 = (sideMm: number): number => ADHESIVE.find(([upTo]) => sideMm <= upTo)?.[1] ?? 6

const ADHESIVE = [
  [50, 1.5],
  [108, 2],
  [200, 2.5],
  [300, 3.5],
  [600, 4.5],
] as const

/** Boxes for an area with so much over; an exact division needs no box more. */
export function boxesFor(areaM2: number, wastePart: number, boxM2: number) {
  const orderM2 = areaM2 * (1 + wastePart)
  const boxes = ceilDiv(orderM2, boxM2)
  return { orderM2, boxes, boughtM2: boxes * boxM2 }
}

/** The cushion for a cover: feather and down about 2 in (5 cm) larger than it (common practice). */
export const insertFor = (coverMm: number): number => coverMm + 50.8

/** How far paint goes in theory: volume solids × 10 over the dry film; m² a liter, and the wet film in µm. */
export const theoreticalSpread = (solidsPercent: number, dryUm: number) => ({
  m2PerL: (solidsPercent * 10) / dryUm,
  wetUm: (dryUm * 100) / solidsPercent,
})
