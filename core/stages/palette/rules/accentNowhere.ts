import type { Finding, Rule } from '../../../findings/finding.js'
import type { PaletteFacts } from '../paletteFacts.js'
import { accentSource, threads } from '../accentSource.js'
import { hueWord } from '../undertone.js'
import { hueDeg } from '../../../kernel/color/lab.js'
import { accentGroups, echoes } from './accents.js'
import { finishRef, othersInstead } from './about.js'

export const accentNowhere: Rule<PaletteFacts> = {
  name: 'palette.accent-nowhere',
  title: 'An accent that comes from nowhere',
  numbers:
    'Where a patterned finish is seen: an accent of a hue that no thread of it, no color pulled out of a picture and nothing that stays carries, within 25° of hue and 25 of lightness.',
  source: 'common practice',
  schools: 'all',
  check: (facts) => {
    const offered = threads(facts)
    if (offered.length === 0) return []
    return accentGroups(facts).flatMap((group): Finding[] => {
      const [first] = group
      if (!first || group.some((f) => accentSource(facts, f))) return []
      const [best] = offered
      return [
        {
          rule: 'palette.accent-nowhere',
          severity: 'note',
          about: group.map(finishRef),
          title: `${first.finish.name} comes from nowhere`,
          measured: 'no source in a pattern, a picture or what stays',
          wanted: best
            ? `an accent lifted from a thread: ${hueWord(hueDeg(best.lab))}, ${facts.says.percent(best.part)} of ${best.finish.finish.name}`
            : 'a color that is there already',
          because: 'Best is a color already present as a thread in a main fabric: it ties the accent in.',
          fixes: othersInstead(
            facts,
            first,
            (o) => o.finish.material === first.finish.material && offered.some((th) => echoes(th.lab, o.lab)),
            (o) => o.areaMm2,
          ),
        },
      ]
    })
  },
}
