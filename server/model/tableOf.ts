import type { BuildColumns } from 'drizzle-orm'
import {
  bigint,
  boolean,
  date,
  doublePrecision,
  foreignKey,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  text,
  timestamp,
  uuid,
  type AnyPgColumn,
  type PgColumnBuilderBase,
  type PgTableExtraConfigValue,
  type PgTableWithColumns,
} from 'drizzle-orm/pg-core'
import type { Field } from '@bonitas/core/model/field'
import type { RecordDef } from '@bonitas/core/model/record'
import type { Fields, RowDef } from '@bonitas/core/model/row'
import { jobId, studioId, version } from '../database/schema/columns.js'
import { member, studio } from '../database/schema/studio.js'

/** A column as Drizzle knows it, from what its field holds. */
type ColumnOf<T, Default = false> = PgColumnBuilderBase<
  {
    name: string
    dataType: 'custom'
    columnType: 'PgCustomColumn'
    data: NonNullable<T>
    driverParam: unknown
    enumValues: undefined
  },
  { notNull: null extends T ? false : true; hasDefault: Default }
>
type Columns<F> = { [K in keyof F]: F[K] extends Field<infer T> ? ColumnOf<T> : never }
type ColumnSet = Record<string, PgColumnBuilderBase>
type Table<N extends string, C extends ColumnSet> = PgTableWithColumns<{
  name: N
  schema: undefined
  columns: BuildColumns<N, C, 'pg'>
  dialect: 'pg'
}>

interface OfStudio {
  studioId: ColumnOf<string>
}
interface OfJob extends OfStudio {
  jobId: ColumnOf<string>
}
interface Versioned {
  version: ColumnOf<number, true>
}
interface Dated {
  createdAt: ColumnOf<Date, true>
}

/** The table of a collection of the job. */
export type TableOf<T extends string, F> = Table<T, OfJob & Versioned & Columns<F>>
/** The table of rows that belong to the studio and are shared by its jobs. */
export type StudioTableOf<T extends string, F> = Table<T, OfStudio & Versioned & Columns<F>>
/** The table of the job itself. */
export type JobTableOf<T extends string, F> = Table<T, OfStudio & Versioned & Dated & Columns<F>>
/** The table of a collection that only grows. */
export type RecordTableOf<T extends string, F, M extends ColumnSet> = Table<T, OfJob & Columns<F> & M>
/** Who wrote a record, and when. */
export type Signed = { memberId: ColumnOf<string> } & { createdAt: ColumnOf<Date, true> }
/** A record nobody signs. */
export type Unsigned = Pick<OfJob, 'jobId'>
/** A record numbered by the database. */
export type Counted = Pick<{ seq: ColumnOf<number, true> }, 'seq'>

/** The column of a field: the same word in the database's way of writing. */
export const columnName = (name: string): string => name.replace(/[A-Z]/g, (c) => `_${c.toLowerCase()}`)

function column(name: string, field: Field<unknown>): PgColumnBuilderBase {
  const n = columnName(name)
  const made = () => {
    switch (field.kind) {
      case 'id':
      case 'ref':
        return uuid(n)
      case 'text':
      case 'choice':
      case 'surface':
      case 'subject':
      case 'finding':
        return text(n)
      case 'flag':
        return boolean(n)
      case 'whole':
      case 'ppm':
      case 'clock':
        return integer(n)
      // Lengths have six decimals at most (the schema sees to that), which a double holds exactly enough to compare.
      case 'mm':
      case 'real':
        return doublePrecision(n)
      case 'minor':
        return bigint(n, { mode: 'number' })
      case 'day':
        return date(n)
      case 'list':
      case 'refs':
      case 'data':
        return jsonb(n)
    }
  }
  const built = made()
  return field.nullable ? built : built.notNull()
}

const fieldColumns = (fields: Fields): Record<string, PgColumnBuilderBase> =>
  Object.fromEntries(
    Object.entries(fields)
      .filter(([name]) => name !== 'id')
      .map(([name, f]) => [name, column(name, f)]),
  )

type Own = Record<'studioId' | 'jobId' | 'id' | 'seq' | 'memberId', AnyPgColumn>
type More<T> = (table: T) => PgTableExtraConfigValue[]
interface JobTable {
  readonly studioId: AnyPgColumn
  readonly id: AnyPgColumn
}

/**
 * The table of a collection of the job: studio and job in front of its key, and a column for each field. Keys between
 * rows are no business of Drizzle's, which cannot say that they wait for the end of a transaction: see `keys.ts`.
 * @param job asked when keys are looked at, so that files may import each other in any order
 * @param more indexes and checks of this table alone
 */
export function tableOf<T extends string, F extends Fields>(
  def: RowDef<string, F, T>,
  job: () => JobTable,
  more: More<TableOf<T, F>> = () => [],
): TableOf<T, F> {
  const columns = {
    studioId: studioId(),
    jobId: jobId(),
    id: uuid('id').notNull(),
    version: version(),
    ...fieldColumns(def.fields),
  }
  return pgTable(def.table, columns as Record<string, PgColumnBuilderBase>, (self) => {
    const t = self as unknown as Own
    return [
      primaryKey({ columns: [t.studioId, t.jobId, t.id] }),
      foreignKey({ columns: [t.studioId, t.jobId], foreignColumns: [job().studioId, job().id] }).onDelete(
        'cascade',
      ),
      ...more(self as never),
    ]
  }) as unknown as TableOf<T, F>
}

/** The table of rows that belong to the studio. */
export function studioTableOf<T extends string, F extends Fields>(
  def: RowDef<string, F, T>,
): StudioTableOf<T, F> {
  const columns = {
    studioId: studioId().references(() => studio.id),
    id: uuid('id').notNull(),
    version: version(),
    ...fieldColumns(def.fields),
  }
  return pgTable(def.table, columns as Record<string, PgColumnBuilderBase>, (self) => {
    const t = self as unknown as Own
    return [primaryKey({ columns: [t.studioId, t.id] })]
  }) as unknown as StudioTableOf<T, F>
}

/** The table of the job itself: its row is the brief. */
export function jobTableOf<T extends string, F extends Fields>(
  def: RowDef<string, F, T>,
  more: More<JobTableOf<T, F>>,
): JobTableOf<T, F> {
  const columns = {
    studioId: studioId().references(() => studio.id),
    id: uuid('id').notNull(),
    version: version(),
    ...fieldColumns(def.fields),
    createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
  }
  return pgTable(def.table, columns as Record<string, PgColumnBuilderBase>, (self) => {
    const t = self as unknown as Own
    return [primaryKey({ columns: [t.studioId, t.id] }), ...more(self as never)]
  }) as unknown as JobTableOf<T, F>
}

/** The table of a collection that only grows; a trigger of the migration refuses to change or remove what is in it. */
export function recordTableOf<
  T extends string,
  F extends Fields,
  M extends Record<string, PgColumnBuilderBase>,
>(
  def: RecordDef<string, F, T>,
  job: () => JobTable,
  more: More<RecordTableOf<T, F, M>> = () => [],
): RecordTableOf<T, F, M> {
  const columns = {
    studioId: studioId(),
    jobId: jobId(),
    ...('id' in def.fields ? { id: uuid('id').notNull() } : {}),
    ...(def.counted ? { seq: bigint('seq', { mode: 'number' }).generatedAlwaysAsIdentity() } : {}),
    ...fieldColumns(def.fields),
    ...(def.signed
      ? {
          memberId: uuid('member_id').notNull(),
          createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
        }
      : {}),
  }
  return pgTable(def.table, columns as Record<string, PgColumnBuilderBase>, (self) => {
    const t = self as unknown as Own
    return [
      primaryKey({ columns: [t.studioId, t.jobId, 'id' in def.fields ? t.id : t.seq] }),
      foreignKey({ columns: [t.studioId, t.jobId], foreignColumns: [job().studioId, job().id] }),
      ...(def.signed
        ? [foreignKey({ columns: [t.studioId, t.memberId], foreignColumns: [member.studioId, member.id] })]
        : []),
      ...more(self as never),
    ]
  }) as unknown as RecordTableOf<T, F, M>
}
