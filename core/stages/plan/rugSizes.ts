import type { UnitSystem } from '../../kernel/units/length.js'

/** A size rugs are sold in. The maker's actual size decides, this only says what to look for. */
export interface RugSize {
  readonly name: string
  readonly shortMm: number
  readonly longMm: number
}

const ft = (a: number, b: number): RugSize => ({
  name: `${a} × ${b} ft`,
  shortMm: Math.round(a * 304.8),
  longMm: Math.round(b * 304.8),
})
const mm = (a: number, b: number): RugSize => ({ name: `${a} × ${b}`, shortMm: a, longMm: b })

/** Customary stock sizes (common practice): in feet, and those sold in meters. */
export const RUG_SIZES: Readonly<Record<UnitSystem, readonly RugSize[]>> = {
  imperial: [ft(2, 3), ft(3, 5), ft(4, 6), ft(5, 8), ft(6, 9), ft(8, 10), ft(9, 12), ft(10, 14), ft(12, 15)],
  metric: [
    mm(600, 900),
    mm(800, 1500),
    mm(1200, 1700),
    mm(1400, 2000),
    mm(1600, 2300),
    mm(1700, 2400),
    mm(2000, 2900),
    mm(2440, 3350),
    mm(2500, 3500),
    mm(2750, 3660),
    mm(3000, 4000),
  ],
}

/** Runners for halls and bedsides, and narrow rugs that two of which are joined. */
export const RUNNER_SIZES: Readonly<Record<UnitSystem, readonly RugSize[]>> = {
  imperial: [ft(2, 6), ft(2.5, 8), ft(2.5, 10), ft(2.5, 12)],
  metric: [mm(600, 1800), mm(700, 2500), mm(800, 3000), mm(800, 3500)],
}

/** Smallest size under a dining table that keeps chairs on it when they are pulled out. */
export function rugUnderTable(
  lengthMm: number,
  widthMm: number,
  beyondMm: number,
  sizes: readonly RugSize[],
) {
  const need = { longMm: lengthMm + 2 * beyondMm, shortMm: widthMm + 2 * beyondMm }
  const [long, short] = [Math.max(need.longMm, need.shortMm), Math.min(need.longMm, need.shortMm)]
  const size = [...sizes]
    .sort((a, b) => a.shortMm * a.longMm - b.shortMm * b.longMm)
    .find((s) => s.longMm >= long && s.shortMm >= short)
  return { need: { longMm: long, shortMm: short }, size }
}
