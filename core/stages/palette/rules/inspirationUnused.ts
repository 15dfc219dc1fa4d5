import { type PaletteFacts, seen, colorsOf, likeness } from '../paletteFacts.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import { labOf } from './inspiration.js'
import { addCushion } from './about.js'

const USED = 12

const LEAST_PART = 0.05

function unused(facts: PaletteFacts): Finding[] {
  const list = seen(facts)
  if (list.length === 0) return []
  const lost = facts.sampledColors.filter(
    (p) =>
      p.share >= LEAST_PART &&
      list.every((f) => colorsOf(f.finish).every((c) => likeness(c.lab, labOf(p)).deltaE > USED)),
  )
  if (lost.length === 0) return []
  return [
    {
      rule: 'palette.inspiration-unused',
      severity: 'note',
      about: [],
      title:
        lost.length === 1
          ? `${lost[0]?.name ?? ''} of the inspiration is not used`
          : `${lost.length} colors of the inspiration are not used`,
      measured: lost.map((p) => `${p.name}, ${Math.round(100 * p.share)} % of it`).join('; '),
      wanted: `a finish within ΔE00 ${USED} of each`,
      because: 'The piece that started the room ties it together when its colors come back.',
      fixes: facts.finishes
        .filter(
          (f) =>
            f.share === 0 && lost.length === 1 && lost[0] && likeness(f.lab, labOf(lost[0])).deltaE <= USED,
        )
        .slice(0, 1)
        .map((f) => addCushion(facts, f)),
    },
  ]
}

export const inspirationUnused: Rule<PaletteFacts> = {
  name: 'palette.inspiration-unused',
  title: 'Colors of the inspiration that the room does not use',
  numbers: `Colors pulled out that make ${100 * LEAST_PART} % of it or more, with no finish within ΔE00 ${USED}.`,
  source: 'common practice',
  schools: 'all',
  check: unused,
}
