import { InputError } from '@bonitas/core/kernel/errors/InputError'
import { minorToDecimal } from '@bonitas/core/kernel/money/currency'
import { parseMoney } from '@bonitas/core/kernel/money/parseMoney'
import type { UnitSystem } from '@bonitas/core/kernel/units/length'
import { liquidUnit, tinSizeText } from '@bonitas/core/kernel/units/liquid'
import type { Tin, TinChoice } from '@bonitas/core/stages/takeoff/cheapestTins'

/** A line of tins as this studio would type it. */
export const tinExample = (system: UnitSystem): string =>
  system === 'metric' ? '2.5 L at 39.00' : '1 gal at 39.00'

/** Tins one a line, as they are typed: `2.5 L at 39.00`, `1 gal at 39.00`. */
export function tinsText(tins: readonly Tin[], currency: string, system: UnitSystem): string {
  return tins
    .map((t) => `${tinSizeText(t.ml, system)} at ${minorToDecimal(t.priceMinor, currency)}`)
    .join('\n')
}

/** A size, its unit, perhaps a word or sign, and the price. */
const LINE =
  /^(\d{1,5}(?:[.,]\d{1,3})?)\s*(ml|l|lit(?:er|re)s?|gal(?:lons?)?|qt|quarts?|pt|pints?|fl\.?\s*oz|oz|fluid ounces?)\b\.?\s*(?:at|=|:|,)?\s*(.+)$/i

/**
 * Reads tins, one a line: `2.5 L at 39.00`, `750 ml 22`, `5L = 69`, `1 gal 54`, `2 quarts at 30`.
 * @throws {InputError} naming the line
 */
export function readTins(text: string, currency: string, system: UnitSystem): Tin[] {
  const lines = text
    .slice(0, 2000)
    .split('\n')
    .map((l) => l.trim())
    .filter(Boolean)
  if (lines.length > 8)
    throw new InputError('TINS_MANY', {
      where: 'Tins',
      what: 'hold more than eight sizes',
      fix: 'Leave the ones you would buy.',
    })
  return lines.map((line, i) => {
    const found = LINE.exec(line)
    const unit = found && liquidUnit(found[2] ?? '')
    const where = `Tins, line ${i + 1}`
    if (!found || !unit)
      throw new InputError('TINS_NOT_READ', {
        where,
        what: 'is not a size and a price',
        fix: `Write it as ${tinExample(system)}.`,
      })
    const ml = Math.round(Number((found[1] ?? '0').replace(',', '.')) * unit)
    if (ml < 50 || ml > 50_000)
      throw new InputError('TINS_SIZE', {
        where,
        what:
          system === 'metric' ? 'must hold between 50 ml and 50 L' : 'must hold between 2 fl oz and 13 gal',
        fix: 'Check the size and its unit.',
      })
    return { ml, priceMinor: parseMoney(found[3] ?? '', currency, where) }
  })
}

/** What to buy: `1 × 2.5 L + 1 × 1 L`. */
export function choiceText(choice: TinChoice, offered: readonly Tin[], system: UnitSystem): string {
  return choice.counts
    .map((n, i) => ({ n, ml: offered[i]?.ml ?? 0 }))
    .filter((c) => c.n > 0)
    .sort((x, y) => y.ml - x.ml)
    .map((c) => `${c.n} × ${tinSizeText(c.ml, system)}`)
    .join(' + ')
}
