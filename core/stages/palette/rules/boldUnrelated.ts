import { type FinishFacts, colorsOf, type PaletteFacts, seen } from '../paletteFacts.js'
import { deltaE00 } from '../../../kernel/color/lab.js'
import type { Rule, Finding } from '../../../findings/finding.js'
import { changeable, finishRef, othersInstead } from './about.js'

// A pattern is bold when its colors lie this far apart in lightness; it carries what stays when one of its colors is
// this near to it; what stays is asked when it is not small (common practice).
const BOLD_SPAN = 40

const CARRIES = 10

const LEAST_SHARE = 0.05

const span = (f: FinishFacts): number => {
  const lights = colorsOf(f.finish).map((c) => c.lab.l)
  return Math.max(...lights) - Math.min(...lights)
}

/** The least ΔE00 from any color of a finish to any color of what stays. */
const nearest = (f: FinishFacts, kept: readonly FinishFacts[]): number =>
  Math.min(
    ...kept.flatMap((k) =>
      colorsOf(k.finish).flatMap((c) => colorsOf(f.finish).map((own) => deltaE00(own.lab, c.lab))),
    ),
  )

export const boldUnrelated: Rule<PaletteFacts> = {
  name: 'palette.bold-unrelated',
  title: 'A bold pattern that carries nothing of what stays',
  numbers: `Patterns whose colors lie ${BOLD_SPAN} apart in lightness or more, none of them within ΔE00 ${CARRIES} of a color that stays and is ${100 * LEAST_SHARE} % of what is seen. Boldness itself is no fault.`,
  source: 'common practice',
  schools: 'all',
  check: (facts) => {
    const list = seen(facts)
    const kept = list.filter((f) => f.finish.role === 'stays' && f.share >= LEAST_SHARE)
    if (kept.length === 0) return []
    return list
      .filter((f) => f.finish.patternKind !== 'none' && span(f) >= BOLD_SPAN && changeable(facts, f))
      .flatMap((f): Finding[] => {
        const gap = nearest(f, kept)
        if (gap <= CARRIES) return []
        return [
          {
            rule: 'palette.bold-unrelated',
            severity: 'look',
            about: [finishRef(f), ...kept.map(finishRef)],
            title: `${f.finish.name} is bold and carries nothing of what stays`,
            measured: `nearest color ΔE00 ${facts.says.number(gap, 1)} from what stays`,
            wanted: `one color within ΔE00 ${CARRIES}`,
            because:
              'A bold pattern is welcome when it holds the color of what cannot be changed; without it the two compete.',
            fixes: othersInstead(
              facts,
              f,
              (o) => o.finish.role !== 'stays' && nearest(o, kept) <= CARRIES,
              (o) => nearest(o, kept),
            ),
          },
        ]
      })
  },
}
