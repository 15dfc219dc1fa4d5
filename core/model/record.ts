import type { ObjectSchema } from 'yup'
import { rowSchema } from './checks.js'
import type { Fields, RowOf } from './row.js'

/** A collection that only grows: nothing of it is edited, a mistake is fixed by another record. */
export interface RecordDef<N extends string = string, F = Fields, T extends string = string> {
  readonly name: N
  readonly table: T
  /** One of its records in a sentence. */
  readonly singular: string
  /** Each carries the member who wrote it: kept for the record, or shown with its name. */
  readonly signed: 'kept' | 'shown' | false
  /** Each is numbered by the database as it is written. */
  readonly counted: boolean
  /** The fields its records are sorted by; those that are counted come as they were written. */
  readonly order: readonly string[]
  readonly fields: F
  /** What a record mostly holds, where that saves sending it; see `sparse.ts`. */
  readonly blank: () => Partial<RowOf<F>>
  readonly schema: () => ObjectSchema<RowOf<F> & object>
}

/** Describes a collection that only grows once. */
export function defineRecord<const N extends string, const T extends string, F extends Fields>(def: {
  readonly name: N
  readonly table: T
  readonly singular: string
  readonly signed?: 'kept' | 'shown'
  readonly counted?: boolean
  readonly order?: readonly (keyof F & string)[]
  readonly fields: F
}): RecordDef<N, F, T> {
  const entries = Object.entries(def.fields)
  return {
    signed: false,
    counted: false,
    order: [],
    ...def,
    schema: rowSchema(() => Object.fromEntries(entries.map(([name, f]) => [name, f.schema()])) as never),
    blank: () =>
      Object.fromEntries(
        entries.filter(([, f]) => !f.needed).map(([name, f]) => [name, structuredClone(f.initial)]),
      ),
  } as unknown as RecordDef<N, F, T>
}
