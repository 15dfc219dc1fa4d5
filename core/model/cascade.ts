import type { RowChange } from './changes.js'
import { names, referencesTo, without, type ReferenceOf } from './references.js'
import { isCollection, rowDef, type Collection } from './registry.js'

type Row = Readonly<Record<string, unknown>> & { readonly id: string }
/** Rows by collection, as a job holds them: a list, or the one row there is. */
export type RowsByName = Readonly<Record<string, readonly Row[] | Row | undefined>>

/** A row that stands in the way of a removal, by what a person calls it. */
export interface InTheWay {
  readonly collection: string
  readonly id: string
  /** Its own name, or what it is: "a light". */
  readonly name: string
  readonly field: string
  /** It belongs to the ledger: it cannot go along, only be told of. */
  readonly record: boolean
}

export interface Removal {
  /** What is removed and what changes with it, nothing named twice. */
  readonly changes: readonly RowChange[]
  /** What cannot go without being asked; empty when the removal can be done. */
  readonly inTheWay: readonly InTheWay[]
}

/** A change of fields that are still being gathered. */
interface Cleared {
  readonly collection: string
  readonly id: string
  readonly set: Record<string, unknown>
}

const listOf = (job: RowsByName, collection: string): readonly Row[] => {
  const rows = job[collection]
  return rows === undefined ? [] : Array.isArray(rows) ? (rows as readonly Row[]) : [rows as Row]
}

const OWN_NAMES = ['name', 'roomName', 'what', 'why', 'optionName', 'itemName', 'facts']
const ownName = (row: Row): string | undefined => {
  for (const field of OWN_NAMES)
    if (typeof row[field] === 'string' && row[field] !== '') return row[field].slice(0, 80)
  return undefined
}

/**
 * What a person calls a row: its name, the first words it has, or what kind of thing it is and of which.
 * @param job where the row it belongs to is looked up: "a place on a wall of Heron print"
 */
export function plainName(collection: string, row: Row, job?: RowsByName): string {
  const own = ownName(row)
  if (own !== undefined) return own
  if (collection === 'finishAssignments' && typeof row.surface === 'string')
    return `the finish on ${row.surface.split(':')[0] ?? ''}`
  if (!isCollection(collection)) return collection
  const { singular, fields } = rowDef(collection)
  for (const [name, field] of Object.entries(fields)) {
    const to = field.kind === 'ref' ? field.references[0]?.to : undefined
    const named = to && job ? listOf(job, to).find((r) => r.id === row[name]) : undefined
    const of = named && ownName(named)
    if (of !== undefined) return `${singular} of ${of}`
  }
  return singular
}

/**
 * What taking rows out brings with it, as the references say: rows that mean nothing without them go too, fields that
 * name them are cleared, and what may not go unasked is named.
 *
 * @param job the rows as they are
 * @param first the rows to take out
 * @param takeAlong rows in the way go as well, or forget what they named; those of the ledger still stand in the way
 */
export function removalOf(
  job: RowsByName,
  first: readonly { readonly collection: string; readonly id: string }[],
  takeAlong = false,
): Removal {
  const gone = new Map<string, { readonly collection: string; readonly id: string }>()
  const cleared = new Map<string, Cleared>()
  const blocked = new Map<string, { readonly way: InTheWay; readonly key: string }>()
  const waiting = [...first]
  const keyOf = (r: { readonly collection: string; readonly id: string }) => `${r.collection} ${r.id}`
  const clear = (reference: ReferenceOf, row: Row, id: string) => {
    const key = keyOf({ collection: reference.from, id: row.id })
    const change = cleared.get(key) ?? { collection: reference.from, id: row.id, set: {} }
    const now = reference.field in change.set ? change.set[reference.field] : row[reference.field]
    change.set[reference.field] = without(reference, now, id)
    cleared.set(key, change)
  }
  for (let next = waiting.shift(); next; next = waiting.shift()) {
    if (gone.has(keyOf(next))) continue
    gone.set(keyOf(next), next)
    for (const reference of referencesTo(next.collection)) {
      if (reference.past) continue
      for (const row of listOf(job, reference.from)) {
        if (!names(reference, row[reference.field], next.id)) continue
        const along = { collection: reference.from, id: row.id }
        if (reference.onRemove === 'remove') waiting.push(along)
        else if (reference.onRemove === 'clear') clear(reference, row, next.id)
        else if (reference.record || !takeAlong)
          blocked.set(`${keyOf(along)} ${reference.field}`, {
            key: keyOf(along),
            way: {
              ...along,
              name: plainName(reference.from, row, job),
              field: reference.field,
              record: reference.record,
            },
          })
        else if (reference.nullable && reference.kind === 'ref' && reference.along !== 'remove')
          clear(reference, row, next.id)
        else waiting.push(along)
      }
    }
  }
  return {
    changes: [
      ...[...cleared.values()].filter((c) => !gone.has(keyOf(c))).map((c) => c as unknown as RowChange),
      ...[...gone.values()]
        .reverse()
        .map(({ collection, id }): RowChange => ({ collection: collection as Collection, id, remove: true })),
    ],
    inTheWay: [...blocked.values()].filter((b) => !gone.has(b.key)).map((b) => b.way),
  }
}
