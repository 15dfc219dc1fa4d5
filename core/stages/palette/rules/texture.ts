import { type PaletteFacts, seen, type FinishFacts } from '../paletteFacts.js'
import type { Finding, Fix, Rule } from '../../../findings/finding.js'
import { chroma } from '../../../kernel/color/lab.js'
import { changeable, othersInstead } from './about.js'

// A neutral scheme: nine tenths of what is seen under this chroma. It lives by texture (common practice).
const NEUTRAL_CHROMA = 14

const NEUTRAL_PART = 0.9

const LEAST_TEXTURES = 3

const LEAST_SHARE = 0.01

function check(facts: PaletteFacts): Finding[] {
  const list = seen(facts)
  if (list.length < 3) return []
  const quiet = list.filter((f) => chroma(f.lab) < NEUTRAL_CHROMA).reduce((sum, f) => sum + f.share, 0)
  if (quiet < NEUTRAL_PART) return []
  const textures = new Set(list.filter((f) => f.share >= LEAST_SHARE).map((f) => f.finish.texture))
  if (textures.size >= LEAST_TEXTURES) return []
  return [
    {
      rule: 'palette.texture',
      severity: 'note',
      about: [],
      title: 'A quiet palette without texture goes flat',
      measured: `${Math.round(100 * quiet)} % is near-neutral, in ${textures.size === 1 ? 'one texture' : `${textures.size} textures`}: ${[...textures].join(', ')}`,
      wanted: `at least ${LEAST_TEXTURES}`,
      because:
        'Rough against smooth, matte against shine, leather with timber with metal take the place of color.',
      fixes: roughen(facts, textures),
    },
  ]
}

/** A cloth of another texture for the largest cloth, where that makes enough of them. */
function roughen(facts: PaletteFacts, textures: ReadonlySet<string>): Fix[] {
  if (textures.size < LEAST_TEXTURES - 1) return []
  const shared = (f: FinishFacts) =>
    seen(facts).filter((o) => o.finish.texture === f.finish.texture && o.share >= LEAST_SHARE)
  const [cloth] = seen(facts).filter(
    (f) => f.finish.material === 'textile' && changeable(facts, f) && shared(f).length > 1,
  )
  return cloth
    ? othersInstead(
        facts,
        cloth,
        (o) =>
          o.finish.material === 'textile' &&
          !textures.has(o.finish.texture) &&
          chroma(o.lab) < NEUTRAL_CHROMA,
        (o) => Math.abs(o.lab.l - cloth.lab.l),
        1,
      )
    : []
}

export const texture: Rule<PaletteFacts> = {
  name: 'palette.texture',
  title: 'A neutral scheme with too little texture',
  numbers: `${100 * NEUTRAL_PART} % of what is seen under chroma ${NEUTRAL_CHROMA}, and fewer than ${LEAST_TEXTURES} textures among finishes of ${100 * LEAST_SHARE} % and more.`,
  source: 'common practice',
  schools: 'all',
  check,
}
