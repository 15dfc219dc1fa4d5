import { put } from '../../../model/changes.js'
import { roundMm } from '../../../kernel/units/mm.js'
import type { Fix } from '../../../findings/finding.js'
import type { Hung, PlanFacts } from '../planFacts.js'

/** A stretch of wall, or of its height, mm. */
export type Stretch = readonly [from: number, to: number]

/** What stands in the way of a thing at its height along its wall: openings, fixtures, other things hung. */
export function takenBeside(facts: PlanFacts, h: Hung): Stretch[] {
  const level = (bottom: number, top: number) => bottom < h.topMm && top > h.bottomMm
  return [
    ...facts.room.openings
      .filter((o) => o.wallId === h.wallId && level(o.sillMm, o.sillMm + o.heightMm))
      .map((o): Stretch => [o.startMm, o.startMm + o.widthMm]),
    ...facts.room.fixtures
      .filter((f) => f.wallId === h.wallId && isInTheWay(f) && level(f.bottomMm, f.bottomMm + f.heightMm))
      .map((f): Stretch => [f.startMm, f.startMm + f.widthMm]),
    ...facts.wallPlacements
      .filter((o) => o.id !== h.id && o.wallId === h.wallId && level(o.bottomMm, o.topMm))
      .map((o): Stretch => [o.xMm - o.widthMm / 2, o.xMm + o.widthMm / 2]),
  ]
}

/** What a hung thing would hide or stand in: not a point of the ceiling, nor what is meant to be covered. */
export const isInTheWay = (f: { readonly kind: string }): boolean =>
  f.kind !== 'ceiling point' && f.kind !== 'blemish'

/** The nearest free places of a thing at its height along its wall, one in each direction, that are right otherwise too. */
export function slideAlong(facts: PlanFacts, h: Hung, right: (xMm: number) => boolean = () => true): Fix[] {
  const wall = facts.room.walls.find((w) => w.id === h.wallId)
  if (!wall) return []
  const taken = takenBeside(facts, h)
  const step = facts.says.system === 'metric' ? 10 : 12.7
  const free = (x: number) => {
    const [l, r] = [x - h.widthMm / 2, x + h.widthMm / 2]
    return l >= 0 && r <= wall.lengthMm && taken.every(([a, b]) => l >= b || r <= a) && right(x)
  }
  const found = [1, -1].flatMap((way) => {
    for (let by = step; by < wall.lengthMm; by += step) if (free(h.xMm + way * by)) return [{ by, way }]
    return []
  })
  return found
    .sort((a, b) => a.by - b.by)
    .map(({ by, way }) => ({
      label: `Hang it ${facts.says.length(by)} to the ${way > 0 ? 'right' : 'left'}`,
      changes: [put('wallPlacements', h.id, { xMm: roundMm(h.xMm + way * by) })],
    }))
}
