import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { stripBefore } from '../planRoom.js'
import type { Standing } from '../standing.js'
import { boxDepth } from '../../../kernel/geometry/box.js'
import { ref, lower } from './about.js'
import { nudge } from '../nudge.js'

// A window is looked out of and opened from this close.
const WINDOW_MM = 300

export const windowBlocked: Rule<PlanFacts> = {
  name: 'plan.window-blocked',
  title: 'A tall piece stands before a window',
  numbers: `Higher than the sill by more than 100 mm, within ${WINDOW_MM} mm before the glass.`,
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.room.openings
      .filter((o) => o.kind === 'window')
      .flatMap((o) =>
        facts.solid.flatMap((s): Finding[] => {
          const strip = stripBefore(o, facts.room.walls, WINDOW_MM)
          const blocks = (t: Standing) =>
            !!strip &&
            t.raisedMm + t.heightMm > o.sillMm + 100 &&
            boxDepth(t.box, strip) > 20 &&
            t.kind !== 'plant' &&
            t.kind !== 'lamp'
          if (!blocks(s)) return []
          return [
            {
              rule: 'plan.window-blocked',
              severity: 'look',
              about: [ref(s), { kind: 'opening', id: o.id, name: o.name }],
              title: `${s.name} stands before ${lower(o.name || 'the window')}`,
              measured: `${facts.says.length(s.raisedMm + s.heightMm)} high before a sill of ${facts.says.length(o.sillMm)}`,
              wanted: 'nothing above the sill',
              because: 'It takes light and view, and the window can no longer be opened or curtained.',
              fixes: nudge(facts, s, (m) => !blocks(m)),
            },
          ]
        }),
      ),
}
