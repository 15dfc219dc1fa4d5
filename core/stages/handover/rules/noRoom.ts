import type { Finding, Fix, Rule } from '../../../findings/finding.js'
import { put } from '../../../model/changes.js'
import type { Level, SetDown, StylingFacts, Unit } from '../stylingFacts.js'
import { turned } from '../stylingFacts.js'
import { under } from '../under.js'
import { allLevels, hasRoom, levelName, moveTo, placeRef, roomiestFirst, sideBySide } from './places.js'

/** A thing may stand out over the front edge of a shelf by so much (common practice). */
const OVERHANG_MM = 20

interface Fault {
  readonly things: readonly SetDown[]
  readonly measured: string
  readonly wanted: string
}

function faultsOf(facts: StylingFacts, unit: Unit, level: Level): Fault[] {
  const { says } = facts
  const each = level.things.flatMap((t): Fault[] => {
    const reaches = under(level.things, t).reduce((sum, b) => sum + b.groupHighMm, t.groupHighMm)
    const high = reaches > (level.clearHeightMm ?? Infinity)
    const deep = level.number > 0 && t.deepMm > level.clearDepthMm + OVERHANG_MM
    if (!high && !deep) return []
    return [
      {
        things: [t],
        measured: high ? `${says.length(reaches)} high` : `${says.length(t.deepMm)} deep`,
        wanted: `at most ${says.length(high ? (level.clearHeightMm ?? 0) : level.clearDepthMm)}`,
      },
    ]
  })
  const wide = sideBySide(level)
  const clear = level.clearWidthMm * level.across
  return wide > clear && each.length === 0 && level.number > 0
    ? [
        {
          things: level.things,
          measured: `${says.length(wide)} side by side`,
          wanted: `at most ${says.length(clear)}`,
        },
      ]
    : each
}

/** Laid flat, or on a shelf that takes it. */
function waysOut(facts: StylingFacts, level: Level, thing: SetDown): Fix[] {
  const laid = turned(thing)
  const others = level.things.filter((t) => t.id !== thing.id)
  const flat: Fix[] = hasRoom({ ...level, things: others }, laid)
    ? [
        {
          label: thing.lies ? `Stand ${thing.name} up` : `Lay ${thing.name} flat`,
          changes: [put('shelfPlacements', thing.id, { lies: laid.lies })],
        },
      ]
    : []
  return [
    ...flat,
    ...roomiestFirst(allLevels(facts).filter((p) => p.level !== level && hasRoom(p.level, thing)))
      .slice(0, 3)
      .map((p) => moveTo(thing, p.unit, p.level)),
  ]
}

export const noRoom: Rule<StylingFacts> = {
  name: 'handover.no-room',
  title: 'A thing that its shelf does not take',
  numbers:
    'Higher than the clear height, more than 20 mm deeper than the shelf, or more side by side than its clear width.',
  source: 'arithmetic',
  schools: 'all',
  check: (facts) =>
    facts.units.flatMap((unit) =>
      unit.levels.flatMap((level) =>
        faultsOf(facts, unit, level).map((f): Finding => {
          const [first] = f.things
          return {
            rule: 'handover.no-room',
            severity: 'look',
            about: f.things.map(placeRef),
            title:
              f.things.length === 1
                ? `${first?.name ?? ''} does not go on ${levelName(unit, level)}`
                : `There is more on ${levelName(unit, level)} than goes on it`,
            measured: f.measured,
            wanted: f.wanted,
            because: 'The clear size inside decides, not the outer size of the unit.',
            fixes: [...f.things]
              .sort((a, b) => b.groupWideMm - a.groupWideMm)
              .slice(0, 3)
              .flatMap((t) => waysOut(facts, level, t)),
          }
        }),
      ),
    ),
}
