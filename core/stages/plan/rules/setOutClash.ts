import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { avoidedOn } from './frames.js'
import { layPanels, avoidingCount } from '../walls/layPanels.js'
import { listed, lower } from './about.js'
import { put } from '../../../model/changes.js'

// Fields narrower than this are no panels but battens.
const LEAST_FIELD_MM = 80

export const setOutClash: Rule<PlanFacts> = {
  name: 'plan.set-out',
  title: 'A panel stile meets a socket, or the fields do not come out',
  numbers: `Equal fields of ${LEAST_FIELD_MM} mm and more; no stile, batten or molding over a socket or switch.`,
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    facts.panelLayouts.flatMap((s): Finding[] => {
      const wall = facts.room.walls.find((w) => w.id === s.wallId)
      const avoided = avoidedOn(facts, s.wallId)
      const laid = layPanels(s, avoided)
      const past = wall && s.endMm > wall.lengthMm + 1
      const small = laid.stiles.length > 0 && laid.fieldMm < LEAST_FIELD_MM
      if (laid.clashes.length === 0 && !past && !small) return []
      const count = avoidingCount(
        small
          ? { ...s, count: Math.max(1, Math.floor((s.endMm - s.startMm - s.stileMm) / (300 + s.stileMm))) }
          : s,
        avoided,
      )
      const name = s.name || s.kind
      return [
        {
          rule: 'plan.set-out',
          severity: past || small ? 'stop' : 'look',
          about: [{ kind: 'setOut', id: s.id, name }],
          title: past
            ? `${name} runs past the wall`
            : small
              ? `${name}: the fields do not come out`
              : `${name}: ${listed([...new Set(laid.clashes.map((c) => lower(c.name)))])} on a stile`,
          measured: past
            ? `ends at ${facts.says.length(s.endMm)} on ${facts.says.length(wall.lengthMm)}`
            : small
              ? `fields of ${facts.says.length(laid.fieldMm)}`
              : listed(
                  laid.clashes.map(
                    (c) => `stile ${c.stile} over ${lower(c.name)} by ${facts.says.length(c.overMm)}`,
                  ),
                ),
          wanted: past ? facts.says.length(Math.floor(wall.lengthMm)) : 'equal fields, nothing on a stile',
          because: 'Panels want equal gaps, and a socket sits in a field or not at all.',
          fixes: past
            ? [
                {
                  label: 'End it at the corner',
                  changes: [put('panelLayouts', s.id, { endMm: Math.floor(wall.lengthMm) })],
                },
              ]
            : count === undefined
              ? []
              : [
                  {
                    label: `${count} fields of ${facts.says.length(layPanels({ ...s, count }).fieldMm)}`,
                    changes: [put('panelLayouts', s.id, { count })],
                  },
                ],
        },
      ]
    }),
}
