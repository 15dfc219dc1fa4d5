import { entries } from './records/entries.js'
import { items } from './rows/items.js'
import { options } from './rows/options.js'
import type { Entry, JobSnapshot } from './snapshot.js'

/**
 * What the rows of a long list mostly hold. A job is sent with these lists in columns, and without the columns that hold
 * nothing else: a schedule of six thousand options travels at a fifth of its size.
 */
export const USUAL = {
  items: { ...items.blank(), version: 1 },
  options: { ...options.blank(), version: 1 },
  entries: entries.blank(),
} as const satisfies Partial<Record<keyof JobSnapshot, object>>

/**
 * Rows by columns: under each field an array over all rows, or one text of them joined by commas where they are ids,
 * numbers or days; null where every row holds what is usual.
 */
export type Columns<T> = { readonly [K in keyof T]: readonly T[K][] | string | Repeated | null }

/** A column of few different texts: each once, and which of them every row holds; no `at` when all hold the same. */
interface Repeated {
  readonly of: readonly (string | null)[]
  readonly at?: readonly number[]
}

/** A job as it is sent. */
export type SentJob = Omit<JobSnapshot, keyof typeof USUAL> & {
  /** How the server describes rows; a page that does so otherwise may not read the columns. */
  readonly model: string
} & {
  readonly [K in keyof typeof USUAL]: Columns<JobSnapshot[K][number]>
}

/** A job as it was sent, whole again. */
export function whole({ model: _model, ...sent }: SentJob): JobSnapshot {
  return {
    ...sent,
    items: rowsOf(USUAL.items, sent.items),
    options: rowsOf(USUAL.options, sent.options),
    entries: entriesOf(sent.entries),
  }
}

/** Columns taken apart: lists of the values of each row, and values that all rows share. */
function apart(columns: object): {
  readonly lists: [string, readonly unknown[]][]
  readonly same: Record<string, unknown>
} {
  const lists: [string, readonly unknown[]][] = []
  const same: Record<string, unknown> = {}
  for (const [name, column] of Object.entries(columns as Columns<Record<string, unknown>>)) {
    if (column === null) continue
    if (typeof column === 'string') lists.push([name, parted(column)])
    else if (!('of' in column)) lists.push([name, column])
    else if (column.at === undefined) same[name] = column.of[0] ?? null
    else lists.push([name, column.at.map((n) => column.of[n] ?? null)])
  }
  return { lists, same }
}

function rowsOf<T extends object>(usual: object, columns: Columns<T>): T[] {
  const { lists, same } = apart(columns)
  // Every field is there from the start, so that all rows are of one shape. A model that were filled field by field is
  // copied ten times slower.
  const model = { ...Object.fromEntries(Object.keys(columns).map((name) => [name, null])), ...usual, ...same }
  const rows = Array.from({ length: lists[0]?.[1].length ?? 0 }, (): Record<string, unknown> => ({
    ...model,
  }))
  for (const [name, list] of lists) rows.forEach((row, n) => (row[name] = list[n]))
  return rows as T[]
}

/** The entries, of which there are the most: each written down field by field, in a fraction of the time. */
function entriesOf(columns: Columns<Entry>): Entry[] {
  const { lists, same } = apart(columns)
  const given = new Map(lists)
  const all: Record<string, unknown> = { ...USUAL.entries, ...same }
  const count = lists[0]?.[1].length ?? 0
  const of = (name: keyof Entry) => given.get(name) ?? Array<unknown>(count).fill(all[name] ?? null)
  const [eventId, kind, lineId, amountMinor, taxMinor] = [
    of('eventId'),
    of('kind'),
    of('lineId'),
    of('amountMinor'),
    of('taxMinor'),
  ]
  const [quantity, on, means, voucherId, estimated] = [
    of('quantity'),
    of('on'),
    of('means'),
    of('voucherId'),
    of('estimated'),
  ]
  const [updateId, note] = [of('updateId'), of('note')]
  const [reverses, memberName] = [of('reverses'), of('memberName')]
  return of('seq').map(
    (seq, n) =>
      ({
        seq,
        eventId: eventId[n],
        kind: kind[n],
        lineId: lineId[n],
        amountMinor: amountMinor[n],
        taxMinor: taxMinor[n],
        quantity: quantity[n],
        on: on[n],
        means: means[n],
        voucherId: voucherId[n],
        estimated: estimated[n],
        updateId: updateId[n],
        note: note[n],
        reverses: reverses[n],
        memberName: memberName[n],
      }) satisfies Record<keyof Entry, unknown> as Entry,
  )
}

const NUMBER = /^-?\d+(\.\d+)?(e[+-]?\d+)?$/

/** Ids, numbers or days that were joined by commas; between two commas with nothing there is nothing. */
function parted(joined: string): readonly (string | number | null)[] {
  const parts = joined.split(',')
  const numbers = NUMBER.test(parts.find((p) => p !== '') ?? '')
  return parts.map((p) => (p === '' ? null : numbers ? Number(p) : p))
}

/** Fewer rows than these are sent as they are. */
const WORTH_PACKING = 200

/**
 * Columns of a long list with the texts that come again and again written once: of twenty thousand entries half the size,
 * and rows that share their texts.
 */
export function packed<T extends object>(columns: Columns<T>): Columns<T> {
  const lists = Object.entries<readonly unknown[] | string | Repeated | null>(columns).map(
    ([name, column]) => [name, column, typeof column === 'string' ? parted(column) : column] as const,
  )
  return Object.fromEntries(
    lists.map(([name, column, list]) => {
      if (!list || 'of' in list || list.length < WORTH_PACKING) return [name, column]
      // Numbers are read quicker as such than out of a text.
      return [name, list.some((v) => typeof v === 'number') ? list : (repeated(list) ?? column)]
    }),
  ) as Columns<T>
}

function repeated(list: readonly unknown[]): Repeated | undefined {
  const places = new Map<string | null, number>()
  const at: number[] = []
  for (const value of list) {
    if (value !== null && typeof value !== 'string') return undefined
    let place = places.get(value)
    if (place === undefined) places.set(value, (place = places.size))
    // Texts of which hardly one is like another are better off as they are.
    if (places.size > list.length / 4) return undefined
    at.push(place)
  }
  const of = [...places.keys()]
  return of.length === 1 ? { of } : { of, at }
}
