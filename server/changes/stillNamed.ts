import type { Row } from '@bonitas/core/model/changes'
import { plainName, type InTheWay } from '@bonitas/core/model/cascade'
import { REFERENCES, referencesTo, type ReferenceOf } from '@bonitas/core/model/references'
import { rowDef, type Collection } from '@bonitas/core/model/registry'
import type { Did } from '@bonitas/core/model/undo'
import type { Tx } from '../database/database.js'
import { conflict } from '../http/problem.js'
import { tableNameOf } from '../model/keys.js'
import { columnName } from '../model/tableOf.js'
import { quoted, whose, type JobOfStudio, type Stored } from './rowSql.js'

/** How a query finds rows that name any of the ids in $3, in each shape a reference can have. */
function naming(reference: ReferenceOf): string {
  const column = `x."${columnName(reference.field)}"`
  const prefixed = `(select '${reference.prefix ?? ''}' || unnest($3::text[]))`
  if (reference.kind === 'refs') return `${column} ?| $3::text[]`
  if (reference.kind === 'finding') return `string_to_array(${column}, '|') && array${prefixed}`
  return reference.prefix ? `${column} in ${prefixed}` : `${column} = any($3::text[]::uuid[])`
}

/** Rows that still name what has gone and are no part of the group: in one query for each collection that lost rows. */
export async function inTheWay(
  tx: Tx,
  job: JobOfStudio,
  gone: ReadonlyMap<Collection, readonly Stored[]>,
): Promise<InTheWay[]> {
  const found: InTheWay[] = []
  for (const [collection, rows] of gone) {
    const references = referencesTo(collection).filter((r) => !r.past && tableNameOf(r.from) !== undefined)
    if (references.length === 0) continue
    const text = references
      .map(
        (r, n) =>
          `select ${n} as of, row_to_json(x.*) as row from ${quoted(r.from)} x where ${whose(r.from)} and ${naming(r)}`,
      )
      .join(' union all ')
    const answer = await tx.$client.query<{ of: number; row: Row & { id: string } }>(text, [
      job.studioId,
      job.jobId,
      rows.map((r) => r.id),
    ])
    for (const { of, row } of answer.rows) {
      const reference = references[of]
      if (!reference) continue
      const fields = Object.fromEntries(
        Object.entries(row).map(([column, value]) => [
          column.replace(/_([a-z])/g, (_a, c: string) => c.toUpperCase()),
          value,
        ]),
      ) as Row & { id: string }
      found.push({
        collection: reference.from,
        id: row.id,
        name: plainName(reference.from, fields),
        field: reference.field,
        record: reference.record,
      })
    }
  }
  return found
}

/** Ids inside lists and texts, which no key of the database holds: each must name a row that is there. */
export async function namedRowsThere(tx: Tx, job: JobOfStudio, written: readonly Did[]): Promise<void> {
  const wanted = new Map<string, Map<string, { readonly did: Did; readonly field: string }>>()
  for (const did of written)
    for (const r of REFERENCES) {
      if (r.from !== did.collection || r.kind === 'ref' || r.kind === 'finding' || !did.after) continue
      const value = did.after[r.field]
      const before = did.before?.[r.field]
      const ids =
        r.kind === 'refs'
          ? (value as readonly string[]).filter((id) => !((before ?? []) as readonly string[]).includes(id))
          : typeof value === 'string' && value !== before && r.prefix && value.startsWith(r.prefix)
            ? [value.slice(r.prefix.length)]
            : []
      for (const id of ids) {
        const of = wanted.get(r.to) ?? new Map<string, { readonly did: Did; readonly field: string }>()
        of.set(id, { did, field: r.field })
        wanted.set(r.to, of)
      }
    }
  for (const [collection, ids] of wanted) {
    const { rows } = await tx.$client.query<{ id: string }>(
      `select x.id::text as id from ${quoted(collection)} x where ${whose(collection)} and x.id::text = any($3::text[])`,
      [job.studioId, job.jobId, [...ids.keys()]],
    )
    const there = new Set(rows.map((r) => r.id))
    for (const [id, { did, field }] of ids)
      if (!there.has(id)) {
        const label = rowDef(did.collection).fields[field]?.label ?? field
        const text = `${label} names something that is not in this job. Choose again.`
        throw conflict(text, [{ field, text, row: { collection: did.collection, id: did.id } }])
      }
  }
}
