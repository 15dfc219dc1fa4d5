import { InputError } from '../../../kernel/errors/InputError.js'
import { parseMoney } from '../../../kernel/money/parseMoney.js'

/** One line of a bank statement. */
export interface BankLine {
  /** What it is told by, the same however often the file is read: day, amount, text, and which of several alike. */
  readonly key: string
  readonly on: string
  /** Below zero goes out, above comes in. */
  readonly amountMinor: number
  /** Who it went to or came from, and what it was for. */
  readonly name: string
  readonly row: number
}

export interface Statement {
  readonly lines: readonly BankLine[]
  /** Rows that were not read, with the reason. */
  readonly left: readonly { readonly row: number; readonly why: string }[]
  /** Why nothing could be read at all. */
  readonly trouble: string | undefined
}

const DATE =
  /^(booking |value |transaction |posting )?date$|^booked( on)?$|^datum$|^buchungstag$|^completed( date)?$/i
const AMOUNT = /^amount( \(?[a-z]{3}\)?)?$|^betrag$|^bedrag$|^sum$/i
const OUT = /^(debit|paid out|money out|withdrawal|out)( amount)?$/i
const IN = /^(credit|paid in|money in|deposit|in)( amount)?$/i
const NAME =
  /^(name|payee|payer|counterparty|beneficiary|description|details|narrative|reference|memo|purpose|text|transaction)( .*)?$/i

/**
 * Reads a bank's CSV: its header is looked for among the first rows, by the words banks use; one amount column with a
 * sign, or one for what goes out and one for what comes in. Days as 2026-11-03, 03/11/2026, 3.11.2026 or 11/03/2026,
 * where the whole file decides which number is the month.
 */
export function readStatement(grid: readonly (readonly string[])[], currency: string): Statement {
  const nothing = (trouble: string): Statement => ({ lines: [], left: [], trouble })
  const at = grid.findIndex(
    (r, i) =>
      i < 30 &&
      r.some((c) => DATE.test(c.trim())) &&
      r.some((c) => AMOUNT.test(c.trim()) || OUT.test(c.trim())),
  )
  const head = grid[at]?.map((c) => c.trim())
  if (!head)
    return nothing(
      'No header with a date and an amount was found. Save the statement as CSV with its column names.',
    )
  const date = head.findIndex((h) => DATE.test(h))
  const amount = head.findIndex((h) => AMOUNT.test(h))
  const [out, into] = [head.findIndex((h) => OUT.test(h)), head.findIndex((h) => IN.test(h))]
  const names = head.flatMap((h, i) => (NAME.test(h) ? [i] : []))
  const body = grid.slice(at + 1)
  const monthFirst = isMonthFirst(body.map((r) => r[date] ?? ''))
  const lines: BankLine[] = []
  const left: { row: number; why: string }[] = []
  const seen = new Map<string, number>()
  for (const [i, cells] of body.entries()) {
    const row = at + 2 + i
    if (cells.every((c) => c.trim() === '')) continue
    const on = dayOf(cells[date] ?? '', monthFirst)
    if (!on) {
      left.push({ row, why: `“${(cells[date] ?? '').slice(0, 20)}” is no date` })
      continue
    }
    const minor =
      amount >= 0
        ? signed(cells[amount] ?? '', currency)
        : (signed(cells[into] ?? '', currency) ?? 0) - Math.abs(signed(cells[out] ?? '', currency) ?? 0)
    if (minor === undefined || minor === 0) {
      left.push({ row, why: 'no amount' })
      continue
    }
    const name = names
      .map((n) => (cells[n] ?? '').trim())
      .filter(Boolean)
      .join(' · ')
      .slice(0, 200)
    const same = `${on} ${minor} ${name}`
    const nth = (seen.get(same) ?? 0) + 1
    seen.set(same, nth)
    lines.push({ key: `${same} ${nth}`, on, amountMinor: minor, name, row })
  }
  return {
    lines,
    left,
    trouble: lines.length === 0 && left.length === 0 ? 'The statement has no lines.' : undefined,
  }
}

/** An amount with its sign: `-12.50`, `12,50-`, `(12.50)`; undefined when it is none. */
function signed(raw: string, currency: string): number | undefined {
  const text = raw.trim()
  if (text === '') return undefined
  const below = /^[-−–]|[-−–]$|^\(.*\)$/.test(text)
  try {
    const minor = parseMoney(text.replace(/^[-−–+]|[-−–]$|[()]/g, ''), currency)
    return below ? -minor : minor
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    return undefined
  }
}

const PARTS = /^(\d{1,4})[./-](\d{1,2})[./-](\d{1,4})/

/** True when a second number is past twelve somewhere: then the first is the month. */
function isMonthFirst(days: readonly string[]): boolean {
  return days.some((d) => {
    const [, first = '', second = ''] = PARTS.exec(d.trim()) ?? []
    return first.length <= 2 && Number(first) <= 12 && Number(second) > 12
  })
}

function dayOf(raw: string, monthFirst: boolean): string | undefined {
  const [, a = '', b = '', c = ''] = PARTS.exec(raw.trim()) ?? []
  if (!a) return undefined
  const [y, m, d] =
    a.length === 4 ? [a, b, c] : [c.length === 2 ? `20${c}` : c, monthFirst ? a : b, monthFirst ? b : a]
  const iso = `${y}-${m.padStart(2, '0')}-${d.padStart(2, '0')}`
  const time = Date.parse(`${iso}T00:00:00Z`)
  return !Number.isNaN(time) && new Date(time).toISOString().slice(0, 10) === iso ? iso : undefined
}
