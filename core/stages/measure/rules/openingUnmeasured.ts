import type { Finding, Rule } from '../../../findings/finding.js'
import { listed } from '../../../kernel/listed.js'
import { unmeasured } from '../../../model/openingSize.js'
import type { MeasureFacts } from '../measureFacts.js'

export const openingUnmeasured: Rule<MeasureFacts> = {
  name: 'measure.opening-unmeasured',
  title: 'Openings that are not measured',
  numbers: 'Width, height or sill of a door, a window or an opening is empty.',
  source: 'common practice',
  schools: 'all',
  check: ({ measures: { openings }, nameOf }) => {
    const open = openings.flatMap((o) => {
      const sides = unmeasured(o)
      return sides.length > 0
        ? [{ o, says: `${listed(sides)} of ${o.name || o.kind}, ${nameOf(o.wallId)}` }]
        : []
    })
    if (open.length === 0) return []
    const [first] = open
    const finding: Finding = {
      rule: 'measure.opening-unmeasured',
      severity: 'look',
      about: open.map(({ o }) => ({ kind: 'opening', id: o.id, name: o.name || o.kind })),
      title:
        open.length === 1
          ? `${first?.o.name || first?.o.kind || ''} is not measured`
          : `${open.length} openings are not measured`,
      measured: `Not known: ${open.map((x) => x.says).join('; ')}`,
      wanted: 'measured in the room, at three places, the least taken',
      because:
        'Until then it is drawn, and areas are reckoned, as such an opening usually is; what is cut to it waits.',
      fixes: [],
    }
    return [finding]
  },
}
