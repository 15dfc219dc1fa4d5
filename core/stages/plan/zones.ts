import { fromBox, type Box } from '../../kernel/geometry/box.js'
import type { Point } from '../../kernel/geometry/polygon.js'
import { beforeWall } from './elevation.js'
import type { PlanFacts } from './planFacts.js'
import type { Standing } from './standing.js'
import { FLAME_MM } from './rules/flame.js'
import { isChangingPlace } from './rules/overBed.js'
import { ZONE_2_MM, ZONE_TOP_MM } from './rules/wetLamp.js'

/** Part of a wall seen from inside, mm from its left end and from the floor. */
export interface ZoneOnWall {
  readonly wallId: string
  readonly leftMm: number
  readonly rightMm: number
  readonly topMm: number
}

/** Where someone can be hurt by what stands or hangs there: drawn on request. */
export interface CautionZone {
  readonly id: string
  /** "within reach of cot" */
  readonly name: string
  /** Its outline on the floor. */
  readonly outline: readonly Point[]
  readonly onWalls: readonly ZoneOnWall[]
}

const STEPS = 6

/** A box with everything nearer to it than so many mm: its corners are rounded. */
export function within(box: Box, mm: number): Point[] {
  const corners = [
    [1, 1],
    [-1, 1],
    [-1, -1],
    [1, -1],
  ] as const
  if (mm <= 0) return corners.map(([x, y]) => fromBox(box, { x: x * box.halfW, y: y * box.halfD }))
  return corners.flatMap(([sx, sy], i) =>
    Array.from({ length: STEPS + 1 }, (_n, k) => {
      const turn = (Math.PI / 2) * (i + k / STEPS)
      return fromBox(box, {
        x: sx * box.halfW + mm * Math.cos(turn),
        y: sy * box.halfD + mm * Math.sin(turn),
      })
    }),
  )
}

interface Kind {
  readonly says: string
  readonly reachMm: number
  /** How high it goes on a wall; undefined for up to the ceiling. */
  readonly topMm?: number
}

/** What zone a standing thing has round it. */
function kindOf(facts: PlanFacts, s: Standing): Kind | undefined {
  const { needs } = facts
  if (s.kind === 'cot' || isChangingPlace(facts, s))
    return { says: 'within reach of', reachMm: needs.cotReach }
  if (s.kind === 'bed' || s.kind === 'sofa bed') return { says: 'over', reachMm: 0 }
  if (s.sanitary === 'bath' || s.sanitary === 'shower' || s.sanitary === 'basin')
    return { says: 'wet zone of', reachMm: ZONE_2_MM, topMm: ZONE_TOP_MM }
  const { traits } = s.piece
  if (traits.includes('open flame') || traits.includes('gel or gas fire'))
    return { says: 'clear of', reachMm: FLAME_MM }
  if (traits.includes('gets hot')) return { says: 'clear of', reachMm: needs.heatClear }
  return undefined
}

/** How far before a wall a thing stands whose zone reaches up that wall although it takes no room beside it. */
const AT_WALL_MM = 500

/** The zones of a plan, on the floor and on the walls they reach. */
export const cautionZones = (facts: PlanFacts): CautionZone[] =>
  facts.standings.flatMap((s): CautionZone[] => {
    const kind = kindOf(facts, s)
    if (!kind) return []
    return [
      {
        id: s.id,
        name: `${kind.says} ${s.name}`,
        outline: within(s.box, kind.reachMm),
        onWalls: facts.room.walls.flatMap((wall) =>
          beforeWall(wall, [s], Math.max(kind.reachMm, AT_WALL_MM)).map((b) => ({
            wallId: wall.id,
            leftMm: Math.max(0, b.leftMm - kind.reachMm),
            rightMm: Math.min(wall.lengthMm, b.rightMm + kind.reachMm),
            topMm: kind.topMm ?? facts.room.heightMm ?? ZONE_TOP_MM,
          })),
        ),
      },
    ]
  })
