import type { Finding, Rule } from '../../../findings/finding.js'
import type { Level, SetDown, StylingFacts } from '../stylingFacts.js'
import { allLevels, hasRoom, levelName, moveTo, placeRef, roomiestFirst } from './places.js'

/** Heavy to the eye: dark, and taking up this part of the shelf's opening (common practice). */
const DARK_L = 45
const HEAVY_PART = 0.15

/** Whether a group is heavy to the eye in an opening of some size. */
export const isHeavy = (t: SetDown, openingMm2: number | undefined): boolean =>
  t.kind !== 'books' &&
  t.lightness !== undefined &&
  t.lightness < DARK_L &&
  openingMm2 !== undefined &&
  t.groupWideMm * t.groupHighMm >= HEAVY_PART * openingMm2

/** The opening of a shelf over all its compartments; undefined while its clear height is not known. */
export const openingOf = ({ clearHeightMm, clearWidthMm, across }: Level): number | undefined =>
  clearHeightMm === undefined ? undefined : clearHeightMm * clearWidthMm * across

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
            if (!two || !isHeavy(one, openingOf(level)) || !isHeavy(two, openingOf(level))) return []
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
