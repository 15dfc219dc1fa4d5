import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { stripBefore } from '../planRoom.js'
import type { Standing } from '../standing.js'
import { boxDepth } from '../../../kernel/geometry/box.js'
import { ref, lower } from './about.js'
import { nudge } from '../nudge.js'

// A window is looked out of and opened from this close.
const WINDOW_MM = 300
// A shrub spreads: planted this close it stands before the glass when grown (common practice).
const PLANTED_MM = 1_000
// What stands above the sill by less is not noticed.
const SLACK_MM = 100

export const windowBlocked: Rule<PlanFacts> = {
  name: 'plan.window-blocked',
  title: 'A tall piece stands before a window',
  numbers: `Higher than the sill by more than ${SLACK_MM} mm, within ${WINDOW_MM} mm before the glass. Outdoors a plant counts by its height grown, within ${PLANTED_MM} mm.`,
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.room.openings
      .filter((o) => o.kind === 'window')
      .flatMap((o) => {
        const strip = stripBefore(o, facts.room.walls, WINDOW_MM)
        const bed = stripBefore(o, facts.room.walls, PLANTED_MM)
        /** How far it stands above the sill before the glass; a shrub by what it grows to. */
        const above = (t: Standing): number => {
          const isShrub = t.kind === 'plant'
          const before = isShrub ? bed : strip
          // Indoors a plant stands at the window because it wants the light.
          if (!before || t.kind === 'lamp' || (isShrub && !facts.exposedToWeather)) return 0
          return boxDepth(t.box, before) > 20 ? t.raisedMm + grownOf(t) - o.sillMm : 0
        }
        return facts.solid.flatMap((s): Finding[] => {
          const by = above(s)
          if (by <= SLACK_MM) return []
          const grows = s.kind === 'plant' && grownOf(s) > s.heightMm
          return [
            {
              rule: 'plan.window-blocked',
              severity: 'look',
              about: [ref(s), { kind: 'opening', id: o.id, name: o.name }],
              title: grows
                ? `${s.name} will grow ${facts.says.length(by)} over the sill of ${lower(o.name || 'the window')}`
                : `${s.name} stands before ${lower(o.name || 'the window')}`,
              measured: `${facts.says.length(s.raisedMm + grownOf(s))} ${grows ? `grown, ${facts.says.length(s.heightMm)} as bought,` : 'high'} before a sill of ${facts.says.length(o.sillMm)}`,
              quantity: { value: by, better: 'less' },
              wanted: grows ? 'one that stays below the sill when grown' : 'nothing above the sill',
              because: 'It takes light and view, and the window can no longer be opened or curtained.',
              fixes: nudge(facts, s, (m) => above(m) <= SLACK_MM),
            },
          ]
        })
      }),
}

const grownOf = (s: Standing): number =>
  s.kind === 'plant' ? Math.max(s.heightMm, s.piece.grownMm ?? 0) : s.heightMm
