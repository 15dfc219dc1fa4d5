import { costPerUse, costPerYear } from '@bonitas/core/stages/source/worth'
import type { DerivedOption } from '@bonitas/core/job/deriveItems'
import { formatterOf, type Formatter } from '@bonitas/core/kernel/units/formatter'
import { t } from './words.js'

/** Size as on a drawing: `1 980 × 900 × 840`; what is not known is left out. */
export function sizeText(
  option: Pick<DerivedOption['option'], 'widthMm' | 'depthMm' | 'heightMm'>,
  says: Formatter,
): string {
  const sides = [option.widthMm, option.depthMm, option.heightMm].filter((mm): mm is number => mm != null)
  return sides.map(says.drawn).join(' × ')
}

/** The limits of an item in one line: `w ≤ 1 980 · h ≥ 400`; nothing where there are none. */
export function limitsText(
  item: {
    readonly [
      side in 'minWidthMm' | 'maxWidthMm' | 'minDepthMm' | 'maxDepthMm' | 'minHeightMm' | 'maxHeightMm'
    ]?: number | null | undefined
  },
  says: Formatter,
): string {
  return (
    [
      ['w ≥', item.minWidthMm],
      ['w ≤', item.maxWidthMm],
      ['d ≥', item.minDepthMm],
      ['d ≤', item.maxDepthMm],
      ['h ≥', item.minHeightMm],
      ['h ≤', item.maxHeightMm],
    ] as const
  )
    .flatMap(([word, mm]) => (mm == null ? [] : [`${word} ${says.drawn(mm)}`]))
    .join(' · ')
}

/** True when nothing strikes the option out. */
export const canBeTaken = (o: DerivedOption): boolean => o.suits.against.length === 0

/** The reasons worth a line: what strikes out, else what lowers, else what speaks for it. */
export function reasonText(o: DerivedOption, most = 3): string {
  const { against, reasons } = o.suits
  if (against.length > 0) return t('cannotBeTakenJoin2', { join: against.map((r) => r.says).join('; ') })
  const lowers = reasons.filter((r) => r.verdict === 'lowers').map((r) => r.says)
  const agrees = reasons.filter((r) => r.verdict === 'agrees').map((r) => r.says)
  const told = [...lowers, ...agrees].slice(0, most).join(' · ')
  return told ? `${told[0]?.toUpperCase() ?? ''}${told.slice(1)}` : ''
}

/** The sum behind a landed price, one step a line: `4 packs × €48 = €192`. */
export function landedSteps(
  { price, option, made }: DerivedOption,
  quantity: number,
  says: Formatter,
  /** What the order as a whole does to it, when it is chosen. */
  inOrderMinor?: number,
): string[] {
  const packs =
    option.packSize > 1
      ? t('quantityInPacksOfPackSize', {
          quantity,
          packSize: option.packSize,
          packs: price.packs,
          priceMinor: says.money(option.priceMinor),
          goodsMinor: says.money(price.goodsMinor),
          spare: price.spare > 0 ? t('spareSpare', { spare: price.spare }) : '',
        })
      : `${price.packs} × ${says.money(option.priceMinor)} = ${says.money(price.goodsMinor)}`
  const goods = made
    ? made.lines.map(
        (l) => `${l.quantity} × ${l.name}: ${l.costMinor > 0 ? says.money(l.costMinor) : t('ownedAlready')}`,
      )
    : option.partOfId
      ? [t('comesInItsSetNothing')]
      : price.foreignMinor !== undefined
        ? [
            t('packsPriceMinorAtRateRateOn', {
              packs: price.packs,
              priceMinor: formatterOf({ ...says, currency: option.currency ?? 'EUR' }).money(
                option.priceMinor,
              ),
              rate: option.rate,
              rateOn: option.rateOn ? ` of ${says.day(option.rateOn)}` : '',
              goodsMinor: says.money(price.goodsMinor),
            }),
          ]
        : [packs]
  return [
    ...goods,
    price.rateless && t('inRatelessAndNoRate', { rateless: price.rateless }),
    made && `materials: ${says.money(made.boughtMinor)}`,
    price.tradeOffMinor > 0 &&
      t('lessTradeTradePpmTradeOffMinor', {
        tradePpm: says.figure(option.tradePpm / 10_000),
        tradeOffMinor: says.money(price.tradeOffMinor),
      }),
    price.percentOffMinor > 0 &&
      t('lessDiscountPpmPercentOffMinor', {
        discountPpm: says.figure(option.discountPpm / 10_000),
        percentOffMinor: says.money(price.percentOffMinor),
      }),
    price.fixedOffMinor > 0 &&
      t('lessDiscountFixedOffMinor', { fixedOffMinor: says.money(price.fixedOffMinor) }),
    price.deliveryMinor > 0 && t('deliveryDeliveryMinor', { deliveryMinor: says.money(price.deliveryMinor) }),
    price.fittingMinor > 0 && t('fittingFittingMinor', { fittingMinor: says.money(price.fittingMinor) }),
    price.reworkMinor > 0 &&
      t('cleaningAndReworkReworkMinor', { reworkMinor: says.money(price.reworkMinor) }),
    price.taxMinor > 0 &&
      (price.taxAdded
        ? t('taxTaxMinor', { taxMinor: says.money(price.taxMinor) })
        : t('taxInsideTaxMinor', { taxMinor: says.money(price.taxMinor) })),
    `landed: ${says.money(price.landedMinor)}`,
    inOrderMinor !== undefined &&
      inOrderMinor !== price.landedMinor &&
      t('inItsOrderWithCoupon', { inOrderMinor: says.money(inOrderMinor) }),
  ].filter((step): step is string => typeof step === 'string')
}

/** Years, cost a year and cost a use, where they are known. */
export function worthText(o: DerivedOption, usesPerYear: number | null, says: Formatter): string {
  const { years } = o.option
  if (!years) return ''
  const year = says.money(costPerYear(o.price.landedMinor, years))
  const use = usesPerYear
    ? t('landedMinorAUse', { landedMinor: says.money(costPerUse(o.price.landedMinor, years, usesPerYear)) })
    : ''
  return t('yearsYYearAYear', { years, year, use })
}
