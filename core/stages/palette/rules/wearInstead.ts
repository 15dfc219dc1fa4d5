import type { Fix } from '../../../findings/finding.js'
import { wearers, type FinishFacts, type PaletteFacts } from '../paletteFacts.js'
import { sharedByAll } from '../schemeView.js'
import { dressChanges, layChanges } from '../wear.js'

/**
 * The fix that gives everything wearing one finish another instead, in the scheme that is followed and no other.
 * Undefined when something that wears it cannot be given another: a piece or finish that stays.
 */
export function wearInstead(facts: PaletteFacts, from: FinishFacts, to: FinishFacts): Fix | undefined {
  if (from.finish.role === 'stays') return undefined
  const { finishAssignments, pieces } = wearers(facts, from.finish.id)
  if (finishAssignments.length + pieces.length === 0 || pieces.some(sharedByAll)) return undefined
  const names = from.where.map((w) => w.name.toLowerCase()).join(', ')
  return {
    label: `Use ${to.finish.name} for ${names}`,
    changes: [
      ...finishAssignments.flatMap((p) => layChanges(facts.rows, facts.scheme, p.surface, to.finish)),
      ...pieces.flatMap((p) => dressChanges(facts.rows, facts.scheme, p, to.finish.id)),
    ],
  }
}
