import type { Finding, Rule } from '../../../findings/finding.js'
import type { PieceKind } from '../../../model/vocabulary/piece.js'
import type { PlanFacts } from '../planFacts.js'
import type { PlanPiece } from '../standing.js'
import { put } from '../../../model/changes.js'
import { has, listed, lower, pieceRef } from './about.js'
import { askOf } from './asked.js'
import { ASK } from './cautions.js'

// More than a piece of furniture with what is in it (common practice); a piano of the usual kind stays below.
const HEAVY_G = 300_000
// A balcony or a roof carries what it was reckoned for, and soil, stone and water are heavy (common practice).
const HEAVY_OUT_G = 100_000
// Wet soil or water half a meter square and as high is some two hundred kilograms.
const WIDE_OUT_MM2 = 250_000

const FILLED: ReadonlySet<PieceKind> = new Set<PieceKind>(['plant', 'object', 'trunk', 'other'])

/** Wide enough to be heavy with what is in it, and nobody weighed it. */
const unweighed = (p: PlanPiece): boolean =>
  p.weightG === null && FILLED.has(p.kind) && p.widthMm * p.depthMm >= WIDE_OUT_MM2

const BECAUSE = 'Stone, water and soil weigh more than furniture, and a floor bends before it breaks.'
const WANTED = 'a floor that bears it: on the ground, or asked of whoever knows the structure'
const ANSWER = 'It stands on the ground, or the load was asked'

/** Many planters are one question. */
function unweighedThere(facts: PlanFacts): Finding[] {
  const all = facts.pieces.filter((p) => unweighed(p) && !has(p, 'load on the floor asked'))
  return all.length === 0
    ? []
    : [
        {
          rule: 'plan.floor-load',
          severity: 'look',
          about: all.map(pieceRef),
          title: `What carries ${listed(all.map((p) => lower(p.name)))}, full and wet?`,
          measured: 'weight not known',
          wanted: WANTED,
          because: `${BECAUSE} ${ASK}`,
          fixes: [
            {
              label: ANSWER,
              kind: 'answer',
              changes: all.map((p) =>
                put('pieces', p.id, { traits: [...p.traits, 'load on the floor asked'] }),
              ),
            },
          ],
        },
      ]
}

export const floorLoad: Rule<PlanFacts> = {
  name: 'plan.floor-load',
  title: 'A heavy load on a floor, a balcony or a roof',
  numbers: `${HEAVY_G / 1000} kg and more indoors, ${HEAVY_OUT_G / 1000} kg and more outdoors, each; outdoors also planters, basins and stones of unknown weight from a quarter of a square meter, asked as one.`,
  source: 'common practice; a structural engineer decides',
  schools: 'all',
  caution: true,
  check: (facts) => {
    const out = facts.roomKind === 'outdoors' || facts.exposedToWeather
    const limit = out ? HEAVY_OUT_G : HEAVY_G
    const heavy = facts.pieces.flatMap((p): Finding[] =>
      p.weightG === null || p.weightG < limit || has(p, 'load on the floor asked')
        ? []
        : [
            askOf(p, {
              rule: 'plan.floor-load',
              title: `What carries ${lower(p.name)}?`,
              measured: facts.says.weight(p.weightG),
              wanted: WANTED,
              because: BECAUSE,
              answers: [{ label: ANSWER, add: ['load on the floor asked'] }],
            }),
          ],
    )
    return [...heavy, ...(out ? unweighedThere(facts) : [])]
  },
}
