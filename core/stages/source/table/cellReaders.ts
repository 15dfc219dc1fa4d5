import { currencyDigits } from '../../../kernel/money/currency.js'
import { currencyNamed } from '../../../kernel/money/currencyMarks.js'
import { parseMoney } from '../../../kernel/money/parseMoney.js'
import { readLength, type UnitSystem } from '../../../kernel/units/length.js'
import type { Stock } from '../../../model/vocabulary/buying.js'
import type { TableColumn, TableField } from './columns.js'
import { text, type Grid, type TableWish } from './grid.js'

/** The price of a row in the job's own currency where the list has one, else in its first; a text says why there is none. */
export function priceOf(
  cells: Grid[number],
  at: ReadonlyMap<TableField, readonly TableColumn[]>,
  named: string,
  wish: TableWish,
): { minor: number; currency: string } | string {
  const columns = at.get('price') ?? []
  const candidates = columns
    .map((c) => ({ c, raw: text(cells[c.index]) }))
    .filter(({ raw }) => raw !== '')
    .map(({ c, raw }) => ({
      raw,
      currency: currencyNamed(raw) ?? currencyNamed(named) ?? currencyNamed(c.unit ?? '') ?? wish.currency,
    }))
  if (candidates.length === 0) return 'no price'
  // The job's own currency first: no rate is needed for it.
  const first = candidates.find((c) => c.currency === wish.currency) ?? candidates[0]
  if (!first) return 'no price'
  const minor = amount(first.raw, first.currency)
  return minor === undefined ? `“${first.raw}” is no price` : { minor, currency: first.currency }
}

/** An amount as lists write it ("from 1,249", "ca. 80") in minor units; undefined when it is none. */
export function amount(raw: string, currency: string): number | undefined {
  const bare = raw.replace(/\b(from|ca\.?|approx\.?|each|per pair|incl\.?.*|excl\.?.*)\b/gi, '').trim()
  // A sheet keeps 1249.9 and 0.1 + 0.2; such a number is rounded to its minor unit.
  if (/^\d+\.\d{3,}$/.test(bare) && !/^\d{1,3}\.\d{3}$/.test(bare))
    return Math.round(Number(bare) * 10 ** currencyDigits(currency))
  try {
    return parseMoney(bare, currency)
  } catch {
    return undefined
  }
}

const SIDES = ['width', 'depth', 'height'] as const

/** Width, depth and height of a row, mm, from a column each or from one "w × d × h"; a text says what was not understood. */
export function sizesOf(
  cells: Grid[number],
  at: ReadonlyMap<TableField, readonly TableColumn[]>,
  system: UnitSystem,
): { widthMm: number | null; depthMm: number | null; heightMm: number | null } | string {
  const sizes: (number | null)[] = [null, null, null]
  const whole = at.get('size')?.[0]
  const together = whole ? text(cells[whole.index]) : ''
  if (together) {
    const parts = together.split(/\s*[x×*]\s*/i)
    const said = parts.map((p) => /(mm|cm|m|in|inch|inches|"|″|ft)\s*$/i.exec(p)?.[1]).find(Boolean)
    for (const [i, part] of parts.slice(0, 3).entries()) {
      const mm = lengthOf(part.replace(/^[wdhlb]\s*/i, ''), said ?? whole?.unit, system)
      if (mm === undefined) return `size “${together}” was not understood`
      sizes[i] = mm
    }
  }
  for (const [i, side] of SIDES.entries()) {
    const column = at.get(side)?.[0]
    const raw = column ? text(cells[column.index]) : ''
    if (!raw || /^[-–—]+$|^n\/?a$/i.test(raw)) continue
    const mm = lengthOf(raw, column?.unit, system)
    if (mm === undefined) return `${side} “${raw}” was not understood`
    sizes[i] = mm
  }
  const [widthMm = null, depthMm = null, heightMm = null] = sizes
  return { widthMm, depthMm, heightMm }
}

/** A length with the unit it names, else that of its column; without either it is taken as a size of furniture. */
function lengthOf(raw: string, unit: string | undefined, system: UnitSystem): number | undefined {
  const own = /[a-z"″']\s*$/i.test(raw)
  const known = unit && /^(mm|cm|m|in|inch|inches|ft|"|″)$/i.test(unit) ? unit.replace('″', '"') : undefined
  try {
    const mm =
      own || !known
        ? readLength(raw.replace('″', '"'), { system, minMm: 1, maxMm: 20_000 })
        : readLength(`${raw} ${known}`, { system, minMm: 1, maxMm: 20_000 })
    return mm >= 1 && mm <= 20_000 ? mm : undefined
  } catch {
    return undefined
  }
}

/** What a list says of stock, in the words used here. */
export function stockOf(raw: string): Stock | null {
  if (!raw) return null
  if (/^(0|no|none|out|sold out|out of stock)$/i.test(raw)) return 'sold out'
  if (/order/i.test(raw)) return 'to order'
  if (/few|low|last/i.test(raw) || /^[1-3]$/.test(raw)) return 'few left'
  return /^(yes|in stock|available|\d+|ok|x)$/i.test(raw) ? 'in stock' : null
}
