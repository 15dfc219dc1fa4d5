import { ValidationError } from 'yup'
import type { Field } from '../model/field.js'
import type { Fields } from '../model/row.js'

/** Values to try for a field, most telling first; its own schema decides which it takes. */
function candidates(field: Field<unknown>): readonly unknown[] {
  const numbers = [3.5, 7, 120, 1_200, 2_400, 600, 40, 1, 0.5, 0, 90]
  switch (field.kind) {
    case 'text':
      return ['Plain words', 'EUR', '1.0845', '']
    case 'choice':
      return field.choices ?? []
    case 'list':
      return [(field.choices ?? []).slice(0, 2)]
    case 'flag':
      return [true]
    case 'day':
      return ['2026-03-01']
    case 'data':
      return [
        { spreadM2PerL: 11, lossPpm: 50_000, tins: [{ ml: 2_500, priceMinor: 4_900 }] },
        [{ l: 50, a: 1.5, b: -2, share: 0.25 }],
        [{ l: 50, a: 1.5, b: -2 }],
        [{ fromMinor: 10_000, feeMinor: 900 }],
        [{ header: 'Price', field: 'priceMinor' }],
        field.initial,
      ]
    default:
      return numbers
  }
}

function takes(field: Field<unknown>, value: unknown): boolean {
  try {
    field.schema().validateSync(value, { strict: true })
    return true
  } catch (error) {
    if (error instanceof ValidationError) return false
    throw error
  }
}

/** What a reference holds when it names a row by this id, in whichever of its shapes. */
function naming(field: Field<unknown>, idOf: (collection: string) => string): unknown {
  const [first] = field.references
  if (!first) return undefined
  if (field.kind === 'refs') return [idOf(first.to)]
  if (field.kind === 'finding')
    return `some.rule|${field.references.map((r) => `${r.prefix ?? ''}${idOf(r.to)}`).join('|')}`.slice(
      0,
      380,
    )
  return `${first.prefix ?? ''}${idOf(first.to)}`
}

/**
 * A row of any collection with every field filled and every reference naming a row: made from its description alone, so
 * that a new collection is tried without a line in a test.
 *
 * @param idOf the id of the row that references to a collection name
 */
export function filledRow(
  fields: Fields,
  id: string,
  idOf: (collection: string) => string,
): Record<string, unknown> & { id: string } {
  const row = Object.fromEntries(
    Object.entries(fields).map(([name, field]) => {
      if (field.kind === 'id') return [name, id]
      const named = naming(field, idOf)
      if (named !== undefined) return [name, named]
      const value = candidates(field).find((v) => takes(field, v))
      if (value === undefined) throw new Error(`no value known for ${name} (${field.kind})`)
      return [name, value]
    }),
  )
  return { ...row, id }
}
