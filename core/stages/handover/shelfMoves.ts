import { roundMm, toGrid } from '../../kernel/units/mm.js'
import { put, type RowChange } from '../../model/changes.js'
import { setOut, type Body } from './setOut.js'
import { takenAlong } from './rules/places.js'
import { under } from './under.js'
import type { Level, SetDown, Unit } from './stylingFacts.js'

const levelOf = (unit: Unit, thing: Pick<SetDown, 'id'>): Level | undefined =>
  unit.levels.find((l) => l.things.some((t) => t.id === thing.id))

/** A place from the left of a shelf as the compartment it is in and the place from the left of that. */
function placeOf(level: Level, xMm: number, wideMm: number) {
  const all = level.clearWidthMm * level.across
  const x = Math.max(0, Math.min(xMm, all - wideMm))
  const bay = Math.min(level.across - 1, Math.max(0, Math.floor((x + wideMm / 2) / level.clearWidthMm)))
  return {
    compartment: level.across > 1 ? bay + 1 : null,
    xMm: Math.max(0, roundMm(x - bay * level.clearWidthMm)),
  }
}

/** All that stands on a shelf, held where it stands: what is moved beside it moves nothing else. */
const held = (level: Level, but: string): RowChange[] =>
  setOut(level).flatMap(({ thing, xMm, wideMm }) =>
    thing.id === but || thing.xMm !== null || under(level.things, thing).length > 0
      ? []
      : [put('shelfPlacements', thing.id, placeOf(level, toGrid(xMm), wideMm))],
  )

const bodyOf = (level: Level, id: string): Body | undefined => setOut(level).find((b) => b.thing.id === id)

/** The order from the left after a thing stands at a place: positions that tables and lists follow. */
function ordered(level: Level, id: string, middle: number): RowChange[] {
  const bodies = setOut(level).filter((b) => b.thing.id !== id)
  const before = bodies.filter((b) => b.xMm + b.wideMm / 2 < middle).length
  return bodies
    .sort((a, b) => a.xMm - b.xMm)
    .flatMap(({ thing }, i) => {
      const position = i < before ? i : i + 1
      return thing.position === position ? [] : [put('shelfPlacements', thing.id, { position })]
    })
    .concat(put('shelfPlacements', id, { position: before }))
}

/** One change a row: later fields over earlier ones. */
function merged(changes: readonly RowChange[]): RowChange[] {
  const by = new Map<string, Record<string, unknown>>()
  for (const c of changes) if ('set' in c) by.set(c.id, { ...by.get(c.id), ...c.set })
  return [...by].map(([id, set]) => put('shelfPlacements', id, set))
}

/**
 * Puts a thing of a unit to a place on one of its shelves; everything else stays where it stands.
 * @param xMm its left edge from the left edge of the shelf
 */
export function putAt(unit: Unit, thing: SetDown, level: Level, xMm: number): RowChange[] {
  const from = levelOf(unit, thing)
  const place = placeOf(level, xMm, thing.groupWideMm)
  const x = place.xMm + ((place.compartment ?? 1) - 1) * level.clearWidthMm
  return merged([
    ...(from && from !== level ? held(from, thing.id) : []),
    ...held(level, thing.id),
    ...ordered(level, thing.id, x + thing.groupWideMm / 2),
    put('shelfPlacements', thing.id, { ...place, level: level.number, onId: null }),
    ...(from === level ? [] : takenAlong(thing, unit, level)),
  ])
}

/** Moves a thing along its shelf. What stands on another leaves it. */
export function moveAlong(unit: Unit, thing: SetDown, dxMm: number): RowChange[] {
  const level = levelOf(unit, thing)
  const body = level && bodyOf(level, thing.id)
  return level && body
    ? putAt(unit, thing, level, (thing.xMm === null ? toGrid(body.xMm) : body.xMm) + dxMm)
    : []
}

/** Moves a thing to the shelf above or below, at the same place from the left; the top of the piece comes after its highest. */
export function moveUp(unit: Unit, thing: SetDown, by: 1 | -1): RowChange[] {
  const order = [...unit.levels.filter((l) => l.number > 0), ...unit.levels.filter((l) => l.number === 0)]
  const at = order.findIndex((l) => l === levelOf(unit, thing))
  const [from, to] = [order[at], order[at + by]]
  const body = from && bodyOf(from, thing.id)
  if (!to || !body) return []
  const middle =
    (body.xMm + body.wideMm / 2) * ((to.clearWidthMm * to.across) / (from.clearWidthMm * from.across))
  return putAt(unit, thing, to, toGrid(middle - body.wideMm / 2))
}

/** Two things change places: shelf, compartment, place from the left and order; each by its middle. */
export function exchange(unit: Unit, one: SetDown, two: SetDown): RowChange[] {
  const find = (t: SetDown) => {
    const level = levelOf(unit, t)
    const body = level && bodyOf(level, t.id)
    return level && body ? { level, middle: body.xMm + body.wideMm / 2 } : undefined
  }
  const [a, b] = [find(one), find(two)]
  if (!a || !b) return []
  return merged([
    ...(a.level === b.level ? [] : [...takenAlong(one, unit, b.level), ...takenAlong(two, unit, a.level)]),
    ...held(a.level, ''),
    ...held(b.level, ''),
    put('shelfPlacements', one.id, {
      ...placeOf(b.level, toGrid(b.middle - one.groupWideMm / 2), one.groupWideMm),
      ...{ level: b.level.number, position: two.position, onId: null },
    }),
    put('shelfPlacements', two.id, {
      ...placeOf(a.level, toGrid(a.middle - two.groupWideMm / 2), two.groupWideMm),
      ...{ level: a.level.number, position: one.position, onId: null },
    }),
  ])
}
