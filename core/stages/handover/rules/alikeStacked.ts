import type { Finding, Rule } from '../../../findings/finding.js'
import type { Level, SetDown, StylingFacts, Unit } from '../stylingFacts.js'
import { allLevels, hasRoom, levelName, moveTo, placeRef, roomiestFirst } from './places.js'

/** Two sides are alike when the longer is at most this many times the shorter (common practice). */
const ALIKE = 1.5

/** Alike however they are turned: of one material, and of one size side by side from the smallest. */
export function areAlike(a: SetDown, b: SetDown): boolean {
  // Books are one body, and bins alike in rows are what puts shelves to rest.
  if ([a.kind, b.kind].some((k) => k === 'books' || k === 'trunk')) return false
  if (a.pieceId === b.pieceId) return true
  if (a.material === undefined || a.material !== b.material) return false
  const sides = (t: SetDown) => [t.wideMm, t.highMm, t.deepMm].sort((x, y) => x - y)
  const [x, y] = [sides(a), sides(b)]
  return x.every((mm, i) => {
    const other = y[i] ?? mm
    return Math.max(mm, other) <= ALIKE * Math.min(mm, other)
  })
}

interface Pair {
  readonly one: SetDown
  readonly two: SetDown
  readonly from: Level
  readonly over: Level
}

/** Things that stand over each other in one unit, on shelves next to each other. */
function stacked(unit: Unit): Pair[] {
  const levels = unit.levels.filter((l) => l.number > 0 && !l.closed)
  return levels.flatMap((from) => {
    const over = levels.find((l) => l.number === from.number + 1)
    if (!over) return []
    return from.things.flatMap((one) =>
      over.things.filter((two) => areAlike(one, two)).map((two): Pair => ({ one, two, from, over })),
    )
  })
}

export const alikeStacked: Rule<StylingFacts> = {
  name: 'handover.alike-stacked',
  title: 'Alike over alike',
  numbers:
    'Things of one material whose sides, sorted, differ by at most half as much again, on shelves one above the other; how they are turned does not matter. Books and bins are none.',
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.units.flatMap((unit) =>
      stacked(unit).map(({ one, two, from, over }): Finding => {
        // A thing goes where nothing alike is on its shelf, nor on the one above or below.
        const apart = (thing: SetDown) =>
          roomiestFirst(
            allLevels(facts).filter((p) =>
              p.unit.levels
                .filter((l) => l.number > 0 && !l.closed && Math.abs(l.number - p.level.number) <= 1)
                .every((l) => l.things.every((t) => t.id === thing.id || !areAlike(t, thing))),
            ),
          ).sort((a, b) => Number(a.unit.id === unit.id) - Number(b.unit.id === unit.id))
        return {
          rule: 'handover.alike-stacked',
          severity: 'look',
          about: [placeRef(one), placeRef(two)],
          title: `${two.name} over ${one.name}: too alike`,
          measured: `${levelName(unit, from)} and ${levelName(unit, over)}, both ${one.material ?? 'the same piece'}`,
          wanted: 'things alike parted, by a shelf between them or another unit',
          because: 'Like over like reads as one thing repeated by mistake, however each is turned.',
          fixes: [one, two].flatMap((thing) =>
            apart(thing)
              .filter((p) => hasRoom(p.level, thing))
              .slice(0, 3)
              .map((p) => moveTo(thing, p.unit, p.level)),
          ),
        }
      }),
    ),
}
