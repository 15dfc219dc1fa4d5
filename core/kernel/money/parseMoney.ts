import { InputError } from '../errors/InputError.js'
import { currencyDigits, MAX_MINOR, type Minor } from './currency.js'

// Where a currency is at home it has a sign of its own: Ft, kr, kr., zł, Kč, R$.
const HOMES = ['hu', 'sv', 'da', 'nb', 'is', 'pl', 'cs', 'ro', 'bg', 'tr', 'pt-BR', 'de-CH', 'en', 'ja', 'zh']

/** Currencies of countries that part thousands by two after the first three. */
const LAKHS: ReadonlySet<string> = new Set(['INR', 'PKR', 'BDT', 'NPR', 'LKR'])

const known = new Map<string, { before: RegExp; after: RegExp }>()

/** A sign of money before or after an amount: that of the currency wherever it is at home, any symbol, any code. */
function signsOf(currency: string): { before: RegExp; after: RegExp } {
  let found = known.get(currency)
  if (!found) {
    const own = HOMES.map((locale) =>
      new Intl.NumberFormat(locale, { style: 'currency', currency, currencyDisplay: 'narrowSymbol' })
        .formatToParts(1)
        .find((part) => part.type === 'currency')
        ?.value.replace(/[\s\u00a0]/g, '')
        .replace(/[.*+?^${}()|[\]\\]/g, String.raw`\$&`),
    )
    // The longest first: of "kr." and "kr" the point belongs to the sign.
    const signs = [...new Set(own.filter((sign) => sign !== undefined))].sort((a, b) => b.length - a.length)
    const any = [...signs, String.raw`\p{Sc}`, '[A-Z]{3}'].join('|')
    found = { before: new RegExp(`^([-−–]?)(?:${any})`, 'u'), after: new RegExp(`(?:${any})$`, 'u') }
    known.set(currency, found)
  }
  return found
}

/**
 * Reads an amount as people write it: `1480`, `1 480`, `€1,480.50`, `1.480,50`, `1'480.-`.
 *
 * The last point or comma counts as the decimal mark, unless exactly three digits follow it and no
 * other mark tells otherwise: `1.480` is one thousand four hundred and eighty in a currency of two
 * decimals. In a currency of three decimals a lone mark before three digits is the decimal mark.
 *
 * @param label the field's name, for the message
 * @returns whole minor units, never rounded
 * @throws {InputError} `MONEY_EMPTY`, `MONEY_NOT_A_NUMBER`, `MONEY_TOO_FINE`, `MONEY_NEGATIVE`, `MONEY_TOO_LARGE`
 */
export function parseMoney(text: string, currency: string, label = 'Amount'): Minor {
  const digits = currencyDigits(currency)
  const refuse = (code: string, what: string, fix: string): never => {
    throw new InputError(code, { what, where: label, fix })
  }
  const signs = signsOf(currency)
  const example = digits === 0 ? '1480' : `1480.${'5'.padEnd(digits, '0')}`
  const bare = text
    .slice(0, 80)
    .replace(/[\s\u00a0\u2009\u202f'’_]/g, '')
    .replace(signs.before, '$1')
    .replace(signs.after, '')
    .replace(/[.,][-–—]+$/, '')
  if (bare === '') return refuse('MONEY_EMPTY', 'is empty', `Write an amount such as ${example}.`)
  if (/^[-−–]/.test(bare)) return refuse('MONEY_NEGATIVE', 'is negative', 'Write it without a minus sign.')
  if (text.length > 80 || !/^\d[\d.,]*$/.test(bare))
    return refuse('MONEY_NOT_A_NUMBER', 'is not an amount', `Write an amount such as ${example}.`)

  const marks = bare.match(/[.,]/g) ?? []
  const last = Math.max(bare.lastIndexOf('.'), bare.lastIndexOf(','))
  const after = bare.length - last - 1
  const kinds = new Set(marks).size
  const isDecimal =
    marks.length > 0 &&
    after > 0 &&
    (kinds === 2 ? marks.filter((m) => m === bare[last]).length === 1 : marks.length === 1) &&
    (after !== 3 || digits === 3 || kinds === 2 || /^0\d*[.,]/.test(bare))
  const whole = (isDecimal ? bare.slice(0, last) : bare).replace(/[.,]/g, '')
  const fraction = isDecimal ? bare.slice(last + 1) : ''
  const groups = (isDecimal ? bare.slice(0, last) : bare).split(/[.,]/)
  const threes = groups.slice(1).every((g) => g.length === 3)
  // 12,34,567: hundreds of thousands, as they are set apart in India; elsewhere it is a slip.
  const twos =
    LAKHS.has(currency) && groups.slice(1, -1).every((g) => g.length === 2) && groups.at(-1)?.length === 3
  if (groups.length > 1 && !threes && !twos)
    return refuse('MONEY_NOT_A_NUMBER', 'is not an amount', `Write an amount such as ${example}.`)
  if (fraction.length > digits)
    return refuse(
      'MONEY_TOO_FINE',
      `has more than ${digits} decimals`,
      `${currency} has ${digits}; write an amount such as ${example}.`,
    )
  if (whole.length > 12) return tooLarge()
  const minor = Number(whole + fraction.padEnd(digits, '0'))
  return minor > MAX_MINOR ? tooLarge() : minor

  function tooLarge(): never {
    return refuse('MONEY_TOO_LARGE', 'is too large', 'Check for digits too many.')
  }
}
