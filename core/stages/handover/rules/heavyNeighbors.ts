import type { Finding, Rule } from '../../../findings/finding.js'
import type { Level, SetDown, StylingFacts } from '../stylingFacts.js'
import { allLevels, hasRoom, levelName, moveTo, placeRef, roomiestFirst } from './places.js'

/** Heavy to the eye: dark, and taking up this part of the shelf's opening (common practice). */
const DARK_L = 45
const HEAVY_PART = 0.15

const isHeavy = (level: Level, t: SetDown): boolean =>
  t.kind !== 'books' &&
  t.lightness !== undefined &&
  t.lightness < DARK_L &&
  level.clearHeightMm !== undefined &&
  t.groupWideMm * t.groupHighMm >= HEAVY_PART * level.clearHeightMm * level.clearWidthMm * level.across

export const heavyNeighbors: Rule<StylingFacts> = {
  name: 'handover.heavy-neighbors',
  title: 'Two things heavy to the eye side by side',
  numbers:
    'Two neighbors on a shelf, each darker than L* 45 and taking fifteen hundredths of its opening or more; the rule is silent while a color or the clear height is not known.',
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.units.flatMap((unit) =>
      unit.levels
        .filter((l) => !l.closed && l.number > 0)
        .flatMap((level) => {
          const row = [...level.things].sort((a, b) => a.position - b.position)
          return row.flatMap((one, i): Finding[] => {
            const two = row[i + 1]
            if (!two || !isHeavy(level, one) || !isHeavy(level, two)) return []
            const apart = roomiestFirst(allLevels(facts).filter((p) => p.level !== level))
            return [
              {
                rule: 'handover.heavy-neighbors',
                severity: 'note',
                about: [placeRef(one), placeRef(two)],
                title: `${one.name} and ${two.name} weigh on one side of ${levelName(unit, level)}`,
                measured: 'both dark and large for the shelf',
                wanted: 'something light between them, or one of them elsewhere',
                because: 'Two heavy things side by side tip the shelf to the eye.',
                fixes: [one, two].flatMap((thing) =>
                  apart
                    .filter((p) => hasRoom(p.level, thing))
                    .slice(0, 2)
                    .map((p) => moveTo(thing, p.unit, p.level)),
                ),
              },
            ]
          })
        }),
    ),
}
