import type { Finding, Fix, Rule } from '../../../findings/finding.js'
import type { RowChange } from '../../../model/changes.js'
import { put } from '../../../model/changes.js'
import { countOf, type SetDown, type StylingFacts, type Unit } from '../stylingFacts.js'
import { levelName, namesOf, placeRef, unitRef } from './places.js'

/** One thing to so much of a surface, and never more than so many, by what it is (common practice). */
const EACH_MM2 = 40_000
const MOST: Readonly<Partial<Record<string, number>>> = { tray: 3, 'low table': 5, 'side table': 4 }
const MOST_ELSEWHERE = 7

/** How many things a surface bears before it is crowded. */
export const mostOn = (unit: Pick<Unit, 'kind' | 'topMm2'>): number =>
  Math.min(MOST[unit.kind] ?? MOST_ELSEWHERE, Math.max(1, Math.floor(unit.topMm2 / EACH_MM2)))

/** What is kept first: what is meant to be looked at, loved, of use; then what lies flat and carries the rest. */
const worth = (t: SetDown): number =>
  8 * Number(t.focal) +
  4 * Number(t.loved) +
  2 * Number(t.useful) +
  Number(t.lies || t.kind === 'books') -
  // Pictures hang better than they stand among small things.
  16 * Number(t.kind === 'picture' && !t.loved)

/** Keeps as many as the surface bears; the rest goes off it and stays in the job. */
function calmed(things: readonly SetDown[], most: number): Fix {
  let left = most
  const changes: RowChange[] = []
  const kept: SetDown[] = []
  const order = [...things].sort(
    (a, b) => worth(b) - worth(a) || b.wideMm * b.deepMm - a.wideMm * a.deepMm || (a.name < b.name ? -1 : 1),
  )
  for (const t of order) {
    const stay = Math.min(left, t.count)
    left -= stay
    if (stay > 0) kept.push({ ...t, count: stay })
    if (stay === 0) changes.push({ collection: 'shelfPlacements', id: t.id, remove: true })
    else if (stay < t.count) changes.push(put('shelfPlacements', t.id, { count: stay }))
  }
  const off = things.filter((t) => !kept.some((k) => k.id === t.id))
  const pictures = off.filter((t) => t.kind === 'picture')
  return {
    label: `Leave ${namesOf(kept)} on it${pictures.length > 0 ? '; the pictures go to the wall' : ''}`,
    changes,
  }
}

export const crowded: Rule<StylingFacts> = {
  name: 'handover.crowded',
  title: 'A surface with too much on it',
  numbers:
    'On the top of a piece one thing to every 0.04 m², at most three on a tray, four on a side table, five on a low table and seven elsewhere.',
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.units.flatMap((unit): Finding[] => {
      const top = unit.levels.find((l) => l.number === 0)
      const most = mostOn(unit)
      if (!top || countOf(top.things) <= most) return []
      const n = countOf(top.things)
      return [
        {
          rule: 'handover.crowded',
          severity: 'look',
          about: [unitRef(unit), ...top.things.map(placeRef)],
          title: `${n} things on ${unit.kind === 'tray' ? unit.name : levelName(unit, top)}`,
          measured: namesOf(top.things),
          wanted: `at most ${most}`,
          because: 'A small stack and one thing are seen; a dozen are clutter, each as charming as it is.',
          fixes: [calmed(top.things, most)],
          quantity: { value: n, better: 'less' },
        },
      ]
    }),
}
