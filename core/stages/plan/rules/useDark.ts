import type { PlanFacts } from '../planFacts.js'
import type { Rule, Finding } from '../../../findings/finding.js'
import { usePlaces } from '../light/usePlaces.js'
import { ref, lower } from './about.js'

// Less than this part of the target is a look; the eye does not tell a fifth.
const DARK_PART = 0.8

export const useDark: Rule<PlanFacts> = {
  name: 'plan.use-dark',
  title: 'A use without enough light',
  numbers: `Light from the lamps entered, direct and thrown back, under ${DARK_PART * 100} % of the target where the use happens. Silent until a lamp is entered with its lumens, and outdoors.`,
  source:
    'targets: IES categories, EN 12464-1 and customary values for homes, all from memory; inverse square and cosine laws',
  schools: 'all',
  check: (facts) => {
    // Under the sky nobody asks a lamp for what is customary in a room.
    if (facts.lamps.length === 0 || facts.exposedToWeather) return []
    return usePlaces(facts)
      .filter((p) => p.lux < DARK_PART * p.targetLux)
      .map((p): Finding => ({
        rule: 'plan.use-dark',
        severity: 'look',
        about: [ref(p.by), { kind: 'use', id: p.use.id, name: p.use.name }],
        title: `${p.use.name}: ${facts.says.light(p.lux)} at ${lower(p.by.name)}`,
        measured: `${facts.says.light(p.lux)} by lamps alone`,
        wanted: `${facts.says.light(p.targetLux)}: ${p.says}`,
        because:
          'A splendid fitting does not light the book; poor light is made good by several small lamps at eye level.',
        fixes: [],
      }))
  },
}
