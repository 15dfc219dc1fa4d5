import type { Rule, Finding } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { inBox } from '../../../kernel/geometry/box.js'
import { nearTub } from '../light/photometry.js'
import { ref, lower } from './about.js'
import { nudge } from '../nudge.js'

export const wetLamp: Rule<PlanFacts> = {
  name: 'plan.wet-lamp',
  title: 'A lamp near a bath or shower',
  numbers:
    'Zone 2 reaches 600 mm beyond a bath or shower, up to 2 250 mm (IEC 60364-7-701): at least IPX4. Hanging lamps also keep 914 mm beside and 2 438 mm above the rim (NEC 410.10(D)).',
  source: 'IEC 60364-7-701 and NEC 410.10(D), both from memory; a licensed electrician decides',
  schools: 'all',
  caution: true,
  check: (facts) => {
    const wet = facts.standings.filter((s) => s.sanitary === 'bath' || s.sanitary === 'shower')
    return wet.flatMap((tub) =>
      facts.standings
        .filter((s) => s.kind === 'lamp')
        .flatMap((lamp): Finding[] => {
          const at = inBox(tub.box, lamp.box)
          const beside = Math.max(
            0,
            Math.abs(at.x) - tub.box.halfW - lamp.box.halfW,
            Math.abs(at.y) - tub.box.halfD - lamp.box.halfD,
          )
          const above = lamp.raisedMm - tub.heightMm
          if (!(beside < 600 && lamp.raisedMm < 2_250) && !nearTub(beside, above)) return []
          return [
            {
              rule: 'plan.wet-lamp',
              severity: 'stop',
              about: [ref(lamp), ref(tub)],
              title: `${lamp.name} hangs or stands ${facts.says.length(beside)} from ${lower(tub.name)}`,
              measured: `${facts.says.length(beside)} beside, ${facts.says.length(Math.max(0, above))} above`,
              quantity: { value: beside, better: 'more' },
              wanted: 'outside the zones, or a fitting rated for them',
              because: 'Water and current. Ask zone and rating; a licensed electrician decides.',
              fixes: nudge(facts, lamp, (m) => {
                const q = inBox(tub.box, m.box)
                return (
                  Math.max(
                    Math.abs(q.x) - tub.box.halfW - m.box.halfW,
                    Math.abs(q.y) - tub.box.halfD - m.box.halfD,
                  ) >= 915
                )
              }),
            },
          ]
        }),
    )
  },
}
