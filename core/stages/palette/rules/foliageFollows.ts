import { type FinishFacts, type PaletteFacts, seen } from '../paletteFacts.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import { chroma } from '../../../kernel/color/lab.js'
import { temperature } from '../undertone.js'
import { finishRef, changeable, othersInstead } from './about.js'

// The green that leans neither way (Natural Color System, elementary green, from memory), and how far from it a leaf
// must lie to be called one or the other (common practice).
const GREEN_DEG = 165

const LEANS_DEG = 15

// A color leads the leaves from this chroma and share (common practice).
const LEAD_CHROMA = 5

const LEAD_SHARE = 0.05

const leans = (f: FinishFacts): 'blue' | 'yellow' | undefined =>
  f.undertone.hueDeg > GREEN_DEG + LEANS_DEG
    ? 'blue'
    : f.undertone.hueDeg < GREEN_DEG - LEANS_DEG
      ? 'yellow'
      : undefined

/** Seen on pictures alone: art carries a color of its own, and leads nothing. */
const isArtOnly = (facts: PaletteFacts, f: FinishFacts): boolean =>
  f.where.length > 0 && f.where.every((w) => facts.pieces.find((p) => p.id === w.id)?.kind === 'picture')

function check(facts: PaletteFacts): Finding[] {
  const leaves = seen(facts).filter((f) => f.undertone.family === 'foliage')
  const lead = seen(facts)
    .filter(
      (f) =>
        f.undertone.family !== 'foliage' &&
        chroma(f.lab) >= LEAD_CHROMA &&
        f.share >= LEAD_SHARE &&
        temperature(f.undertone.hueDeg) === 'cool' &&
        !isArtOnly(facts, f),
    )
    .reduce<FinishFacts | undefined>((most, f) => (most && most.share >= f.share ? most : f), undefined)
  if (!lead) return []
  return leaves
    .filter((leaf) => leans(leaf) === 'yellow')
    .map((leaf): Finding => ({
      rule: 'palette.foliage-follows',
      severity: 'look',
      about: [finishRef(leaf), finishRef(lead)],
      title: `${leaf.finish.name} pulls yellow beside ${lead.finish.name}, which is ${lead.undertone.word}`,
      measured: `Leaves at ${Math.round(leaf.undertone.hueDeg)}°, the large color at ${Math.round(lead.undertone.hueDeg)}°`,
      wanted: `leaves from ${GREEN_DEG - LEANS_DEG}° on, towards blue`,
      because:
        'Greens pull blue or yellow; they follow the nearest large color, and once one is in all others follow it, real and artificial alike.',
      fixes: changeable(facts, leaf)
        ? othersInstead(
            facts,
            leaf,
            (o) => o.undertone.family === 'foliage' && leans(o) !== 'yellow',
            (o) => Math.abs(o.lab.l - leaf.lab.l),
          )
        : [],
    }))
}

export const foliageFollows: Rule<PaletteFacts> = {
  name: 'palette.foliage-follows',
  title: 'Leaves that pull yellow beside a large cool color',
  numbers: `Leaves under ${GREEN_DEG - LEANS_DEG}° beside a blue or green-blue of chroma ${LEAD_CHROMA} and ${100 * LEAD_SHARE} % of what is seen. Green at ${GREEN_DEG}° leans neither way.`,
  source: 'common practice',
  schools: 'all',
  check,
}
