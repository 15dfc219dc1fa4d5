import { type PaletteFacts, seen } from '../paletteFacts.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import { rankMetals, warmthGap } from '../metals.js'
import { finishRef } from './about.js'
import { wearInstead } from './wearInstead.js'

function coldMetal(facts: PaletteFacts): Finding[] {
  const kept = seen(facts).filter(
    (f) => f.finish.role === 'stays' && ['tile', 'stone'].includes(f.finish.material),
  )
  const worn = seen(facts).filter((f) => f.undertone.family === 'metal' && f.undertone.word !== 'none')
  return kept.slice(0, 1).flatMap((tile) =>
    worn.flatMap((metal): Finding[] => {
      const others = rankMetals(
        tile.lab,
        facts.finishes.filter((f) => f.undertone.family === 'metal'),
        (f) => f.lab,
      )
      const best = others[0]
      if (!best || best === metal || warmthGap(tile.lab, metal.lab) - warmthGap(tile.lab, best.lab) < 4)
        return []
      return [
        {
          rule: 'palette.metal-warmth',
          severity: 'note',
          about: [finishRef(metal), finishRef(tile)],
          title: `${best.finish.name} would agree better with ${tile.finish.name}`,
          measured: `${metal.finish.name} b* ${facts.says.number(metal.lab.b)}, ${best.finish.name} ${facts.says.number(best.lab.b)}, ${tile.finish.name} ${facts.says.number(tile.lab.b)} (warm above, cool below 0)`,
          wanted: 'the metal nearest in warmth to what stays',
          because: 'What stays is the judge. This is a rank, not a fault.',
          fixes: [wearInstead(facts, metal, best) ?? []].flat(),
        },
      ]
    }),
  )
}

export const metalWarmth: Rule<PaletteFacts> = {
  name: 'palette.metal-warmth',
  title: 'A metal cooler or warmer than the tile or stone that stays',
  numbers: 'Another metal of the job is nearer to the kept tile by 4 in a*b*. A lower rank, not an error.',
  source: 'common practice',
  schools: 'all',
  check: coldMetal,
}
