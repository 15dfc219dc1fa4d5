import type { PlanFacts, Hung } from '../planFacts.js'
import type { Rule, Finding } from '../../../findings/finding.js'
import { NEEDS } from '../../../model/vocabulary/need.js'
import { PICTURES, furnitureUnder, setCenter } from './hanging.js'
import { hungRef, wallRef } from './about.js'

// Nearer than this to the eye line nobody sees a difference (common practice).
const EYE_SLACK_MM = 25

// This far above it a picture hangs too high in every school that says nothing else (common practice).
const TOO_HIGH_MM = 250

// A piece taller than this may hang lower: its middle would put its top out of reach of the eye.
const TALL_MM = 1_200

const isStacked = (facts: PlanFacts, h: Hung): boolean =>
  facts.wallPlacements.some(
    (o) =>
      o.id !== h.id &&
      o.wallId === h.wallId &&
      o.topMm < h.bottomMm + 1 &&
      Math.abs(o.xMm - h.xMm) < (o.widthMm + h.widthMm) / 2,
  )

export const eyeLine: Rule<PlanFacts> = {
  name: 'plan.eye-line',
  title: 'A picture hangs off the eye line',
  numbers: `Middle within ${EYE_SLACK_MM} mm of the agreed height. Over furniture it may keep ${NEEDS.overFurniture.mm} to ${NEEDS.overFurnitureMost.mm} mm above it instead; pieces over ${TALL_MM} mm high may hang lower; what is stacked above another goes up from it. Where no way of hanging is chosen: more than ${TOO_HIGH_MM} mm too high.`,
  source: 'common practice',
  schools: ['centers on one eye line'],
  check: (facts) =>
    facts.schools.hanging !== 'centers on one eye line' && facts.schools.hanging !== null
      ? []
      : facts.wallPlacements.flatMap((h): Finding[] => {
          if (!PICTURES.has(h.piece.kind) || h.piece.kind === 'object') return []
          const off = h.centerMm - facts.eyeLineMm
          if (Math.abs(off) <= EYE_SLACK_MM || isStacked(facts, h) || (h.heightMm > TALL_MM && off < 0))
            return []
          // Where no way of hanging is chosen only what nobody would hang so high is told, and a group is its own measure.
          const chosen = facts.schools.hanging !== null
          if (!chosen && (off <= TOO_HIGH_MM || h.row.group !== '')) return []
          const under = furnitureUnder(facts, h)
          const gap = under ? h.bottomMm - under.topMm : undefined
          const { overFurniture, overFurnitureMost } = facts.needs
          if (gap !== undefined && gap >= overFurniture && gap <= overFurnitureMost) return []
          return [
            {
              rule: 'plan.eye-line',
              severity: 'look',
              about: [hungRef(h), wallRef(facts, h.wallId)],
              title: `${h.name} hangs ${facts.says.length(Math.abs(off))} too ${off > 0 ? 'high' : 'low'}`,
              measured: `its middle at ${facts.says.length(h.centerMm)}`,
              wanted: `${facts.says.length(facts.eyeLineMm)}${facts.eyeLineAgreed ? ', as agreed' : ', proposed'}`,
              because:
                off > 0
                  ? 'No fault is met more often than pictures hung too high.'
                  : 'The eye meets the middle of a picture.',
              ...(chosen ? { school: 'centers on one eye line' } : {}),
              fixes: [setCenter(h, facts.eyeLineMm, `Hang it at ${facts.eyeLineMm}`)],
            },
          ]
        }),
}
