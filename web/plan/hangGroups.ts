import type { RowChange } from '@bonitas/core/findings/finding'
import type { Hung, PlanFacts } from '@bonitas/core/stages/plan/planFacts'
import { furnitureUnder } from '@bonitas/core/stages/plan/rules/hanging'
import {
  gridOf,
  groupCentered,
  groupOutline,
  stackUp,
  staggered,
} from '@bonitas/core/stages/plan/walls/hanging'
import { t } from './words.js'

export const LAYOUTS = ['row on the eye line', 'grid', 'staggered', 'stacked'] as const
export type Layout = (typeof LAYOUTS)[number]

/** The middle a group is laid about: of the furniture under it, or of the wall. */
export function middleOf(facts: PlanFacts, group: readonly Hung[]): number {
  const [first] = group
  if (!first) return 0
  const outline = groupOutline(group)
  const under = furnitureUnder(facts, {
    wallId: first.wallId,
    xMm: (outline.leftMm + outline.rightMm) / 2,
    widthMm: outline.widthMm,
  })
  const wall = facts.room.walls.find((w) => w.id === first.wallId)
  return under ? (under.leftMm + under.rightMm) / 2 : (wall?.lengthMm ?? 0) / 2
}

/** Lays a group out: the places of its pieces, left to right, as one step. */
export function layGroup(
  facts: PlanFacts,
  group: readonly Hung[],
  layout: Layout,
  gapMm: number,
): RowChange[] {
  const sorted = [...group].sort((a, b) => a.xMm - b.xMm || b.centerMm - a.centerMm)
  const middle = middleOf(facts, sorted)
  const eye = facts.eyeLineMm
  const [first] = sorted
  if (!first) return []
  const put = (h: Hung, xMm: number, centerMm: number): RowChange => ({
    collection: 'wallPlacements',
    id: h.id,
    set: {
      xMm: Math.round(xMm),
      centerMm: Math.round(centerMm),
      ...(sorted.length > 1 && h.row.group === '' ? { group: t('group') } : {}),
    },
  })
  if (layout === 'stacked') {
    const up = [...sorted].sort((a, b) => a.centerMm - b.centerMm)
    const at = stackUp(
      eye,
      up.map((h) => h.heightMm),
      gapMm,
    )
    return up.map((h, i) => put(h, middle, at[i] ?? eye))
  }
  if (layout === 'grid') {
    const columns = Math.ceil(Math.sqrt(sorted.length * 1.5))
    const rows = Math.ceil(sorted.length / columns)
    const widthMm = Math.max(...sorted.map((h) => h.widthMm))
    const heightMm = Math.max(...sorted.map((h) => h.heightMm))
    const { places } = gridOf({ rows, columns, widthMm, heightMm, gapMm, centerXMm: middle, centerMm: eye })
    return sorted.map((h, i) => put(h, places[i]?.xMm ?? middle, places[i]?.centerMm ?? eye))
  }
  const row = groupCentered(
    0,
    sorted.map((h) => h.widthMm),
    gapMm,
  )
  const xs = row.centers.map((c) => middle + c)
  if (layout === 'row on the eye line') return sorted.map((h, i) => put(h, xs[i] ?? middle, eye))
  // Pairs about the middle, each next one up and down by a hand.
  const half = Math.floor(sorted.length / 2)
  const offsets = Array.from({ length: half }, (_, i) => (xs[sorted.length - half + i] ?? middle) - middle)
  const heights = offsets.map((_, i) => eye + (i % 2 === 0 ? -120 : 120))
  const placed = [
    ...staggered(middle, offsets, heights),
    ...(sorted.length % 2 === 1 ? [{ xMm: middle, centerMm: eye + 120 }] : []),
  ].sort((a, b) => a.xMm - b.xMm)
  return sorted.map((h, i) => put(h, placed[i]?.xMm ?? middle, placed[i]?.centerMm ?? eye))
}
