import type { Finding, Fix, Rule } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import type { Standing } from '../standing.js'
import { boxCorners } from '../../../kernel/geometry/box.js'
import { nudge, standsClear } from '../nudge.js'
import { ceilingOver } from '../planRoom.js'
import { isFlat, OFF_FLOOR } from '../needs.js'
import { put } from '../../../model/changes.js'
import { lower, ref } from './about.js'

/** A tape reads this far off over the height of a room (common practice). */
const TAPE_MM = 5

/** By how much a piece goes through the ceiling over it, a slope counted where it comes down to it; mm. */
function throughMm({ room }: PlanFacts, s: Standing): number {
  const ceiling = ceilingOver(room, boxCorners(s.box))
  return ceiling === null ? 0 : s.raisedMm + s.heightMm - ceiling
}

/** To where the ceiling is high enough, and where it is so nowhere, out of the room. */
function waysOut(facts: PlanFacts, s: Standing): Fix[] {
  if (!facts.withFixes || s.piece.stays) return []
  if (s.raisedMm + s.heightMm <= (facts.room.heightMm ?? 0) + TAPE_MM)
    return nudge(facts, s, (m) => throughMm(facts, m) <= TAPE_MM && standsClear(facts, m))
  return [
    {
      label: `Keep ${lower(s.name)} for another room`,
      changes: [
        { collection: 'floorPlacements', id: s.id, remove: true },
        put('pieces', s.pieceId, { verdict: 'move' }),
      ],
    },
  ]
}

export const tooTall: Rule<PlanFacts> = {
  name: 'plan.too-tall',
  title: 'A piece is taller than the room over it',
  numbers: `Its top more than ${TAPE_MM} mm above the lowest part of the ceiling over its footprint, slopes counted. Silent outdoors.`,
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.exposedToWeather
      ? []
      : (facts.moved ? [facts.moved] : facts.standings).flatMap((s): Finding[] => {
          const over = throughMm(facts, s)
          if (isFlat(s.kind) || OFF_FLOOR.has(s.kind) || over <= TAPE_MM) return []
          const ceiling = s.raisedMm + s.heightMm - over
          return [
            {
              rule: 'plan.too-tall',
              severity: 'stop',
              about: [ref(s)],
              title: `${s.name} goes through the ceiling`,
              measured: `its top at ${facts.says.length(s.raisedMm + s.heightMm)} under ${facts.says.length(ceiling)}`,
              quantity: { value: over, better: 'less' },
              wanted: `${facts.says.length(ceiling)} or less`,
              because: 'A ceiling does not give way: measure it where the piece is to stand.',
              fixes: waysOut(facts, s),
            },
          ]
        }),
}
