import { moneyText } from '@bonitas/core/kernel/money/moneyText'
import { costPerUse, costPerYear } from '@bonitas/core/stages/source/worth'
import type { DerivedOption } from '@bonitas/core/job/deriveItems'
import { lengthText, mmText, type UnitSystem } from '@bonitas/core/kernel/units/length'

/** Size as on a drawing: `1 980 × 900 × 840`; what is not known is left out. */
export function sizeText(
  option: Pick<DerivedOption['option'], 'widthMm' | 'depthMm' | 'heightMm'>,
  system: UnitSystem,
): string {
  const sides = [option.widthMm, option.depthMm, option.heightMm].filter((mm): mm is number => mm != null)
  return sides.map((mm) => (system === 'metric' ? mmText(mm) : lengthText(mm, system))).join(' × ')
}

/** True when nothing strikes the option out. */
export const canBeTaken = (o: DerivedOption): boolean => o.suits.against.length === 0

/** The reasons worth a line: what strikes out, else what lowers, else what speaks for it. */
export function reasonText(o: DerivedOption, most = 3): string {
  const { against, reasons } = o.suits
  if (against.length > 0) return `Cannot be taken: ${against.map((r) => r.says).join('; ')}`
  const lowers = reasons.filter((r) => r.verdict === 'lowers').map((r) => r.says)
  const agrees = reasons.filter((r) => r.verdict === 'agrees').map((r) => r.says)
  const told = [...lowers, ...agrees].slice(0, most).join(' · ')
  return told ? `${told[0]?.toUpperCase() ?? ''}${told.slice(1)}` : ''
}

/** The sum behind a landed price, one step a line: `4 packs × €48 = €192`. */
export function landedSteps(
  { price, option, made }: DerivedOption,
  quantity: number,
  money: (minor: number) => string,
  /** What the order as a whole does to it, when it is chosen. */
  inOrderMinor?: number,
): string[] {
  const packs =
    option.packSize > 1
      ? `${quantity} in packs of ${option.packSize}: ${price.packs} × ${money(option.priceMinor)} = ${money(price.goodsMinor)}${price.spare > 0 ? `, ${price.spare} spare` : ''}`
      : `${price.packs} × ${money(option.priceMinor)} = ${money(price.goodsMinor)}`
  const goods = made
    ? made.lines.map(
        (l) => `${l.quantity} × ${l.name}: ${l.costMinor > 0 ? money(l.costMinor) : 'owned already'}`,
      )
    : option.partOfId
      ? ['comes in its set: nothing of its own']
      : price.foreignMinor !== undefined
        ? [
            `${price.packs} × ${moneyText(option.priceMinor, option.currency ?? 'EUR')} at ${option.rate}${option.rateOn ? ` of ${option.rateOn}` : ''} = ${money(price.goodsMinor)}`,
          ]
        : [packs]
  return [
    ...goods,
    price.rateless && `in ${price.rateless}, and no rate is given: the figure is taken as it stands`,
    made && `materials: ${money(made.boughtMinor)}`,
    price.tradeOffMinor > 0 && `less trade ${option.tradePpm / 10_000} %: − ${money(price.tradeOffMinor)}`,
    price.percentOffMinor > 0 && `less ${option.discountPpm / 10_000} %: − ${money(price.percentOffMinor)}`,
    price.fixedOffMinor > 0 && `less discount: − ${money(price.fixedOffMinor)}`,
    price.deliveryMinor > 0 && `delivery: + ${money(price.deliveryMinor)}`,
    price.fittingMinor > 0 && `fitting: + ${money(price.fittingMinor)}`,
    price.reworkMinor > 0 && `cleaning and rework: + ${money(price.reworkMinor)}`,
    price.taxMinor > 0 &&
      (price.taxAdded ? `tax: + ${money(price.taxMinor)}` : `tax inside: ${money(price.taxMinor)}`),
    `landed: ${money(price.landedMinor)}`,
    inOrderMinor !== undefined &&
      inOrderMinor !== price.landedMinor &&
      `in its order, with coupon and delivery: ${money(inOrderMinor)}`,
  ].filter((step): step is string => typeof step === 'string')
}

/** Years, cost a year and cost a use, where they are known. */
export function worthText(
  o: DerivedOption,
  usesPerYear: number | null,
  money: (minor: number) => string,
): string {
  const { years } = o.option
  if (!years) return ''
  const year = money(costPerYear(o.price.landedMinor, years))
  const use = usesPerYear ? `, ${money(costPerUse(o.price.landedMinor, years, usesPerYear))} a use` : ''
  return `${years} y, ${year} a year${use}`
}
