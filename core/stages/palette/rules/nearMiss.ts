import {
  type FinishFacts,
  type PaletteFacts,
  MATCH_DELTA_E,
  MATCH_SAME_DELTA_E,
  CLEAR_DELTA_E,
  likeness,
  matchLimit,
} from '../paletteFacts.js'
import type { Finding, Rule } from '../../../findings/finding.js'
import { pairsSeen, changeable, finishRef, othersInstead } from './about.js'
import { comparePair } from '../pairs.js'
import { STEP_L, stepOfOneHue } from '../toneOnTone.js'

// Cloth, leather, paper and paint are chosen by color and so held to it; timber, stone and metal vary by nature.
const CHOSEN: readonly string[] = ['paint', 'wallpaper', 'textile', 'leather']

// Less than this of what is seen is a trifle (common practice).
const LEAST_SHARE = 0.003

/** Walls, ceiling and trim against each other are the trim rule's. */
const onSurfacesOnly = (f: FinishFacts) => f.where.every((w) => w.kind === 'surface')

/** Nobody holds a cushion against the ceiling or the skirting. */
const overhead = (f: FinishFacts) =>
  f.where.every((w) => w.kind === 'surface' && ['ceiling', 'trim', 'doors'].includes(w.id))

function check(facts: PaletteFacts): Finding[] {
  return pairsSeen(facts).flatMap(([one, two]): Finding[] => {
    if (one.share < LEAST_SHARE || two.share < LEAST_SHARE) return []
    if (!CHOSEN.includes(one.finish.material) || !CHOSEN.includes(two.finish.material)) return []
    if ((onSurfacesOnly(one) && onSurfacesOnly(two)) || overhead(one) || overhead(two)) return []
    // An undertone that clashes is the graver fault and is said alone.
    const pair = comparePair(one, two)
    if (pair.verdict !== 'near miss') return []
    // Whites beside each other are steps of one family: wanted, and safe.
    if (one.undertone.family === 'white' && two.undertone.family === 'white') return []
    // Neither was chosen for this room.
    if (!changeable(facts, one) && !changeable(facts, two)) return []
    if (stepOfOneHue(one.lab, two.lab)) return []
    const change = changeable(facts, two) ? two : one
    const beside = change === two ? one : two
    return [
      {
        rule: 'palette.near-miss',
        severity: 'look',
        about: [finishRef(one), finishRef(two)],
        title: `${one.finish.name} and ${two.finish.name}: near miss`,
        measured: `ΔE00 ${facts.says.number(pair.deltaE, 1)}`,
        wanted: `up to ${matchLimit(one.finish, two.finish)}, or from ${CLEAR_DELTA_E} on`,
        because: 'Too far to match, too close to contrast: it looks like a mistake. Go nearer or go farther.',
        fixes: changeable(facts, change)
          ? othersInstead(
              facts,
              change,
              (o) =>
                o === beside ||
                (CHOSEN.includes(o.finish.material) && comparePair(o, beside).verdict !== 'near miss'),
              (o) => (o === beside ? 0 : likeness(o.lab, change.lab).deltaE),
            )
          : [],
      },
    ]
  })
}

export const nearMiss: Rule<PaletteFacts> = {
  name: 'palette.near-miss',
  title: 'Two colors too far to match and too close to contrast',
  numbers: `ΔE00 between ${MATCH_DELTA_E} (${MATCH_SAME_DELTA_E} in one material and sheen) and ${CLEAR_DELTA_E} among cloth, leather, paper and paint in one view, the ceiling and woodwork, two whites and steps of one hue (${STEP_L} L* and more apart) left out; two that both stay are no choice; each at least ${100 * LEAST_SHARE} % of what is seen.`,
  source: 'common practice',
  schools: 'all',
  check,
}
