import { InputError } from '@bonitas/core/kernel/errors/InputError'
import { minorToDecimal } from '@bonitas/core/kernel/money/currency'
import { parseMoney } from '@bonitas/core/kernel/money/parseMoney'
import type { Tin, TinChoice } from '@bonitas/core/stages/takeoff/cheapestTins'

/** A tin size for people: 2.5 L, 750 ml. */
export function tinSizeText(ml: number): string {
  return ml >= 1000 ? `${ml / 1000} L` : `${ml} ml`
}

/** Tins one a line, as they are typed: `2.5 L at 39.00`. */
export function tinsText(tins: readonly Tin[], currency: string): string {
  return tins.map((t) => `${tinSizeText(t.ml)} at ${minorToDecimal(t.priceMinor, currency)}`).join('\n')
}

/**
 * Reads tins, one a line: `2.5 L at 39.00`, `750 ml 22`, `5L = 69`.
 * @throws {InputError} naming the line
 */
export function readTins(text: string, currency: string): Tin[] {
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
    const found = /^(\d{1,5}(?:[.,]\d{1,3})?)\s*(l|ml|liters?|litres?)\b\s*(?:at|=|:|,)?\s*(.+)$/i.exec(line)
    const where = `Tins, line ${i + 1}`
    if (!found)
      throw new InputError('TINS_NOT_READ', {
        where,
        what: 'is not a size and a price',
        fix: 'Write it as 2.5 L at 39.00.',
      })
    const size = Number((found[1] ?? '0').replace(',', '.')) * (/^ml/i.test(found[2] ?? '') ? 1 : 1000)
    const ml = Math.round(size)
    if (ml < 50 || ml > 50_000)
      throw new InputError('TINS_SIZE', {
        where,
        what: 'must hold between 50 ml and 50 L',
        fix: 'Check the size and its unit.',
      })
    return { ml, priceMinor: parseMoney(found[3] ?? '', currency, where) }
  })
}

/** What to buy: `1 × 2.5 L + 1 × 1 L`. */
export function choiceText(choice: TinChoice, offered: readonly Tin[]): string {
  return choice.counts
    .map((n, i) => ({ n, ml: offered[i]?.ml ?? 0 }))
    .filter((c) => c.n > 0)
    .sort((x, y) => y.ml - x.ml)
    .map((c) => `${c.n} × ${tinSizeText(c.ml)}`)
    .join(' + ')
}
