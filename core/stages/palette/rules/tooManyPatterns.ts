import type { Rule } from '../../../findings/finding.js'
import type { PaletteFacts } from '../paletteFacts.js'
import { patterned, plain } from './patterns.js'
import { finishRef } from './about.js'

// Three patterns are usual (common practice); two of a kind need a step in scale to be told apart.
const MOST = 3

export const tooManyPatterns: Rule<PaletteFacts> = {
  name: 'palette.too-many-patterns',
  title: 'More patterns than usual',
  numbers: `More than ${MOST} patterned finishes that are seen.`,
  source: 'common practice',
  schools: 'all',
  check: (facts) => {
    const list = patterned(facts)
    if (list.length <= MOST) return []
    const spare = list.slice(MOST)
    return [
      {
        rule: 'palette.too-many-patterns',
        severity: 'look',
        about: list.map(finishRef),
        title: `${list.length} patterns`,
        measured: list.map((f) => f.finish.patternKind).join(', '),
        wanted: `at most ${MOST}`,
        because: 'Three patterns are usual; more need an eye that means it.',
        fixes: [
          {
            label: spare.map((f) => plain(f).label).join('; '),
            changes: spare.flatMap((f) => plain(f).changes),
          },
        ],
      },
    ]
  },
}
