import { type PaletteFacts, seen, colorsOf } from '../paletteFacts.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import { chroma, hueDeg } from '../../../kernel/color/lab.js'
import { HUE_CHROMA } from '../hueFamilies.js'
import { occurrences, repeats } from './accents.js'
import { hueWord } from '../undertone.js'
import { finishRef, addCushion } from './about.js'

// Less of a pattern than this is a thread nobody misses (common practice).
const LEAST_PART = 0.1

function check(facts: PaletteFacts): Finding[] {
  return seen(facts)
    .filter((f) => f.finish.colors.length > 0 && f.finish.role !== 'foliage')
    .flatMap((f) =>
      colorsOf(f.finish)
        .filter((c) => c.part >= LEAST_PART && chroma(c.lab) >= HUE_CHROMA)
        .flatMap((c): Finding[] => {
          if (occurrences(facts, c.lab).length > 1) return []
          const word = hueWord(hueDeg(c.lab))
          return [
            {
              rule: 'palette.orphan-color',
              severity: 'note',
              about: [finishRef(f)],
              title: `The ${word} of ${f.finish.name} stands alone`,
              measured: `${Math.round(100 * c.part)} % of it, and nowhere else in the room`,
              wanted: 'seen once more',
              because:
                'A color that comes back ties its piece to the room; one cushion or one object is enough.',
              fixes: facts.finishes
                .filter((o) => o.share === 0 && repeats(o.lab, c.lab))
                .slice(0, 1)
                .map((o) => addCushion(facts, o)),
            },
          ]
        }),
    )
}

export const orphanColor: Rule<PaletteFacts> = {
  name: 'palette.orphan-color',
  title: 'A color of a pattern that nothing repeats',
  numbers: `Colors of chroma ${HUE_CHROMA} and more that make at least ${100 * LEAST_PART} % of a patterned finish, held by no other finish within 25° of hue and 25 of lightness. A suggestion, not a fault.`,
  source: 'common practice',
  schools: 'all',
  check,
}
