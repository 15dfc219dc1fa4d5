import type { Finding, Fix, Rule } from '../../../findings/finding.js'
import { put } from '../../../model/changes.js'
import { fromTheLeft, leftRight, setOut } from '../setOut.js'
import { under } from '../under.js'
import { onView, type Level, type SetDown, type StylingFacts } from '../stylingFacts.js'
import { levelName, placeRef } from './places.js'

/** The heavier side of a shelf carries at most this part of its weight of look (common practice). */
export const MOST_ON_A_SIDE = 0.7

/** How much the heavier side carries, 0.5 to 1; undefined with fewer than two groups, which may stand where they like. */
export function heavierSide(level: Level): number | undefined {
  if (level.things.length < 2) return undefined
  const sides = leftRight(setOut(level), level.clearWidthMm * level.across)
  return sides && Math.max(sides.left, sides.right)
}

const HUNDRED = 100
const shares = (part: number) => `${Math.round(HUNDRED * part)} : ${HUNDRED - Math.round(HUNDRED * part)}`

/** Things in another order, set out evenly: two of them change places. */
function exchanged(level: Level, one: SetDown, two: SetDown): { readonly level: Level; readonly fix: Fix } {
  const row = fromTheLeft(level.things).map((t) => (t === one ? two : t === two ? one : t))
  const placed = row.map((t, position): SetDown => ({
    ...t,
    ...{ position, xMm: null },
    ...(t === one || t === two ? { compartment: (t === one ? two : one).compartment } : {}),
  }))
  return {
    level: { ...level, things: placed },
    fix: {
      label: `Let ${one.name} and ${two.name} change places`,
      changes: placed.map((t) =>
        put('shelfPlacements', t.id, { position: t.position, xMm: null, compartment: t.compartment }),
      ),
    },
  }
}

function waysOut(level: Level): Fix[] {
  const row = fromTheLeft(level.things).filter((t) => under(level.things, t).length === 0)
  return row
    .flatMap((one, i) => row.slice(i + 1).map((two) => exchanged(level, one, two)))
    .map((e) => ({ ...e, side: heavierSide(e.level) ?? 1 }))
    .filter((e) => e.side <= MOST_ON_A_SIDE && !setOut(e.level).some((b) => b.over))
    .sort((a, b) => a.side - b.side)
    .slice(0, 3)
    .map((e) => e.fix)
}

export const lopsided: Rule<StylingFacts> = {
  name: 'handover.lopsided',
  title: 'A shelf whose weight lies on one side',
  numbers:
    'The outline of each group in dm² times 1.5 less its L* hundredth (a mid gray where no color is known), left against right of the middle of the shelf: at most 70 : 30. One group alone may stand where it likes.',
  source: 'common practice',
  schools: ['open and composed'],
  check: (facts) =>
    facts.school !== 'open and composed'
      ? []
      : facts.units.flatMap((unit) =>
          onView(unit).flatMap((level): Finding[] => {
            if (level.number === 0) return []
            const side = heavierSide(level)
            if (side === undefined || side <= MOST_ON_A_SIDE) return []
            return [
              {
                rule: 'handover.lopsided',
                severity: 'note',
                about: level.things.map(placeRef),
                title: `${levelName(unit, level)} leans to one side`,
                measured: shares(side),
                wanted: `at most ${shares(MOST_ON_A_SIDE)}`,
                because:
                  'What is dark and large weighs; a shelf that carries it all on one side tips to the eye.',
                school: 'open and composed',
                fixes: waysOut(level),
                quantity: { value: side, better: 'less' },
              },
            ]
          }),
        ),
}
