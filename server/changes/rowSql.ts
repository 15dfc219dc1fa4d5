import type { Row } from '@bonitas/core/model/changes'
import { isCollection, OF_STUDIO, rowDef, type Collection } from '@bonitas/core/model/registry'
import type { Tx } from '../database/database.js'
import { tableNameOf } from '../model/keys.js'
import { columnName } from '../model/tableOf.js'

export interface JobOfStudio {
  readonly studioId: string
  readonly jobId: string
}

export type Stored = Row & { readonly id: string; readonly version: number }

export const quoted = (collection: string): string => `"${tableNameOf(collection) ?? ''}"`
/** Whose rows, with $1 the studio and $2 the job; the brief is the job itself. */
export function whose(collection: string): string {
  if (collection === 'brief') return 'x.studio_id = $1 and x.id = $2'
  const shared = isCollection(collection) && OF_STUDIO.has(collection)
  return shared ? 'x.studio_id = $1 and $2::uuid is not null' : 'x.studio_id = $1 and x.job_id = $2'
}
export const columnsOf = (collection: Collection): readonly string[] => [
  ...Object.keys(rowDef(collection).fields).map(columnName),
  'version',
]
export const named = (collection: Collection): string =>
  [...Object.keys(rowDef(collection).fields), 'version']
    .map((f) => `x."${columnName(f)}" as "${f}"`)
    .join(', ')
export const asColumns = (row: Row): Row =>
  Object.fromEntries(Object.entries(row).map(([field, value]) => [columnName(field), value]))

/** The rows a group touches, as they stand, one query a collection. */
export async function rowsAt(
  tx: Tx,
  job: JobOfStudio,
  collection: Collection,
  ids: readonly string[],
): Promise<ReadonlyMap<string, Stored>> {
  const { rows } = await tx.$client.query<{ row: Stored }>({
    name: `rows of ${collection}`,
    text: `select row_to_json(l) as row from (select ${named(collection)} from ${quoted(collection)} x
           where ${whose(collection)} and x.id = any($3::uuid[])) l`,
    values: [job.studioId, job.jobId, ids],
  })
  return new Map(rows.map(({ row }) => [row.id, row]))
}
