import type { Finding, Rule } from '../../../findings/finding.js'
import { allLevels, hasRoom, levelName, moveTo, placeRef, roomiestFirst, weightOn } from './places.js'
import type { StylingFacts } from '../stylingFacts.js'

export const tooHeavy: Rule<StylingFacts> = {
  name: 'handover.too-heavy',
  title: 'More weight than a shelf bears',
  numbers:
    'The weights of all that stands on a shelf, as far as it was weighed, against what its maker says it bears; silent while nobody knows that.',
  source: 'arithmetic',
  schools: 'all',
  caution: true,
  check: (facts) =>
    facts.units.flatMap((unit) =>
      unit.levels.flatMap((level): Finding[] => {
        const [grams, bears] = [weightOn(level), level.bearsG]
        if (bears === undefined || grams <= bears) return []
        const heaviest = level.things
          .filter((t) => t.weightG !== undefined)
          .sort(
            (a, b) => (b.weightG ?? 0) * b.count - (a.weightG ?? 0) * a.count || (a.name < b.name ? -1 : 1),
          )
        const others = roomiestFirst(
          allLevels(facts).filter((p) => p.unit !== unit || p.level.number !== level.number),
        ).sort((a, b) => a.level.number - b.level.number)
        return [
          {
            rule: 'handover.too-heavy',
            severity: 'stop',
            about: level.things.map(placeRef),
            title: `${levelName(unit, level)} carries more than it bears`,
            measured: facts.says.weight(grams),
            wanted: `at most ${facts.says.weight(bears)}`,
            because:
              'A shelf that bends lets go at its ends. What is heavy stands low, and the unit is held to the building.',
            fixes: heaviest.flatMap((thing) =>
              others
                .filter((p) => hasRoom(p.level, thing))
                .slice(0, 2)
                .map((p) => moveTo(thing, p.unit, p.level)),
            ),
            quantity: { value: grams - bears, better: 'less' },
          },
        ]
      }),
    ),
}
