import { type PaletteFacts, type FinishFacts, likeness, seen } from '../paletteFacts.js'
import { labOf } from './inspiration.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import { chroma } from '../../../kernel/color/lab.js'
import { HUE_CHROMA } from '../hueFamilies.js'
import { finishRef, othersInstead } from './about.js'

// A color is found in a piece within this, and used by a finish within that (ΔE00, common practice).
const FOUND = 6

const COUNTED: readonly string[] = ['main', 'second', 'accent']

const nearest = (facts: PaletteFacts, f: FinishFacts) =>
  Math.min(...facts.sampledColors.map((p) => likeness(labOf(p), f.lab).deltaE))

function foreign(facts: PaletteFacts): Finding[] {
  if (facts.school !== 'drawn from one piece' || facts.sampledColors.length === 0) return []
  return seen(facts)
    .filter(
      (f) => COUNTED.includes(f.finish.role) && chroma(f.lab) >= HUE_CHROMA && nearest(facts, f) > FOUND,
    )
    .map((f): Finding => ({
      rule: 'palette.not-in-inspiration',
      severity: 'look',
      about: [finishRef(f)],
      title: `${f.finish.name} is not in what inspires the room`,
      measured: `ΔE00 ${facts.says.number(nearest(facts, f), 1)} to the nearest color pulled out of it`,
      wanted: `up to ${FOUND}`,
      because:
        'In this school five colors are fine because all are lifted from one piece; another one is a guest.',
      school: 'drawn from one piece',
      fixes: othersInstead(
        facts,
        f,
        (o) => COUNTED.includes(o.finish.role) && nearest(facts, o) <= FOUND,
        (o) => likeness(o.lab, f.lab).deltaE,
      ),
    }))
}

export const notInInspiration: Rule<PaletteFacts> = {
  name: 'palette.not-in-inspiration',
  title: 'A color that the inspiration does not hold',
  numbers: `ΔE00 over ${FOUND} from every color pulled out of the inspiration, for mains, second and accent of chroma ${HUE_CHROMA} and more.`,
  source: 'common practice',
  schools: ['drawn from one piece'],
  check: foreign,
}
