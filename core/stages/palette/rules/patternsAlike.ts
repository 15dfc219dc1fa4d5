import type { FinishFacts, PaletteFacts } from '../paletteFacts.js'
import type { Rule, Finding } from '../../../findings/finding.js'
import { patterned, plain } from './patterns.js'
import { finishRef } from './about.js'

const SCALE_STEP = 1.6

/** How many times one repeat is the other; undefined for different kinds, or while a repeat is not known. */
function scaleStep(one: FinishFacts, two: FinishFacts): number | undefined {
  const [p, q] = [one.finish.patternRepeatMm, two.finish.patternRepeatMm]
  if (one.finish.patternKind !== two.finish.patternKind || p == null || q == null) return undefined
  return Math.max(p, q) / Math.min(p, q)
}

export const patternsAlike: Rule<PaletteFacts> = {
  name: 'palette.patterns-alike',
  title: 'Two patterns of one kind and size',
  numbers: `Same kind, and repeats less than ${SCALE_STEP} times apart.`,
  source: 'common practice',
  schools: 'all',
  check: (facts) => {
    const list = patterned(facts)
    return list.flatMap((one, i) =>
      list.slice(i + 1).flatMap((two): Finding[] => {
        const step = scaleStep(one, two)
        if (step === undefined || step >= SCALE_STEP) return []
        return [
          {
            rule: 'palette.patterns-alike',
            severity: 'look',
            about: [finishRef(one), finishRef(two)],
            title: `${one.finish.name} and ${two.finish.name}: the same pattern at the same size`,
            measured: `both ${one.finish.patternKind}, repeats ${facts.says.drawn(one.finish.patternRepeatMm ?? 0)} and ${facts.says.length(two.finish.patternRepeatMm ?? 0)}`,
            wanted: `another kind, or ${SCALE_STEP} times the size`,
            because: 'Patterns mix by kind and scale; a second of the same kind and size adds nothing.',
            fixes: [two, one].map(plain),
          },
        ]
      }),
    )
  },
}
