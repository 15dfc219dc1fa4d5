import { currencyDigits, minorToDecimal, type Minor } from './currency.js'

const formats = new Map<string, Intl.NumberFormat>()

function format(
  currency: string,
  locale: string,
  decimals: number,
  style: 'currency' | 'decimal' = 'currency',
): Intl.NumberFormat {
  const key = `${currency} ${locale} ${decimals} ${style}`
  let made = formats.get(key)
  if (!made) {
    made = new Intl.NumberFormat(locale, {
      style,
      currency,
      currencyDisplay: 'narrowSymbol',
      minimumFractionDigits: decimals,
      maximumFractionDigits: decimals,
    })
    formats.set(key, made)
  }
  return made
}

/**
 * An amount for people: `€9,400` when it is whole, `€1,234.50` when it is not.
 * The number reaches Intl as a decimal text, so nothing is re-rounded on the way.
 */
export function moneyText(minor: Minor, currency: string, locale = 'en-IE'): string {
  const digits = currencyDigits(currency)
  const decimals = minor % 10 ** digits === 0 ? 0 : digits
  return format(currency, locale, decimals).format(minorToDecimal(minor, currency) as unknown as number)
}

/** The same with every decimal always shown, for columns of figures that must line up. */
export function moneyColumnText(minor: Minor, currency: string, locale = 'en-IE'): string {
  return format(currency, locale, currencyDigits(currency)).format(
    minorToDecimal(minor, currency) as unknown as number,
  )
}

/** The figures alone, for the columns of a table whose head names the currency; without decimals where no sum has any. */
export function moneyFiguresText(minor: Minor, currency: string, locale: string, whole: boolean): string {
  const decimals = whole ? 0 : currencyDigits(currency)
  return format(currency, locale, decimals, 'decimal').format(
    minorToDecimal(minor, currency) as unknown as number,
  )
}
