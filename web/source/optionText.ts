import type { DerivedOption } from '@bonitas/core/job/derive'
import { lengthText, mmText, type UnitSystem } from '@bonitas/core/units/length'

/** Size as on a drawing: `1 980 × 900 × 840`; what is not known is left out. */
export function sizeText(option: DerivedOption['option'], system: UnitSystem): string {
  const sides = [option.widthMm, option.depthMm, option.heightMm].filter((mm): mm is number => mm != null)
  return sides.map((mm) => (system === 'metric' ? mmText(mm) : lengthText(mm, system))).join(' × ')
}

/** The verdict on size, with its reason; nothing when the item sets no limit. */
export function fitText({ fit }: DerivedOption, system: UnitSystem): string {
  if (fit.verdict === 'fits') return 'Fits'
  if (fit.verdict === 'no limit') return ''
  if (fit.verdict === 'unknown') return `Fit unknown: ${fit.missing.join(', ')} not measured`
  return `Does not fit: ${fit.over.map((o) => `${o.side} ${lengthText(o.byMm, system)} over`).join(', ')}`
}

/** The sum behind a landed price, one step a line: `4 packs × €48 = €192`. */
export function landedSteps(
  { price, option }: DerivedOption,
  quantity: number,
  money: (minor: number) => string,
): string[] {
  const packs =
    option.packSize > 1
      ? `${quantity} in packs of ${option.packSize}: ${price.packs} × ${money(option.priceMinor)} = ${money(price.goodsMinor)}${price.spare > 0 ? `, ${price.spare} spare` : ''}`
      : `${price.packs} × ${money(option.priceMinor)} = ${money(price.goodsMinor)}`
  return [
    packs,
    price.percentOffMinor > 0 && `less ${option.discountPpm / 10_000} %: − ${money(price.percentOffMinor)}`,
    price.fixedOffMinor > 0 && `less discount: − ${money(price.fixedOffMinor)}`,
    price.deliveryMinor > 0 && `delivery: + ${money(price.deliveryMinor)}`,
    price.fittingMinor > 0 && `fitting: + ${money(price.fittingMinor)}`,
    price.taxMinor > 0 &&
      (price.taxAdded ? `tax: + ${money(price.taxMinor)}` : `tax inside: ${money(price.taxMinor)}`),
    `landed: ${money(price.landedMinor)}`,
  ].filter((step): step is string => typeof step === 'string')
}
