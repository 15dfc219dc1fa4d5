import type { Hung, PlanFacts } from '../planFacts.js'
import { put } from '../../../model/changes.js'
import type { Avoided } from '../walls/layPanels.js'

type Framed = Hung & { readonly frame: NonNullable<Hung['frame']> }

export const framed = (facts: PlanFacts): Framed[] =>
  facts.wallPlacements.filter((h): h is Framed => h.frame !== undefined)

export const set = (h: Framed, fields: Readonly<Record<string, unknown>>, label: string) => ({
  label,
  changes: [put('frames', h.frame.id, fields)],
})

/** The same for the frames of several. */
export const setAll = (
  group: readonly Framed[],
  fields: Readonly<Record<string, unknown>>,
  label: string,
) => ({
  label,
  changes: [...new Set(group.map((h) => h.frame.id))].map((id) => put('frames', id, fields)),
})

/** Sockets and switches of a wall, which a stile must not meet. */
export const avoidedOn = (facts: PlanFacts, wallId: string): Avoided[] =>
  facts.room.fixtures
    .filter((f) => f.wallId === wallId && (f.kind === 'socket' || f.kind === 'switch'))
    .map((f) => ({
      name: f.name || f.kind,
      leftMm: f.startMm,
      rightMm: f.startMm + f.widthMm,
      bottomMm: f.bottomMm,
      topMm: f.bottomMm + f.heightMm,
    }))
