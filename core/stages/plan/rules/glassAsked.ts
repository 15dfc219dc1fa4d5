import type { Finding, Rule } from '../../../findings/finding.js'
import type { PieceKind } from '../../../model/vocabulary/piece.js'
import type { PlanFacts } from '../planFacts.js'
import { has } from './about.js'
import { askOf } from './asked.js'

/** What one leans on, walks into or falls against. */
const WALKED_INTO: ReadonlySet<PieceKind> = new Set<PieceKind>([
  'table',
  'low table',
  'side table',
  'desk',
  'cabinet',
  'wardrobe',
  'shelves',
  'screen',
  'other',
])

// Up to here an edge meets the head of a child that stands or runs (common practice).
const CHILD_HEAD_MM = 900

export const glassAsked: Rule<PlanFacts> = {
  name: 'plan.glass',
  title: 'Glass tops, doors and panels',
  numbers: `Tables, storage and screens of clear glass, until it is known to be tempered or laminated; with children, edges up to ${CHILD_HEAD_MM} mm are named.`,
  source: 'common practice; local code decides where safety glazing is asked for',
  schools: 'all',
  caution: true,
  check: (facts) =>
    facts.pieces.flatMap((p): Finding[] => {
      if (!WALKED_INTO.has(p.kind) || !p.glass || has(p, 'tempered or laminated glass')) return []
      const atHead = facts.household.children && p.heightMm <= CHILD_HEAD_MM
      return [
        askOf(p, {
          rule: 'plan.glass',
          title: `Is the glass of ${p.name} tempered or laminated?`,
          measured: `not known${atHead ? `, its edge ${facts.says.length(p.heightMm)} high` : ''}`,
          wanted: `tempered or laminated glass${atHead ? ', edges rounded or covered at a child’s height' : ''}`,
          because: 'Plain glass breaks into blades.',
          answers: [{ label: 'It is tempered or laminated', add: ['tempered or laminated glass'] }],
        }),
      ]
    }),
}
