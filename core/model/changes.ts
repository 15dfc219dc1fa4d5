import type { Collection, Rows, ROWS } from './registry.js'
import type { NewRow } from './row.js'

export type Row = Readonly<Record<string, unknown>>

/**
 * One change of one row, as it is sent. `was` holds what each field held when the change was made: two people who change
 * different fields never meet, and a change whose answer was lost is told apart from one that clashes.
 */
export type Change = { readonly collection: Collection; readonly id: string } & (
  | { readonly set: Row; readonly was: Row }
  /** The whole row, its id made by the sender. */
  | { readonly add: Row }
  /** Whoever removes a row has seen it as it is. */
  | { readonly remove: true; readonly seen: number }
)

/**
 * One row changed, taken out or added, as a fix or a screen writes it: what the row held is filled in where it is
 * applied. A misspelt field does not compile.
 */
export type RowChange =
  | { readonly collection: Collection; readonly id: string; readonly remove: true }
  | {
      [C in Collection]:
        | {
            readonly collection: C
            readonly id: string
            readonly set: Partial<Omit<Rows[C], 'id'>>
            /** Meant for this row, although what it changes is read from another. */
            readonly itself?: true
          }
        | {
            readonly collection: C
            readonly add: NewRow<(typeof ROWS)[C]['fields']> & { readonly id?: string }
          }
    }[Collection]

/** A change of some fields of one row; the collection decides which fields there are. */
export const put = <C extends Collection>(
  collection: C,
  id: string,
  set: Partial<Omit<Rows[C], 'id'>>,
): RowChange => ({ collection, id, set }) as unknown as RowChange

/** The same change, meant for the row it names although what it changes is read from another (`oneThing.ts`). */
export const itself = (change: RowChange): RowChange =>
  'set' in change ? { ...change, itself: true } : change

/** Values alike whatever the order of their keys: JSON of a database gives them back in its own. */
export function alike(one: unknown, two: unknown): boolean {
  if (one === two) return true
  if (typeof one !== 'object' || typeof two !== 'object' || one === null || two === null) return false
  if (Array.isArray(one) !== Array.isArray(two)) return false
  const [a, b] = [Object.entries(one), two as Record<string, unknown>]
  return a.length === Object.keys(b).length && a.every(([k, v]) => k in b && alike(v, b[k]))
}

/** What a change makes of the row as it stands: the fields to write, or those in which it meets another's. */
export function merge(
  now: Row,
  set: Row,
  was: Row,
): { readonly write: Row } | { readonly clash: readonly string[] } {
  const write: Record<string, unknown> = {}
  const clash: string[] = []
  for (const [field, value] of Object.entries(set)) {
    if (alike(now[field], value)) continue
    if (alike(now[field], was[field])) write[field] = value
    else clash.push(field)
  }
  return clash.length > 0 ? { clash } : { write }
}
