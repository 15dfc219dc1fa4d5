import { currencyNamed } from '../../kernel/money/currencyMarks.js'
import { parseMoney } from '../../kernel/money/parseMoney.js'
import { readLeadDays } from '../../kernel/units/leadTime.js'
import { readLength, type UnitSystem } from '../../kernel/units/length.js'
import { materialNamed } from './wear.js'
import type { OptionKind, OptionTrait, PriceUnit } from '../../model/vocabulary/buying.js'

/** What one line of text says of an option. Fields that it does not name are absent. */
export interface Captured {
  readonly name: string
  readonly kind?: OptionKind | undefined
  readonly priceMinor?: number | undefined
  /** Code of the currency, when the price names one. */
  readonly currency?: string | undefined
  readonly packSize?: number | undefined
  readonly unit?: PriceUnit | undefined
  readonly widthMm?: number | undefined
  readonly depthMm?: number | undefined
  readonly heightMm?: number | undefined
  readonly leadDays?: number | undefined
  readonly deliveryMinor?: number | undefined
  readonly discountPpm?: number | undefined
  readonly material?: string | undefined
  readonly traits?: readonly OptionTrait[] | undefined
  readonly supplierName?: string | undefined
}

const UNIT = String.raw`(mm|cm|m|in|inch|inches|"|″|ft)?`
const SIDE = String.raw`(\d{1,5}(?:[.,]\d{1,3})?)\s*${UNIT}`
const SIZE = new RegExp(
  String.raw`(?<![\w.,])[wW]?${SIDE}\s*[x×*]\s*[dD]?${SIDE}(?:\s*[x×*]\s*[hH]?${SIDE})?(?![\w])`,
  'u',
)
const LEAD =
  /(?<![\w.,])(\d{1,3})(?:\s*-\s*(\d{1,3}))?\s*((?:working|business|work|week)[\s-]*days?|d|days?|w|wks?|weeks?|mo|months?)(?![\w])/iu
const OFF = /(?<![\w.,])[-−–]\s*(\d{1,2}(?:[.,]\d{1,2})?)\s*%/u
const DELIVERY =
  /(?:\+|(?<!\w)(?:delivery|del|shipping))\s*((?:\p{Sc})?\s?\d[\d.,]*(?:\s?(?:\p{Sc}|[A-Z]{3}))?)/iu
const PACK = /(?<![\w])(?:pack of|set of|box of)\s*(\d{1,4})(?![\w])/iu
const PRICE =
  /(?<![\w.,×x%-])(\p{Sc}|[A-Z]{3}\s)?(\d{1,3}(?:[ \u00a0'’]\d{3})+(?:[.,]\d{1,2})?|\d{1,7}(?:[.,]\d{1,3})*(?:[.,]\d{1,2})?)(\s?(?:\p{Sc}|[A-Z]{3}(?![\w])))?(?![\w%])/gu

const KINDS: readonly (readonly [RegExp, OptionKind])[] = [
  [/(?<!\w)(?:second[- ]?hand|used|vintage|flea market|thrift(?:ed)?)(?!\w)/iu, 'second-hand'],
  [/(?<!\w)(?:made|diy|custom|to measure)(?!\w)/iu, 'made'],
  [/(?<!\w)(?:owned|have it|from the house)(?!\w)/iu, 'owned'],
  [/(?<!\w)(?:hired?|rent(?:al|ed)?)(?!\w)/iu, 'hired'],
  [/(?<!\w)(?:placeholder|stand-?in|for now)(?!\w)/iu, 'placeholder'],
]
const TRAITS: readonly (readonly [RegExp, OptionTrait])[] = [
  [/(?<!\w)washable(?!\w)/iu, 'washable'],
  [/(?<!\w)wipeable(?!\w)/iu, 'wipeable'],
  [/(?<!\w)outdoor(?!\w)/iu, 'made for outdoors'],
  [/(?<!\w)no returns?(?!\w)/iu, 'cannot go back'],
]

/**
 * Reads a find typed in one line: `boucle sofa 1980x900x840 1480 4w @ Mill Row`.
 *
 * Three numbers with × between them are width, depth and height; a number with d, w or months is the lead time; `@` names
 * the supplier; `+85` is delivery, `-10%` a discount; words such as second-hand, pair, set of 4 and washable are
 * understood. The last number that stands alone is the price. All else is the name.
 *
 * A size without a unit is in millimeters (inches in the imperial system) when it is large enough to be, in
 * centimeters when it is not: 198 × 90 × 84 is no thimble.
 *
 * @param currency of the job; a price that names another one says so
 */
export function capture(text: string, currency: string, system: UnitSystem = 'metric'): Captured {
  let rest = ` ${text.replace(/\s+/g, ' ').trim()} `
  const found: { -readonly [K in keyof Captured]: Captured[K] } = { name: '' }
  const cut = (pattern: RegExp): RegExpExecArray | undefined => {
    const hit = new RegExp(pattern.source, pattern.flags.replace('g', '')).exec(rest) ?? undefined
    if (hit) rest = `${rest.slice(0, hit.index)} ${rest.slice(hit.index + hit[0].length)}`
    return hit
  }
  const supplier = /\s@\s*([^@]+?)\s*$/u.exec(rest)
  if (supplier) {
    found.supplierName = supplier[1]?.trim()
    rest = rest.slice(0, supplier.index) + ' '
  }
  const size = cut(SIZE)
  if (size) Object.assign(found, sizesOf(size, system))
  const off = cut(OFF)
  if (off) found.discountPpm = Math.round(Number((off[1] ?? '0').replace(',', '.')) * 10_000)
  const delivery = cut(DELIVERY)
  if (delivery) found.deliveryMinor = moneyOf(delivery[1] ?? '', currency)
  const lead = cut(LEAD)
  if (lead) found.leadDays = readLeadDays(lead[0]) ?? undefined
  const pack = cut(PACK)
  if (pack) {
    found.packSize = Number(pack[1])
    found.unit = /set/i.test(pack[0]) ? 'a set' : 'a pack'
  } else if (cut(/(?<!\w)(?:a |per )?pair(?: of)?(?!\w)/iu)) {
    found.packSize = 2
    found.unit = 'a pair'
  } else if (cut(/(?<!\w)per panel(?!\w)/iu)) found.unit = 'a panel'
  for (const [pattern, kind] of KINDS) if (!found.kind && cut(pattern)) found.kind = kind
  const traits = TRAITS.filter(([pattern]) => cut(pattern)).map(([, trait]) => trait)
  if (traits.length > 0) found.traits = traits
  const price = [...rest.matchAll(PRICE)].at(-1)
  if (price) {
    const named = currencyNamed(`${price[1] ?? ''}${price[3] ?? ''}`)
    const minor = moneyOf(price[2] ?? '', named ?? currency)
    if (minor !== undefined) {
      found.priceMinor = minor
      if (named && named !== currency) found.currency = named
      rest = `${rest.slice(0, price.index)} ${rest.slice(price.index + price[0].length)}`
    }
  }
  const material = materialNamed(rest)
  if (material) found.material = material
  found.name =
    rest
      .replace(/\s+/g, ' ')
      .replace(/^[\s,;·-]+|[\s,;·-]+$/g, '')
      .slice(0, 120) || 'Unnamed'
  return found
}

function sizesOf(
  hit: RegExpExecArray,
  system: UnitSystem,
): Pick<Captured, 'widthMm' | 'depthMm' | 'heightMm'> {
  const [, w, wUnit, d, dUnit, h, hUnit] = hit
  // A unit said once counts for all.
  const said = hUnit ?? dUnit ?? wUnit
  const numbers = [w, d, h].map((n) => (n === undefined ? undefined : Number(n.replace(',', '.'))))
  const largest = Math.max(...numbers.map((n) => n ?? 0))
  const unit = said ?? (system === 'imperial' ? 'in' : largest < 10 ? 'm' : largest < 400 ? 'cm' : 'mm')
  const [widthMm, depthMm, heightMm] = [
    [w, wUnit],
    [d, dUnit],
    [h, hUnit],
  ].map(([n, own]) => (n === undefined ? undefined : readLength(`${n} ${(own ?? unit).replace('″', '"')}`)))
  return { widthMm, depthMm, ...(heightMm === undefined ? {} : { heightMm }) }
}

function moneyOf(text: string, currency: string): number | undefined {
  try {
    return parseMoney(text, currency)
  } catch {
    return undefined
  }
}
