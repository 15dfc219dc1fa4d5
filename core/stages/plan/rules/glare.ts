import type { Finding, Rule } from '../../../findings/finding.js'
import type { PlanFacts } from '../planFacts.js'
import { filtersUv, glazingFor, lowReflection } from '../walls/framing.js'
import { framed, set } from './frames.js'
import { hungRef, lower } from './about.js'
import { capital } from '../../../kernel/capital.js'

export const glare: Rule<PlanFacts> = {
  name: 'plan.glare',
  title: 'Glass that mirrors the room',
  numbers: 'Glazing of normal shine on a picture in which reflections are seen from where one stands.',
  source: 'common practice',
  schools: 'all',
  check: (facts) =>
    framed(facts)
      .filter((h) => h.frame.glare && h.frame.glazing !== 'none' && !lowReflection(h.frame.glazing))
      .map((h): Finding => ({
        rule: 'plan.glare',
        severity: 'note',
        about: [hungRef(h)],
        title: `The glass of ${lower(h.name)} mirrors the room`,
        measured: h.frame.glazing,
        wanted: 'low-reflection glass, or another place',
        because: 'What it mirrors hides the picture; against ultraviolet is a choice apart.',
        fixes: glazingFor(filtersUv(h.frame.glazing), true)
          .slice(0, 2)
          .map((glazing) => set(h, { glazing }, capital(glazing))),
      })),
}
