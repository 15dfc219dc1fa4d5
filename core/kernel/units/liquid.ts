import type { UnitSystem } from './length.js'

/** A US gallon, ml: 231 cubic inches of 2.54³ ml each, exactly (NIST Handbook 44, Appendix C). */
export const GALLON_ML = 3785.411784
/** What liquids are priced by, liters: a liter, or a gallon where the studio measures in feet. */
export const pricedLiters = (system: UnitSystem): number => (system === 'metric' ? 1 : GALLON_ML / 1000)
/** A square foot, m²: 0.3048², exactly. */
const SQUARE_FOOT_M2 = 0.09290304
/** Square feet a gallon in one square meter a liter. */
const RATE = GALLON_ML / 1000 / SQUARE_FOOT_M2

/** Sizes tins are sold in by customary measure, the largest first, ml. */
const US: readonly (readonly [name: string, ml: number])[] = [
  ['gal', GALLON_ML],
  ['qt', GALLON_ML / 4],
  ['pt', GALLON_ML / 8],
  ['fl oz', GALLON_ML / 128],
]

/**
 * A tin as its label says: 2.5 L, 750 ml; where the studio measures in feet a tin of a whole number of gallons, quarts,
 * pints or fluid ounces by these. A tin sold in liters stays so everywhere.
 */
export function tinSizeText(ml: number, system: UnitSystem, locale = 'en-IE'): string {
  if (system === 'imperial' && ml % 50 !== 0)
    for (const [name, each] of US) {
      const n = Math.round(ml / each)
      if (n > 0 && Math.round(n * each) === ml) return `${n} ${name}`
    }
  return ml >= 1000 ? `${plain(ml / 1000, locale)} L` : `${ml} ml`
}

/** What a unit of liquid as it is written holds, ml; undefined when it is none. */
export function liquidUnit(word: string): number | undefined {
  const unit = word.toLowerCase().replace(/\./g, '').replace(/\s+/g, ' ').trim()
  if (/^(l|liters?|litres?)$/.test(unit)) return 1000
  if (unit === 'ml') return 1
  if (/^(gal|gallons?)$/.test(unit)) return GALLON_ML
  if (/^(qt|quarts?)$/.test(unit)) return GALLON_ML / 4
  if (/^(pt|pints?)$/.test(unit)) return GALLON_ML / 8
  return /^(fl oz|floz|oz|fluid ounces?)$/.test(unit) ? GALLON_ML / 128 : undefined
}

const plain = (value: number, locale: string, decimals?: number) =>
  value.toLocaleString(locale, {
    minimumFractionDigits: decimals ?? 0,
    maximumFractionDigits: decimals ?? 3,
    useGrouping: false,
  })

/** How much liquid, without its unit: liters to the hundredth, or gallons. */
export const liquidFigure = (liters: number, system: UnitSystem, locale = 'en-IE'): string =>
  plain(system === 'metric' ? liters : (liters * 1000) / GALLON_ML, locale, 2)

/** How much liquid, with its unit: 11.3 L or 3.0 gal. */
export function liquidText(liters: number, system: UnitSystem, locale = 'en-IE', decimals = 1): string {
  return system === 'metric'
    ? `${plain(liters, locale, decimals)} L`
    : `${plain((liters * 1000) / GALLON_ML, locale, decimals)} gal`
}

/** A spreading rate as it is typed: square meters a liter, or square feet a gallon. */
export const spreadFigure = (m2PerL: number, system: UnitSystem, locale = 'en-IE'): string =>
  plain(system === 'metric' ? m2PerL : Math.round(m2PerL * RATE * 10) / 10, locale)

/** The rate that was typed, in square meters a liter. */
export const spreadOf = (figure: number, system: UnitSystem): number =>
  system === 'metric' ? figure : Math.round((figure / RATE) * 1e6) / 1e6
