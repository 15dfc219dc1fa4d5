import type { Rule } from '../../../findings/finding.js'
import { type PaletteFacts, type FinishFacts, colorsOf } from '../paletteFacts.js'
import { patterned, plain } from './patterns.js'
import { repeats } from './accents.js'
import { finishRef } from './about.js'

export const patternSharesNoColor: Rule<PaletteFacts> = {
  name: 'palette.pattern-shares-no-color',
  title: 'A pattern with no color in common with the others',
  numbers: 'None of its colors is held by another pattern, within 25° of hue and 25 of lightness.',
  source: 'common practice',
  schools: 'all',
  check: (facts) => {
    const list = patterned(facts)
    const shares = (one: FinishFacts, two: FinishFacts) =>
      colorsOf(one.finish).some((c) => colorsOf(two.finish).some((d) => repeats(c.lab, d.lab)))
    const strays = list.filter((f) => list.length > 1 && list.every((o) => o === f || !shares(f, o)))
    // Of two that share nothing with each other the smaller is the stray.
    return strays.slice(-1).map((f) => ({
      rule: 'palette.pattern-shares-no-color',
      severity: 'look',
      about: [finishRef(f)],
      title: `${f.finish.name} shares no color with the other patterns`,
      measured: `${list.length} patterns`,
      wanted: 'a color in common',
      because: 'Different patterns live together by a color they share.',
      fixes: [plain(f)],
    }))
  },
}
