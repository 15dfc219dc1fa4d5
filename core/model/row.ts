import type { ObjectSchema } from 'yup'
import { rowSchema } from './checks.js'
import { id, type Field } from './field.js'

export type Fields = Readonly<Record<string, Field<unknown>>>
type Held<F> = F extends Field<infer T> ? T : never

/** The row that fields describe. Its comments and "go to definition" are those of the fields. */
export type RowOf<F> = { [K in keyof F]: Held<F[K]> }
/** What a new row begins with. */
export type Blank<F> = {
  [K in keyof F as F[K] extends { readonly needed: false } ? K : never]: Held<F[K]>
}
/** What must be said of a new row; the rest may be. */
export type Given<F> = Omit<RowOf<F>, keyof Blank<F>> & Partial<Blank<F>>
/** What is said of a new row before it has an id. */
export type NewRow<F> = Omit<Given<F>, 'id'>
/** Fields and the id that every row has. */
export type WithId<F> = { id: Field<string, true> } & F

export type Stage =
  'brief' | 'measure' | 'palette' | 'plan' | 'takeoff' | 'source' | 'ledger' | 'install' | 'handover'

/** All that is known of one collection; everything else about its rows follows from this. */
export interface RowDef<N extends string = string, F = Fields, T extends string = string> {
  /** The collection, in snapshot, address and job file. */
  readonly name: N
  /** The name of its table; Drizzle keys joined rows by it, so the compiler must know it too. */
  readonly table: T
  readonly stage: Stage
  /** One of its rows in a sentence, for a row without a name of its own: "a light". */
  readonly singular: string
  /** A job has exactly one. */
  readonly one: boolean
  /** Whose it is: a job's, or the studio's and shared by its jobs. */
  readonly of: 'job' | 'studio'
  /** The fields its rows are sorted by. */
  readonly order: readonly string[]
  readonly fields: F
  /** The Yup schema of a whole row, made when it is first called for. */
  readonly schema: () => ObjectSchema<RowOf<F> & object>
  /** What a new row begins with; lists are copies, so that two rows never share one. */
  readonly blank: () => Blank<F>
  /** A new row: what is given, over what it begins with. */
  readonly make: (given: Given<F>) => RowOf<F>
}

/** Describes a collection once. */
export function defineRow<const N extends string, const T extends string, F extends Fields>(def: {
  readonly name: N
  readonly table: T
  readonly stage: Stage
  readonly singular: string
  readonly one?: boolean
  readonly of?: 'job' | 'studio'
  readonly order: readonly (keyof WithId<F> & string)[]
  readonly fields: F
}): RowDef<N, WithId<F>, T> {
  const fields: Fields = { id: id(), ...def.fields }
  const entries = Object.entries(fields)
  const schema = rowSchema(() => Object.fromEntries(entries.map(([name, f]) => [name, f.schema()])) as never)
  const blank = () =>
    Object.fromEntries(entries.filter(([, f]) => !f.needed).map(([n, f]) => [n, structuredClone(f.initial)]))
  return {
    one: false,
    of: 'job',
    ...def,
    fields,
    schema,
    blank,
    make: (given: object) => ({ ...blank(), ...given }),
  } as unknown as RowDef<N, WithId<F>, T>
}
