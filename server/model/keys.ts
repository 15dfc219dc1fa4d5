import { getTableConfig, type PgTable } from 'drizzle-orm/pg-core'
import { REFERENCES, type ReferenceOf } from '@bonitas/core/model/references'
import { isCollection, OF_STUDIO, RECORDS, type RecordName } from '@bonitas/core/model/registry'
import { RECORD_TABLES } from './recordTables.js'
import { TABLES } from './rowTables.js'
import { columnName } from './tableOf.js'

/** A foreign key between rows: deferrable, so that a group of changes is looked at when all of it is written. */
export interface RowKey {
  readonly table: string
  readonly columns: readonly string[]
  readonly to: string
  readonly toColumns: readonly string[]
}

const isRecord = (name: string): name is RecordName => Object.hasOwn(RECORDS, name)

/** The name of the table behind a collection; undefined for what is no table, such as the events of the ledger. */
export function tableNameOf(collection: string): string | undefined {
  const table = isCollection(collection)
    ? (TABLES[collection] as unknown as PgTable)
    : isRecord(collection)
      ? (RECORD_TABLES[collection] as unknown as PgTable)
      : undefined
  return table && getTableConfig(table).name
}

/** The columns that say whose a row of this collection is; the brief is the job itself. */
function ownerColumns(collection: string): readonly string[] {
  if (collection === 'brief') return ['studio_id', 'id']
  return isCollection(collection) && OF_STUDIO.has(collection) ? ['studio_id'] : ['studio_id', 'job_id']
}

function keyOf(reference: ReferenceOf): RowKey | undefined {
  const [table, to] = [tableNameOf(reference.from), tableNameOf(reference.to)]
  if (reference.kind !== 'ref' || reference.past || !table || !to) return undefined
  const ofStudio = isCollection(reference.to) && OF_STUDIO.has(reference.to)
  const mine = ofStudio ? ['studio_id'] : ownerColumns(reference.from)
  const theirs = ownerColumns(reference.to)
  // The row named must name this one: an item can choose only an option of its own.
  const within = reference.within ? [['id'], [columnName(reference.within)]] : [[], []]
  return {
    table,
    columns: [...mine, ...(within[0] ?? []), columnName(reference.field)],
    to,
    toColumns: [...theirs, ...(within[1] ?? []), 'id'],
  }
}

/** Every key between rows, as the references of the fields say. A test holds the database against them. */
export const ROW_KEYS: readonly RowKey[] = REFERENCES.flatMap((r) => keyOf(r) ?? [])

/** The statement that makes a key, for the migration that first has it. */
export function keySql({ table, columns, to, toColumns }: RowKey): string {
  const list = (names: readonly string[]) => names.map((n) => `"${n}"`).join(',')
  const name = `${table}_${columns[columns.length - 1] ?? ''}_row`
  return (
    `ALTER TABLE "${table}" ADD CONSTRAINT "${name}" FOREIGN KEY (${list(columns)}) ` +
    `REFERENCES "${to}"(${list(toColumns)}) DEFERRABLE INITIALLY IMMEDIATE;`
  )
}
