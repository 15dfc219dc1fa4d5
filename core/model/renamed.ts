import type { Change, Row } from './changes.js'
import { isCollection, rowDef, type Collection } from './registry.js'
import type { Did } from './undo.js'

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

/** A collection by the name it has now; undefined when there is none of it any more. */
function collectionNow(name: string): Collection | undefined {
  const now = Object.hasOwn(RENAMED, name) ? RENAMED[name] : name
  return now !== undefined && isCollection(now) ? now : undefined
}

/** Fields that are kept in another measure since version 10, under another name: how many of the new one make one of the old. */
const MEASURED_ANEW: Readonly<
  Partial<Record<Collection, Readonly<Record<string, readonly [string, number]>>>>
> = {
  brief: { backPrimerMinor: ['backPrimerCubicMinor', 1000], backPaintMinor: ['backPaintCubicMinor', 1000] },
}

/** A field by the name and in the measure it has now. */
function fieldNow(
  collection: Collection,
  [name, value]: readonly [string, unknown],
): readonly [string, unknown] {
  const anew = MEASURED_ANEW[collection]
  const now = anew && Object.hasOwn(anew, name) ? anew[name] : undefined
  return now && typeof value === 'number' ? [now[0], value * now[1]] : [name, value]
}

/** A row with its fields by the names and in the measures they have now. */
export const measuredAnew = (collection: Collection, row: Row): Row =>
  Object.fromEntries(Object.entries(row).map((field) => fieldNow(collection, field)))

/** A row without the fields that are gone. */
const knownOf = (collection: Collection, row: Row): Row =>
  Object.fromEntries(
    Object.entries(measuredAnew(collection, row)).filter(
      ([field]) => field === 'id' || field === 'version' || Object.hasOwn(rowDef(collection).fields, field),
    ),
  )

/**
 * What a step of undo did before the program became another, as it is undone now. Undefined when its collection is gone,
 * or nothing of it is left: such a step cannot be taken back whole.
 */
export function didNow({ collection: name, id, before, after }: Did): Did | undefined {
  const collection = collectionNow(name)
  if (!collection) return undefined
  const known = (row: Row | null) => row && knownOf(collection, row)
  const blank = rowDef(collection).blank()
  // A row that comes back has the fields that are new as they usually begin.
  const whole = before && !after ? { ...blank, ...known(before) } : known(before)
  return { collection, id, before: whole, after: known(after) }
}

/**
 * A change that waited in a browser while the program became another, as it is sent now: its collection by the name it has,
 * fields that are gone left out, new fields of a new row as they usually begin. Undefined when nothing of it is left.
 */
export function changeNow(change: Change): Change | undefined {
  const collection = collectionNow(change.collection)
  if (!collection) return undefined
  if ('add' in change)
    return {
      ...change,
      collection,
      add: { ...rowDef(collection).blank(), ...knownOf(collection, change.add) },
    }
  if (!('set' in change)) return { ...change, collection }
  const set = knownOf(collection, change.set)
  return Object.keys(set).length > 0
    ? { ...change, collection, set, was: knownOf(collection, change.was) }
    : undefined
}
