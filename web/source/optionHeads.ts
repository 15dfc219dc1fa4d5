import type { Formatter } from '@bonitas/core/kernel/units/formatter'
import type { Option } from '@bonitas/core/model/rows/options'
import { t } from './words.js'

/** What a closed part holds, so that nothing set is out of sight. */
function holds(parts: readonly (string | false)[]): string {
  const told = parts.filter(Boolean).join(' · ')
  return told ? `: ${told}` : ''
}

/** The heads of the parts of an option's editor. */
export function optionHeads(r: Option, says: Formatter): { readonly price: string; readonly supply: string } {
  const percent = (ppm: number) => `${says.figure(ppm / 10_000)} %`
  return {
    price: t('whatComesOnThePrice', {
      packSize: holds([
        r.packSize > 1 && t('packOfPackSize2', { packSize: r.packSize }),
        r.discountPpm > 0 && t('percentOff', { percent: percent(r.discountPpm) }),
        r.discountMinor > 0 && t('amountOff', { amount: says.money(r.discountMinor) }),
        r.deliveryMinor > 0 && t('deliveryOf', { amount: says.money(r.deliveryMinor) }),
        r.fittingMinor > 0 && t('fittingOf', { amount: says.money(r.fittingMinor) }),
        r.tradePpm > 0 && t('tradeOf', { percent: percent(r.tradePpm) }),
        r.reworkMinor > 0 && t('reworkOf', { amount: says.money(r.reworkMinor) }),
      ]),
    }),
    supply: t('comingAndGoingBackReturnDays', {
      returnDays: holds([
        r.returnDays != null &&
          (r.returnDays === 0 ? t('noReturns') : t('backWithinReturnDaysDays', { returnDays: r.returnDays })),
        r.legsMm != null && t('legsComeOff'),
      ]),
    }),
  }
}
