import { InputError } from '@bonitas/core/kernel/errors/InputError'
import { parseMoney } from '@bonitas/core/kernel/money/parseMoney'
import type { UnitSystem } from '@bonitas/core/kernel/units/length'
import { liquidUnit } from '@bonitas/core/kernel/units/liquid'
import type { Tin, TinChoice } from '@bonitas/core/stages/takeoff/cheapestTins'
import type { Formatter } from '@bonitas/core/kernel/units/formatter'
import { t } from './words.js'

/** A line of tins as this studio would type it. */
export const tinExample = (system: UnitSystem): string =>
  system === 'metric' ? t('n25LAt39') : t('n1GalAt3900')

/** Tins one a line, as they are typed: `2.5 L at 39.00`, `1 gal at 39.00`. */
export function tinsText(tins: readonly Tin[], says: Formatter): string {
  return tins.map((size) => `${says.tin(size.ml)} at ${says.amount(size.priceMinor)}`).join('\n')
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
      where: t('tins'),
      what: t('holdMoreThanEightSizes'),
      fix: t('leaveTheOnesYouWould'),
    })
  return lines.map((line, i) => {
    const found = LINE.exec(line)
    const unit = found && liquidUnit(found[2] ?? '')
    const where = t('tinsLineI', { i: i + 1 })
    if (!found || !unit)
      throw new InputError('TINS_NOT_READ', {
        where,
        what: t('isNotASizeAnd'),
        fix: t('writeItAsSystem', { system: tinExample(system) }),
      })
    const ml = Math.round(Number((found[1] ?? '0').replace(',', '.')) * unit)
    if (ml < 50 || ml > 50_000)
      throw new InputError('TINS_SIZE', {
        where,
        what: system === 'metric' ? t('mustHoldBetween50Ml') : t('mustHoldBetween2Fl'),
        fix: t('checkTheSizeAndIts'),
      })
    return { ml, priceMinor: parseMoney(found[3] ?? '', currency, where) }
  })
}

/** What to buy: `1 × 2.5 L + 1 × 1 L`. */
export function choiceText(choice: TinChoice, offered: readonly Tin[], says: Formatter): string {
  return choice.counts
    .map((n, i) => ({ n, ml: offered[i]?.ml ?? 0 }))
    .filter((c) => c.n > 0)
    .sort((x, y) => y.ml - x.ml)
    .map((c) => `${c.n} × ${says.tin(c.ml)}`)
    .join(' + ')
}
