import type { JobSnapshot } from '../model/snapshot.js'
import { MODEL_HASH } from '../model/hash.js'
import { USUAL, type Columns, type SentJob } from '../model/sparse.js'

/** Text without a comma that is an id, a number or a day: what the database joins. */
const joins = (v: unknown) =>
  v === null || typeof v === 'number' || (typeof v === 'string' && /^[\w.-]+$/.test(v))
/** Fields that are words, whatever is in them. */
const WORDS: readonly string[] = [
  'name',
  'note',
  'kind',
  'means',
  'intent',
  'specification',
  'material',
  'category',
  'where',
  'memberName',
]

/** A job as the server sends it, said once more in a few lines: long lists in columns, the usual as null, ids and numbers joined. */
export function sentJob(job: JobSnapshot): SentJob {
  return {
    ...job,
    model: MODEL_HASH,
    items: inColumns(job.items, USUAL.items),
    options: inColumns(job.options, USUAL.options),
    entries: inColumns(job.entries, USUAL.entries),
  }
}

function inColumns<T extends object>(rows: readonly T[], usual: object): Columns<T> {
  const names = [...new Set(rows.flatMap((r) => Object.keys(r)))] as (keyof T & string)[]
  return Object.fromEntries(
    names.map((n) => {
      const column = rows.map((r) => r[n])
      const value = (usual as Partial<T>)[n]
      if (n in usual && column.every((v) => JSON.stringify(v) === JSON.stringify(value))) return [n, null]
      return [n, !WORDS.includes(n) && column.every(joins) ? column.map((v) => v ?? '').join(',') : column]
    }),
  ) as Columns<T>
}
