import { type Family, compareUndertone, HUE_GAP_LIMIT, SEEN_HUE_DISTANCE } from '../undertone.js'
import type { FinishFacts, PaletteFacts } from '../paletteFacts.js'
import type { Finding, Fix, Rule } from '../../../findings/finding.js'
import { keptAsIs } from './inheritedApart.js'
import { wearInstead } from './wearInstead.js'
import { changeable } from './about.js'

const FAMILY_WORDS: Readonly<Partial<Record<Family, string>>> = {
  timber: 'Timbers',
  metal: 'Metals',
  white: 'Whites',
  grey: 'Greys',
  foliage: 'Leaves',
}

function clashes(one: FinishFacts, two: FinishFacts) {
  if (one.undertone.family !== two.undertone.family) return undefined
  const leaning = compareUndertone(one.undertone.family, one.lab, two.lab)
  return leaning?.clash ? leaning : undefined
}

/** A finish of the family that agrees with everything placed in it but the one it would replace. */
function standIns(facts: PaletteFacts, replaced: FinishFacts): FinishFacts[] {
  const placed = facts.finishes.filter((f) => f.share > 0 && f !== replaced)
  return facts.finishes
    .filter((f) => f !== replaced && f.finish.material === replaced.finish.material)
    .filter(
      (f) =>
        f.undertone.family === replaced.undertone.family && placed.every((p) => p === f || !clashes(f, p)),
    )
    .sort((x, y) => Math.abs(x.lab.l - replaced.lab.l) - Math.abs(y.lab.l - replaced.lab.l))
}

function check(facts: PaletteFacts): Finding[] {
  const placed = facts.finishes.filter((f) => f.share > 0 && !keptAsIs(facts, f))
  return placed.flatMap((one, i) =>
    placed.slice(i + 1).flatMap((two): Finding[] => {
      const leaning = clashes(one, two)
      if (!leaning) return []
      // What stays is the judge: the finish that can change is the one to fix.
      const fixes = [two, one].flatMap((f) =>
        standIns(facts, f)
          .slice(0, 2)
          .map((to) => wearInstead(facts, f, to)),
      )
      const gap = Math.round(leaning.gapDeg)
      const at = (f: FinishFacts) => `${Math.round(f.undertone.hueDeg)}°`
      return [
        {
          rule: 'palette.undertone-clash',
          severity: [one, two].some((f) => changeable(facts, f)) ? 'stop' : 'note',
          about: [one, two].map((f) => ({ kind: 'finish', id: f.finish.id, name: f.finish.name })),
          title: `${one.finish.name} leans ${leaning.words[0]}, ${two.finish.name} leans ${leaning.words[1]}`,
          measured: `Hue angles ${at(one)} and ${at(two)}, ${gap}° apart at chroma ${Math.round(one.undertone.chroma)} and ${Math.round(two.undertone.chroma)}`,
          wanted: `within ${leaning.limitDeg}°`,
          because: `${FAMILY_WORDS[one.undertone.family] ?? 'Finishes of one family'} in one room are compared with each other; leaning apart they look like a mistake, however alike in lightness.`,
          fixes: fixes.filter((m): m is Fix => m !== undefined),
        },
      ]
    }),
  )
}

export const undertoneClash: Rule<PaletteFacts> = {
  name: 'palette.undertone-clash',
  title: 'Two finishes of one family whose undertones disagree',
  numbers: `Hue angles h_ab (CIELAB, D65) farther apart than ${Object.entries(HUE_GAP_LIMIT)
    .map(([kind, deg]) => `${deg}° in ${kind}`)
    .join(
      ', ',
    )}, and ΔH*ab at least ${SEEN_HUE_DISTANCE}. A note where both stay: nothing can be chosen but what mediates. Silent under chroma 2, and near black.`,
  source: 'common practice',
  schools: 'all',
  check,
}
