import type { Rule, Finding } from '../../../findings/finding.js'
import type { Hung, PlanFacts } from '../planFacts.js'
import { framed, setAll } from './frames.js'
import { filtersUv, glazingFor } from '../walls/framing.js'
import { currencyDigits } from '../../../kernel/money/currency.js'
import type { Point } from '../../../kernel/geometry/polygon.js'
import { onWall } from '../planRoom.js'
import { hungRef, listed, lower } from './about.js'
import { capital } from '../../../kernel/capital.js'
import { alike } from './alike.js'

// What is worth less than the board and glass is framed for a wall, not for keeping (common practice), in whole units of money.
const POSTER_WORTH = 50

// Daylight, not only the sun, fades what hangs this near to a window (common practice).
const NEAR_WINDOW_MM = 2_000

/** A poster: said to be worth little, and loved by nobody. What is not known is taken for worth keeping. */
const isPoster = (facts: PlanFacts, { piece }: Hung): boolean =>
  !piece.sentimental &&
  piece.valueMinor !== null &&
  piece.valueMinor < POSTER_WORTH * 10 ** currencyDigits(facts.says.currency)

/** How near the nearest window is to the middle of what hangs, along the floor; Infinity in a room without one. */
function toWindow(facts: PlanFacts, h: Hung): number {
  const wall = facts.room.walls.find((w) => w.id === h.wallId)
  if (!wall) return Infinity
  const at = onWall(wall, h.xMm, 0)
  return Math.min(
    Infinity,
    ...facts.room.openings.filter((o) => o.kind === 'window').map((o) => toSegment(at, o.ends)),
  )
}

function toSegment(p: Point, [a, b]: readonly [Point, Point]): number {
  const [dx, dy] = [b.x - a.x, b.y - a.y]
  const along = ((p.x - a.x) * dx + (p.y - a.y) * dy) / (dx * dx + dy * dy || 1)
  const t = Math.min(1, Math.max(0, along))
  return Math.hypot(p.x - a.x - t * dx, p.y - a.y - t * dy)
}

// An hour or two of sun in June is more than a work on paper bears in a year at the limiting illuminance.
const SUNNY_H = 1

export const paperGuard: Rule<PlanFacts> = {
  name: 'plan.paper-guard',
  title: 'Paper art without conservation board, or in the light without a UV filter',
  numbers: `Plain paper board is a look, and so is a mat of unknown board; glazing without a UV filter on a wall the sun reaches for more than ${SUNNY_H} h a day in June, or ${NEAR_WINDOW_MM / 1000} m or less from a window, is a look. What is said to be worth less than ${POSTER_WORTH} in whole units of money, and is not loved, is a note. Filters of 97 % and more count as conservation grade.`,
  source:
    'CIE 157:2004 for what light does to works on paper, and museum framing practice for the filter, both from memory; the hours are common practice',
  schools: 'all',
  check: (facts) =>
    // Several framed alike on one wall are told once.
    alike(framed(facts), (h) => [
      h.wallId,
      h.frame.board,
      h.frame.borderMm > 0,
      h.frame.glazing,
      h.frame.glare,
      isPoster(facts, h),
      toWindow(facts, h) <= NEAR_WINDOW_MM,
    ]).flatMap((group): Finding[] => {
      const [h] = group
      const names = listed(group.map((o) => lower(o.name)))
      const sun = facts.sunOnWall.get(h.wallId) ?? 0
      // What a ready-made frame came with is taken for acidic until it is known.
      const unknown = h.frame.board === 'not known'
      const acid = (unknown || h.frame.board === 'plain paper board') && h.frame.borderMm > 0
      const away = Math.min(...group.map((o) => toWindow(facts, o)))
      const open = (sun > SUNNY_H || away <= NEAR_WINDOW_MM) && !filtersUv(h.frame.glazing)
      const severity = isPoster(facts, h) ? ('note' as const) : ('look' as const)
      const ways = glazingFor(true, h.frame.glare)
      return [
        ...(acid
          ? [
              {
                rule: 'plan.paper-guard',
                severity,
                about: [
                  ...group.map(hungRef),
                  { kind: 'job' as const, id: unknown ? 'board unknown' : 'board', name: 'Board' },
                ],
                title: unknown
                  ? `What is the mat of ${names} made of?`
                  : `The mat of ${names} is plain paper`,
                measured: h.frame.board,
                wanted: 'conservation board',
                because: 'Plain paper mats turn acid and yellow the work within years.',
                fixes: [
                  ...(unknown
                    ? [
                        {
                          ...setAll(group, { board: 'conservation board' }, 'It is conservation board'),
                          kind: 'answer' as const,
                        },
                        {
                          ...setAll(group, { board: 'plain paper board' }, 'It is plain paper'),
                          kind: 'answer' as const,
                        },
                      ]
                    : [setAll(group, { board: 'conservation board' }, 'Conservation board')]),
                ],
              },
            ]
          : []),
        ...(open
          ? [
              {
                rule: 'plan.paper-guard',
                severity,
                about: [...group.map(hungRef), { kind: 'job' as const, id: 'light', name: 'Light' }],
                title: `${capital(names)} ${group.length > 1 ? 'hang' : 'hangs'} in the light without a UV filter`,
                measured: [
                  away <= NEAR_WINDOW_MM ? `${facts.says.length(away)} from a window` : '',
                  sun > SUNNY_H
                    ? `the sun stands in a window beside or across from it ${facts.says.number(sun, 1)} h a day in June`
                    : '',
                ]
                  .filter(Boolean)
                  .join('; '),
                wanted: 'UV-filtering glazing, or another wall',
                because: 'Light fades for good; how much it reflects is a separate choice of glass.',
                fixes: [
                  // Acrylic is taken for its weight, or where glass could break: it stays acrylic.
                  ...ways.filter((g) => g.endsWith('acrylic') === (h.frame.glazing === 'acrylic')),
                  ...ways.filter((g) => g.endsWith('acrylic') !== (h.frame.glazing === 'acrylic')),
                ]
                  .slice(0, 2)
                  .map((glazing) => setAll(group, { glazing }, capital(glazing))),
              },
            ]
          : []),
      ]
    }),
}
