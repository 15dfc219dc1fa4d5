import type { Finding, Fix, Rule } from '../../../findings/finding.js'
import { put } from '../../../model/changes.js'
import { countOf, formOf, type Level, type SetDown, type StylingFacts, type Unit } from '../stylingFacts.js'
import { allLevels, hasRoom, levelName, moveTo, namesOf, placeRef, roomiestFirst } from './places.js'

/** From so many things on a shelf is composed (common practice). */
const FEW = 3
/** Small: no side as long as this part of the clear height, and none this long at all (common practice). */
const SMALL_PART = 1 / 4
const SMALL_MM = 100
/** Large: it fills the shelf up to this part of its height (common practice). */
const LARGE_PART = 3 / 4

type Scale = 'tall and thin' | 'small' | 'large'

/** Whether a thing is small on a shelf of some clear height. */
export const isSmall = (
  t: Pick<SetDown, 'groupHighMm' | 'wideMm'>,
  clearHeightMm: number | undefined,
): boolean => Math.max(t.groupHighMm, t.wideMm) < Math.min(SMALL_MM, SMALL_PART * (clearHeightMm ?? Infinity))

/** The one scale all things of a shelf have; undefined where they are mixed, or too few to say. */
export function scaleOf(level: Pick<Level, 'things' | 'clearHeightMm'>): Scale | undefined {
  const { things, clearHeightMm } = level
  // A row of books is what a shelf is for.
  if (countOf(things) < FEW || things.every((t) => t.kind === 'books')) return undefined
  if (things.every((t) => isSmall(t, clearHeightMm))) return 'small'
  if (things.every((t) => formOf(t) === 'tall')) return 'tall and thin'
  if (clearHeightMm !== undefined && things.every((t) => t.groupHighMm >= LARGE_PART * clearHeightMm))
    return 'large'
  return undefined
}

const WANTED: Readonly<Record<Scale, string>> = {
  'tall and thin': 'something wide and low beside what is tall and thin',
  small: 'one larger thing among the small ones',
  large: 'something small or low among the large ones',
}

/** Things that would break the scale: they can come from another shelf, or be laid flat. */
function waysOut(facts: StylingFacts, unit: Unit, level: Level, scale: Scale): Fix[] {
  const upright = level.things.filter((t) => t.kind === 'books' && !t.lies)
  const laid = upright.map((t): Fix => ({
    label: `Lay ${t.name} flat`,
    changes: [put('shelfPlacements', t.id, { lies: true })],
  }))
  const breaks = (t: SetDown) => scaleOf({ ...level, things: [...level.things, t] }) === undefined
  const fetched = roomiestFirst(allLevels(facts))
    .filter((p) => p.level !== level)
    .reverse()
    .flatMap((p) => p.level.things.map((thing) => ({ ...p, thing })))
    .filter(({ thing, level: from }) => breaks(thing) && hasRoom(level, thing) && from.things.length > 1)
    .map(({ thing }) => moveTo(thing, unit, level))
  return scale === 'small' ? fetched : [...laid, ...fetched]
}

export const oneScale: Rule<StylingFacts> = {
  name: 'handover.one-scale',
  title: 'A shelf of one scale',
  numbers:
    'Three things or more on a shelf on view, all half as high again as wide, all with no side of 100 mm or of a quarter of the clear height, or all filling three quarters of it. A row of books is none.',
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.units.flatMap((unit) =>
      unit.levels
        .filter((l) => !l.closed && l.number > 0)
        .flatMap((level): Finding[] => {
          const scale = scaleOf(level)
          if (!scale) return []
          return [
            {
              rule: 'handover.one-scale',
              severity: 'look',
              about: level.things.map(placeRef),
              title: `Everything on ${levelName(unit, level)} is ${scale}`,
              measured: namesOf(level.things),
              wanted: WANTED[scale],
              because:
                'A shelf of one scale reads as a row; tall and thin wants wide and low beside it, whatever the materials.',
              fixes: waysOut(facts, unit, level, scale).slice(0, 6),
            },
          ]
        }),
    ),
}
