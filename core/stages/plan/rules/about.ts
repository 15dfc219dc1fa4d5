import { put } from '../../../model/changes.js'
import type { Ref } from '../../../findings/finding.js'
import type { Hung, PlanFacts } from '../planFacts.js'
import type { PlanPiece, Standing } from '../standing.js'

export const ref = (s: Standing): Ref => ({ kind: 'stand', id: s.id, name: s.name })
export const hungRef = (h: Hung): Ref => ({ kind: 'hang', id: h.id, name: h.name })
export const pieceRef = (p: PlanPiece): Ref => ({ kind: 'piece', id: p.id, name: p.name })
export const wallRef = (facts: PlanFacts, wallId: string): Ref => ({
  kind: 'wall',
  id: wallId,
  name: facts.room.walls.find((w) => w.id === wallId)?.name ?? 'Wall',
})
export const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1)
export const has = (p: PlanPiece, ...traits: PlanPiece['traits']): boolean =>
  traits.some((t) => p.traits.includes(t))
/** A fix that adds facts to a piece. */
export const withTraits = (
  p: PlanPiece,
  label: string,
  add: PlanPiece['traits'],
  drop: PlanPiece['traits'] = [],
) => ({
  label,
  changes: [
    put('pieces', p.id, {
      traits: [...p.traits.filter((t) => !drop.includes(t) && !add.includes(t)), ...add],
    }),
  ],
})
/** Names in a sentence: a, b and c. */
export const listed = (names: readonly string[]): string =>
  names.length < 2
    ? (names[0] ?? '')
    : `${names.slice(0, -1).join(', ')} and ${names[names.length - 1] ?? ''}`
