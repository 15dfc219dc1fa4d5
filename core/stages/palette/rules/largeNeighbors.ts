import type { PaletteFacts } from '../paletteFacts.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import { pairsSeen, changeable, othersInstead, finishRef } from './about.js'
import { nearNeutral, HUE_GAP_LIMIT, SEEN_HUE_DISTANCE } from '../undertone.js'
import { leaningOf } from '../pairs.js'

// From a twelfth of what is seen a finish is a neighbor of everything (common practice).
const LARGE = 0.08

function check(facts: PaletteFacts): Finding[] {
  return pairsSeen(facts).flatMap(([one, two]): Finding[] => {
    const [f, g] = [one.undertone.family, two.undertone.family]
    // Within one family the clash rule speaks.
    if (one.share < LARGE || two.share < LARGE || f === g || !nearNeutral(f) || !nearNeutral(g)) return []
    const leaning = leaningOf(one, two)
    if (!leaning?.clash) return []
    // Two that both stay were chosen by nobody: what comes is held against each of them.
    if (![one, two].some((x) => changeable(facts, x))) return []
    const fixes = [two, one]
      .filter((x) => changeable(facts, x))
      .flatMap((x) => {
        const other = x === two ? one : two
        return othersInstead(
          facts,
          x,
          (o) => o.finish.material === x.finish.material && o !== other && !leaningOf(o, other)?.clash,
          (o) => Math.abs(o.lab.l - x.lab.l),
          1,
        )
      })
    return [
      {
        rule: 'palette.large-neighbors',
        severity: 'look',
        about: [finishRef(one), finishRef(two)],
        title: `${one.finish.name} leans ${leaning.words[0]}, ${two.finish.name} leans ${leaning.words[1]}`,
        measured: `${Math.round(leaning.gapDeg)}° apart, on ${facts.says.percent(one.share)} and ${facts.says.percent(two.share)} of what is seen`,
        wanted: `within ${leaning.limitDeg}°`,
        because:
          'A white and a grey that large are held against each other from every seat, whatever they are called.',
        fixes,
      },
    ]
  })
}

export const largeNeighbors: Rule<PaletteFacts> = {
  name: 'palette.large-neighbors',
  title: 'Large near-neutral neighbors whose undertones disagree',
  numbers: `White against grey, each over ${100 * LARGE} % of what is seen: one of which can change; hues farther apart than ${HUE_GAP_LIMIT.grey ?? 0}°, and ΔH*ab at least ${SEEN_HUE_DISTANCE}.`,
  source: 'common practice',
  schools: 'all',
  check,
}
