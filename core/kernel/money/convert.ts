import { InputError } from '../errors/InputError.js'
import { currencyDigits, type Minor } from './currency.js'

/**
 * An amount in another currency at a rate, rounded half up to its minor unit; exact whatever the decimals of the rate.
 * @param rate units of `to` for one unit of `from`, as a decimal text: "1.0845"
 * @throws {InputError} `RATE_NOT_A_NUMBER`
 */
export function convert(minor: Minor, from: string, to: string, rate: string): Minor {
  const found = /^(\d{1,9})(?:\.(\d{1,10}))?$/.exec(rate.trim())
  if (!found || Number(rate) <= 0)
    throw new InputError('RATE_NOT_A_NUMBER', {
      what: 'is not a rate',
      where: 'Rate',
      fix: 'Write it as 1.0845: how much one unit is worth in the other currency.',
    })
  const fraction = found[2] ?? ''
  const shift = currencyDigits(to) - currencyDigits(from)
  let [top, bottom] = [
    BigInt(minor) * BigInt(`${found[1] ?? '0'}${fraction}`),
    10n ** BigInt(fraction.length),
  ]
  if (shift >= 0) top *= 10n ** BigInt(shift)
  else bottom *= 10n ** BigInt(-shift)
  return Number((2n * top + bottom) / (2n * bottom))
}
