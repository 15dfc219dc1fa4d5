import type { Ref, Fix } from '../../../findings/finding.js'
import { put, type RowChange } from '../../../model/changes.js'
import { under } from '../under.js'
import { countOf, type Level, type SetDown, type StylingFacts, type Unit } from '../stylingFacts.js'

export const unitRef = (unit: Pick<Unit, 'id' | 'name'>): Ref => ({
  kind: 'piece',
  id: unit.id,
  name: unit.name,
})
export const placeRef = (thing: Pick<SetDown, 'id' | 'name'>): Ref => ({
  kind: 'shelfPlace',
  id: thing.id,
  name: thing.name,
})

/** A shelf as it is spoken of: by its own name, else counted from below. */
export const levelName = (unit: Pick<Unit, 'name'>, level: Pick<Level, 'number' | 'name'>): string =>
  level.number === 0
    ? `the top of ${unit.name}`
    : level.name
      ? `${level.name} of ${unit.name}`
      : `shelf ${level.number} of ${unit.name}`

/** Things as they are listed: in words, each with its number. */
export const namesOf = (things: readonly Pick<SetDown, 'name' | 'count'>[]): string =>
  things
    .map((t) => (t.count > 1 ? `${t.count} × ${t.name}` : t.name))
    .sort()
    .join(', ')

/** How much of a shelf is taken up side by side: what stands on top of others takes none. */
export const sideBySide = (level: Pick<Level, 'things'>): number =>
  level.things.reduce((sum, t) => sum + (under(level.things, t).length > 0 ? 0 : t.groupWideMm), 0)

/** What a shelf carries, of what was weighed. */
export const weightOn = (level: Pick<Level, 'things'>): number =>
  level.things.reduce((sum, t) => sum + (t.weightG ?? 0) * t.count, 0)

/** Whether a thing finds room on a shelf beside what stands there. */
export function hasRoom(level: Level, thing: SetDown): boolean {
  if (level.closed) return false
  const used = sideBySide(level)
  const weight = weightOn(level) + (thing.weightG ?? 0) * thing.count + thing.carriesG
  return (
    thing.groupHighMm + thing.carriesMm <= (level.clearHeightMm ?? Infinity) &&
    thing.deepMm <= level.clearDepthMm &&
    thing.wideMm <= level.clearWidthMm &&
    used + thing.groupWideMm <= level.clearWidthMm * level.across &&
    weight <= (level.bearsG ?? Infinity)
  )
}

/** Moving things to another shelf, by its unit and number. */
export function moveTo(thing: SetDown, unit: Unit, level: Level): Fix {
  const last = Math.max(-1, ...level.things.map((t) => t.position))
  return {
    label: `Move ${thing.name} to ${levelName(unit, level)}`,
    changes: [
      put('shelfPlacements', thing.id, {
        hostId: unit.id,
        level: level.number,
        ...{ compartment: null, xMm: null, onId: null },
        position: last + 1,
      }),
      ...takenAlong(thing, unit, level),
    ],
  }
}

/** What stands on top of a thing goes where it goes. */
export const takenAlong = (
  thing: SetDown,
  unit: Pick<Unit, 'id'>,
  level: Pick<Level, 'number'>,
): RowChange[] =>
  thing.carries.map((id) =>
    put('shelfPlacements', id, { hostId: unit.id, level: level.number, compartment: null, xMm: null }),
  )

/**
 * Off its shelf, kept in the job; marked as not to be on view where all of it that was on view is taken off. What stands on top
 * of it stays on the shelf.
 */
export const takenOff = (
  thing: Pick<SetDown, 'id' | 'pieceId' | 'count' | 'setDown' | 'traits'>,
): RowChange[] => [
  { collection: 'shelfPlacements', id: thing.id, remove: true },
  ...(thing.setDown <= thing.count && !thing.traits.includes('not to be on view')
    ? [put('pieces', thing.pieceId, { traits: [...thing.traits, 'not to be on view'] })]
    : []),
]

/** Every shelf on view with the unit it belongs to. */
export const allLevels = (facts: StylingFacts): { readonly unit: Unit; readonly level: Level }[] =>
  facts.units.flatMap((unit) =>
    unit.levels.filter((l) => !l.closed && l.number > 0).map((level) => ({ unit, level })),
  )

/** Fewest things first, so that what is moved goes where it is least crowded; equal ones by their names. */
export const roomiestFirst = <P extends { readonly unit: Unit; readonly level: Level }>(
  places: readonly P[],
): P[] =>
  [...places].sort(
    (a, b) =>
      countOf(a.level.things) - countOf(b.level.things) ||
      a.level.number - b.level.number ||
      (a.unit.name < b.unit.name ? -1 : 1),
  )
