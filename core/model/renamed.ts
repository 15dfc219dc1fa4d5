import type { Change, Row } from './changes.js'
import { isCollection, rowDef } from './registry.js'

/** Collections that have another name since versions 8 and 9 of the job file, by the name they had. */
export const RENAMED: Readonly<Record<string, string>> = {
  stands: 'floorPlacements',
  hangs: 'wallPlacements',
  setOuts: 'panelLayouts',
  placements: 'finishAssignments',
  dressings: 'schemeOverrides',
  pulls: 'sampledColors',
  allotments: 'budgetShares',
  focuses: 'focalPoints',
  makings: 'fabrications',
  sightings: 'priceObservations',
  offers: 'discounts',
  limits: 'constraints',
}

/**
 * A change that waited in a browser while the program became another, as it is sent now: its collection by the name it has,
 * fields that are gone left out, new fields of a new row as they usually begin. Undefined when nothing of it is left.
 */
export function changeNow(change: Change): Change | undefined {
  const collection = Object.hasOwn(RENAMED, change.collection)
    ? RENAMED[change.collection]
    : change.collection
  if (collection === undefined || !isCollection(collection)) return undefined
  const { fields, blank } = rowDef(collection)
  const known = (row: Row): Row =>
    Object.fromEntries(
      Object.entries(row).filter(([field]) => field === 'id' || Object.hasOwn(fields, field)),
    )
  if ('add' in change) return { ...change, collection, add: { ...blank(), ...known(change.add) } }
  if (!('set' in change)) return { ...change, collection }
  const set = known(change.set)
  return Object.keys(set).length > 0 ? { ...change, collection, set, was: known(change.was) } : undefined
}
