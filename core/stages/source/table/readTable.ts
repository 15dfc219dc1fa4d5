import { readLeadDays } from '../../../kernel/units/leadTime.js'
import { materialNamed } from '../wear.js'
import type { OptionKind, Stock } from '../../../model/vocabulary/buying.js'
import { meaningOf, type TableColumn, type TableField } from './columns.js'
import { amount, priceOf, sizesOf, stockOf } from './cellReaders.js'
import { text, type Grid, type TableWish } from './grid.js'

/** A row that was understood. Amounts are in minor units of `currency`. */
export interface TakenRow {
  /** Number of the row in the sheet, counted from 1. */
  readonly row: number
  readonly itemName: string
  readonly name: string
  readonly priceMinor: number
  readonly currency: string
  readonly kind: OptionKind
  readonly packSize: number
  readonly widthMm: number | null
  readonly depthMm: number | null
  readonly heightMm: number | null
  readonly leadDays: number | null
  readonly returnDays: number | null
  readonly deliveryMinor: number
  readonly material: string
  readonly stock: Stock | null
  readonly years: number | null
  readonly catalogKey: string
  readonly note: string
  /** What was read but looks odd. */
  readonly doubts: readonly string[]
}

export interface LeftRow {
  readonly row: number
  readonly text: string
  readonly why: string
}

export interface TableReading {
  readonly columns: readonly TableColumn[]
  /** Rows of the header, counted from 1; empty when none was found. */
  readonly headerRows: readonly number[]
  readonly taken: readonly TakenRow[]
  readonly left: readonly LeftRow[]
  readonly emptyRows: number
}

const HEADER_SEARCH = 12
/**
 * Reads a supplier's list whatever its habits: a header over one line or two (with one cell merged over several), empty
 * lines, prices in two currencies, sizes in inches and centimeters, thousands set apart by space, point, comma or
 * apostrophe. Each row is taken whole or left out with the reason; none is guessed.
 */
export function readTable(grid: Grid, wish: TableWish): TableReading {
  const header = headerOf(grid, wish.remembered ?? new Map<string, string>())
  const columns = header.columns.map((c) =>
    wish.set?.has(c.index) ? { ...c, field: wish.set.get(c.index) } : c,
  )
  const at = new Map<TableField, TableColumn[]>()
  for (const c of columns) if (c.field) at.set(c.field, [...(at.get(c.field) ?? []), c])
  const taken: TakenRow[] = []
  const left: LeftRow[] = []
  let emptyRows = 0
  const body = header.rows.length > 0 ? Math.max(...header.rows) : 0
  for (let r = body; r < grid.length; r++) {
    const cells = grid[r] ?? []
    if (cells.every((c) => text(c) === '')) {
      emptyRows++
      continue
    }
    const shown = cells.map(text).filter(Boolean).join(' · ').slice(0, 160)
    const read = readRow(cells, r + 1, at, wish)
    if (typeof read === 'string') left.push({ row: r + 1, text: shown, why: read })
    else taken.push(read)
  }
  return { columns, headerRows: header.rows, taken, left, emptyRows }
}

/** The header is the line, or the two lines, in which most cells mean something. */
function headerOf(
  grid: Grid,
  remembered: ReadonlyMap<string, string>,
): { rows: number[]; columns: TableColumn[] } {
  let best: { score: number; rows: number[]; columns: TableColumn[] } = { score: 0, rows: [], columns: [] }
  for (let r = 0; r < Math.min(HEADER_SEARCH, grid.length); r++) {
    const one = headerTexts(grid[r] ?? [], undefined)
    // The upper line's cell is carried to the right over the empty ones beside it: it was merged over them.
    const two = r > 0 ? headerTexts(grid[r] ?? [], grid[r - 1] ?? []) : undefined
    for (const [texts, rows] of [
      [one, [r + 1]],
      [two, [r, r + 1]],
    ] as const) {
      if (!texts) continue
      const columns = texts.map((header, index): TableColumn => ({
        index,
        header,
        ...meaningOf(header, remembered),
      }))
      const numbers = (grid[r] ?? []).filter(
        (c) => typeof c === 'number' || /^\d[\d.,\s]*$/.test(text(c)),
      ).length
      const fields = new Set(columns.flatMap((c) => c.field ?? []))
      // A heading of two lines is believed only when the upper one adds a meaning.
      const score = fields.size - 2 * numbers - (rows.length - 1) * 0.5
      if (fields.size >= 2 && score > best.score) best = { score, rows: [...rows], columns: once(columns) }
    }
  }
  return best
}

function headerTexts(line: Grid[number], above: Grid[number] | undefined): string[] {
  const width = Math.max(line.length, above?.length ?? 0)
  let carried = ''
  return Array.from({ length: width }, (_, i) => {
    const up = text(above?.[i])
    if (up) carried = up
    const own = text(line[i])
    if (above === undefined) return own
    return own ? `${carried && carried !== own ? `${carried} ` : ''}${own}` : up
  })
}

/** Of several columns of one meaning the first keeps it; prices in two currencies are both prices. */
function once(columns: readonly TableColumn[]): TableColumn[] {
  const seen = new Set<TableField>()
  return columns.map((c) => {
    if (!c.field || c.field === 'price' || c.field === 'note') return c
    if (seen.has(c.field)) return { ...c, field: undefined }
    seen.add(c.field)
    return c
  })
}

function readRow(
  cells: Grid[number],
  row: number,
  at: ReadonlyMap<TableField, readonly TableColumn[]>,
  wish: TableWish,
): TakenRow | string {
  const cell = (field: TableField) => text(cells[at.get(field)?.[0]?.index ?? -1])
  const unitOf = (field: TableField) => at.get(field)?.[0]?.unit
  const name = cell('name')
  if (!name) return 'no name'
  if (name.length > 120) return 'the name is longer than 120 characters'
  const doubts: string[] = []
  const price = priceOf(cells, at, cell('currency'), wish)
  if (typeof price === 'string') return price
  const sizes = sizesOf(cells, at, wish.system)
  if (typeof sizes === 'string') return sizes
  const pack = cell('pack')
  const packSize = pack ? Number(/\d+/.exec(pack)?.[0] ?? NaN) : 1
  if (!Number.isInteger(packSize) || packSize < 1 || packSize > 10_000)
    return `pack of “${pack}” is no number of pieces`
  const lead = cell('lead')
  const leadDays = lead ? readLeadDays(lead, unitOf('lead')) : null
  if (lead && leadDays === null) doubts.push(`lead time “${lead}” was not understood`)
  const returns = cell('returns')
  const returnDays = returns ? readLeadDays(returns, unitOf('returns')) : null
  const carried = cell('delivery')
  let deliveryMinor = 0
  if (carried) {
    const found = amount(carried, price.currency)
    if (found === undefined) doubts.push(`delivery “${carried}” was not understood`)
    else deliveryMinor = found
  }
  if (price.minor === 0) doubts.push('the price is 0')
  const years = Number(/\d+(?:[.,]\d+)?/.exec(cell('years'))?.[0]?.replace(',', '.') ?? NaN)
  return {
    row,
    itemName: cell('item'),
    name,
    priceMinor: price.minor,
    currency: price.currency,
    kind: /second|used|vintage/i.test(cell('kind')) ? 'second-hand' : 'new',
    packSize,
    ...sizes,
    leadDays,
    returnDays: returnDays !== null && returnDays <= 365 ? returnDays : null,
    deliveryMinor,
    material: (cell('material') || materialNamed(name) || '').slice(0, 60),
    stock: stockOf(cell('stock')),
    years: Number.isFinite(years) && years >= 0.1 && years <= 200 ? years : null,
    catalogKey: cell('number').slice(0, 80),
    note: (at.get('note') ?? [])
      .map((c) => text(cells[c.index]))
      .filter(Boolean)
      .join(' · ')
      .slice(0, 400),
    doubts,
  }
}
