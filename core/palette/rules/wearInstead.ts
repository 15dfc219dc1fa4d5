import type { Mend } from '../../findings/finding.js'
import { wearers, type FinishFacts, type PaletteFacts } from '../paletteFacts.js'

/**
 * The mend that gives everything wearing one finish another instead. Undefined when something that wears it
 * cannot be given another: a piece or finish that stays.
 */
export function wearInstead(facts: PaletteFacts, from: FinishFacts, to: FinishFacts): Mend | undefined {
  if (from.finish.role === 'stays') return undefined
  const { placements, pieces } = wearers(facts, from.finish.id)
  if (placements.length + pieces.length === 0 || pieces.some((p) => p.stays || p.sentimental))
    return undefined
  const names = from.where.map((w) => w.name.toLowerCase()).join(', ')
  return {
    label: `Use ${to.finish.name} for ${names}`,
    changes: [
      ...placements.map((p) => ({ collection: 'placements', id: p.id, set: { finishId: to.finish.id } })),
      ...pieces.map((p) =>
        p.dressingId
          ? { collection: 'dressings', id: p.dressingId, set: { finishId: to.finish.id } }
          : { collection: 'pieces', id: p.id, set: { finishId: to.finish.id } },
      ),
    ],
  }
}
