import { NEW_ITEM, NEW_OPTION } from './emptyJob.js'
import type { JobSnapshot } from './snapshot.js'

/**
 * What the rows of a long list mostly hold. A job is sent with these lists in columns, and without the columns that hold
 * nothing else: a schedule of six thousand options travels at a fifth of its size.
 */
export const USUAL = {
  items: { ...NEW_ITEM, serves: [], demands: [], version: 1 },
  options: { ...NEW_OPTION, traits: [], lookedAt: [], version: 1 },
  entries: {
    lineId: null,
    means: null,
    voucherId: null,
    reverses: null,
    guessed: false,
    note: '',
    taxMinor: 0,
    quantity: 0,
  },
} as const satisfies Partial<Record<keyof JobSnapshot, object>>

/**
 * Rows by columns: under each field an array over all rows, or one text of them joined by commas where they are ids,
 * numbers or days; null where every row holds what is usual.
 */
export type Columns<T> = { readonly [K in keyof T]: readonly T[K][] | string | null }

/** A job as it is sent. */
export type SentJob = Omit<JobSnapshot, keyof typeof USUAL> & {
  readonly [K in keyof typeof USUAL]: Columns<JobSnapshot[K][number]>
}

/** A job as it was sent, whole again. */
export function whole(sent: SentJob): JobSnapshot {
  return {
    ...sent,
    items: rowsOf(USUAL.items, sent.items),
    options: rowsOf(USUAL.options, sent.options),
    entries: rowsOf(USUAL.entries, sent.entries),
  }
}

function rowsOf<T extends object>(usual: object, columns: Columns<T>): T[] {
  const sent = Object.entries<readonly unknown[] | string | null>(columns).map(
    ([name, column]) => [name, typeof column === 'string' ? parted(column) : column] as const,
  )
  // Every field is there from the start, so that all rows are of one shape.
  const model = { ...Object.fromEntries(sent.map(([name]) => [name, null])), ...usual }
  const count = sent.find(([, column]) => column)?.[1]?.length ?? 0
  const rows = Array.from({ length: count }, (): Record<string, unknown> => ({ ...model }))
  for (const [name, column] of sent) if (column) rows.forEach((row, n) => (row[name] = column[n]))
  return rows as T[]
}

const NUMBER = /^-?\d+(\.\d+)?(e[+-]?\d+)?$/

/** Ids, numbers or days that were joined by commas; between two commas with nothing there is nothing. */
function parted(joined: string): readonly (string | number | null)[] {
  const parts = joined.split(',')
  const numbers = NUMBER.test(parts.find((p) => p !== '') ?? '')
  return parts.map((p) => (p === '' ? null : numbers ? Number(p) : p))
}
