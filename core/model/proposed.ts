import type { Row } from './changes.js'
import type { Collection } from './registry.js'
import { sanitaryOf } from './vocabulary/sanitary.js'

/**
 * Facts that the name of a row proposes when it is entered: they are fields of their own from then on, and rules ask
 * those alone. What was chosen is left as it is.
 *
 * @param row the row as it would be written
 */
export function proposed(collection: Collection, row: Row): Row {
  if (collection !== 'pieces') return {}
  const name = typeof row.name === 'string' ? row.name : ''
  if (row.kind === 'sanitary' && row.sanitary == null) return { sanitary: sanitaryOf(name) }
  if (row.kind === 'plant' && !row.species) return { species: name.slice(0, 80) }
  if (row.kind === 'appliance' && HOT.test(name) && !traitsOf(row).includes('gets hot'))
    return { traits: [...traitsOf(row), 'gets hot'] }
  return {}
}
const traitsOf = (row: Row): readonly unknown[] =>
  Array.isArray(row.traits) ? (row.traits as unknown[]) : []
/** Appliances that dry, cook or heat, by their everyday names. */
const HOT =
  /\b(dryer|heater|stove|oven|cooker|hob|cooktop|range|toaster|kettle|grill|iron|boiler|furnace)s?\b/i

/** What a change of a row proposes: when it says anew what kind of thing it is. A fact that was emptied stays empty. */
export const proposedBy = (collection: Collection, row: Row, set: Row): Row =>
  'kind' in set && set.kind !== row.kind ? proposed(collection, { ...row, ...set }) : {}
