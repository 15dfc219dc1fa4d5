import type { Field, Reference } from './field.js'
import { RECORDS, ROWS } from './registry.js'
import type { Fields } from './row.js'

/** One way in which rows of a collection name rows of another. */
export interface ReferenceOf extends Reference {
  /** The collection and field that name the row. */
  readonly from: string
  readonly field: string
  readonly kind: Field<unknown>['kind']
  /** The field can hold null. */
  readonly nullable: boolean
  /** The rows that name are records: they neither go nor change. */
  readonly record: boolean
}

type Named = Readonly<Record<string, { readonly name: string; readonly fields: Fields }>>

/** Every reference of these collections, read from their fields. */
export function referencesOf(rows: Named, records: Named): readonly ReferenceOf[] {
  const read = (all: Named, record: boolean) =>
    Object.values(all).flatMap((def) =>
      Object.entries(def.fields).flatMap(([field, f]) =>
        f.references.map((r): ReferenceOf => ({
          ...r,
          from: def.name,
          field,
          kind: f.kind,
          nullable: f.nullable,
          record,
        })),
      ),
    )
  return [...read(rows, false), ...read(records, true)]
}

/** Every reference between the rows and records of a job. */
export const REFERENCES: readonly ReferenceOf[] = referencesOf(ROWS, RECORDS)

const NAMED = new Map<string, readonly ReferenceOf[]>()
for (const reference of REFERENCES) NAMED.set(reference.to, [...(NAMED.get(reference.to) ?? []), reference])

/** The references that may name a row of this collection. */
export const referencesTo = (collection: string): readonly ReferenceOf[] => NAMED.get(collection) ?? []

/** Whether what a field holds names this row. */
export function names(reference: ReferenceOf, value: unknown, id: string): boolean {
  if (value === null || value === undefined) return false
  if (reference.kind === 'refs') return (value as readonly string[]).includes(id)
  if (reference.kind === 'finding')
    return (value as string).split('|').includes(`${reference.prefix ?? ''}${id}`)
  return value === `${reference.prefix ?? ''}${id}`
}

/** What a field holds once the row it names has been taken out of it. */
export function without(reference: ReferenceOf, value: unknown, id: string): unknown {
  if (reference.kind === 'refs') return (value as readonly string[]).filter((named) => named !== id)
  return reference.nullable ? null : ''
}

const UUID = /[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}/

/**
 * What a field holds with every id in it replaced, in whichever of its shapes: an id, a list of ids, a word and an id, the
 * key of a finding.
 * @param renew the new id of an old one; ids may have any form while a job file is read
 */
export function renewed(
  field: Field<unknown>,
  value: unknown,
  renew: (id: unknown, known: boolean) => unknown,
): unknown {
  if (value === null || value === undefined || (field.kind !== 'id' && field.references.length === 0))
    return value
  if (field.kind === 'refs')
    return Array.isArray(value) ? value.map((id: unknown) => renew(id, false)) : value
  if (field.kind === 'id' || field.kind === 'ref') return renew(value, false)
  if (typeof value !== 'string') return value
  const inText = (text: string, known: boolean) => {
    const prefix = field.references.map((r) => r.prefix ?? '').find((p) => p !== '' && text.startsWith(p))
    return prefix === undefined ? text : `${prefix}${String(renew(text.slice(prefix.length), known))}`
  }
  if (field.kind !== 'finding') return inText(value, false)
  const [rule = '', ...about] = value.split('|')
  return [rule, ...about.map((text) => inText(text, true))].join('|')
}

/** Whether a text is an id as rows have them. */
export const isRowId = (text: string): boolean => new RegExp(`^${UUID.source}$`).test(text)
