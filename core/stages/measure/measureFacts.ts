import { plus, whereIs } from '../../kernel/geometry/polygon.js'
import type { Formatter } from '../../kernel/units/formatter.js'
import type { Closure } from './closure.js'
import { explainGap, type Suspect } from './explainGap.js'
import {
  closureOf,
  inOrder,
  openingFaults,
  roomAreas,
  wallName,
  type RoomAreas,
  type RoomMeasures,
} from './roomAreas.js'
import type { Fixture } from '../../model/rows/fixtures.js'
import type { Passage } from '../../model/rows/passages.js'
import type { Wall } from '../../model/rows/walls.js'
import { wayInFacts, type WayInFacts } from './wayIn.js'

/** Everything computed from the measures of a room: what the screen shows and what the rules judge. */
export interface MeasureFacts {
  readonly measures: RoomMeasures & { readonly fixtures: readonly Fixture[] }
  readonly says: Formatter
  /** In the order walked. */
  readonly walls: readonly Wall[]
  readonly closure: Closure
  readonly suspects: readonly Suspect[]
  readonly areas: RoomAreas | undefined
  readonly wayIn: WayInFacts
  readonly nameOf: (wallId: string) => string
}

export function measureFacts(
  measures: RoomMeasures & { readonly fixtures: readonly Fixture[] },
  passages: readonly Passage[],
  says: Formatter,
): MeasureFacts {
  const walls = inOrder(measures.walls)
  const closure = closureOf(measures)
  return {
    measures,
    says,
    walls,
    closure,
    suspects: explainGap(walls, measures.diagonals, says),
    areas: roomAreas(measures, closure),
    wayIn: wayInFacts(passages),
    nameOf: (wallId) => {
      const at = walls.findIndex((w) => w.id === wallId)
      return at < 0 ? 'a wall that is gone' : wallName(walls[at], at)
    },
  }
}

/** What does not fit in its wall: openings and fixtures with the field to fix. */
export function misfits(
  facts: MeasureFacts,
): { kind: 'openings' | 'fixtures'; id: string; name: string; field: string; text: string }[] {
  const { measures, areas, walls } = facts
  // Outdoors the height is that of a parapet, and the door of the house is higher.
  const underSky = measures.room.kind === 'outdoors'
  const wallOf = (id: string) => {
    const at = walls.findIndex((w) => w.id === id)
    const wall = walls[at]
    return (
      wall && {
        name: wallName(wall, at),
        lengthMm: wall.lengthMm,
        profile: underSky ? [] : (areas?.walls[at]?.profile ?? []),
      }
    )
  }
  return [
    ...measures.openings.flatMap((o) =>
      openingFaults(wallOf(o.wallId), underSky ? null : measures.room.heightMm, o, facts.says).map((f) => ({
        kind: 'openings' as const,
        id: o.id,
        name: o.name || o.kind,
        ...f,
      })),
    ),
    ...measures.fixtures.flatMap((x) => {
      const wall = wallOf(x.wallId)
      const base = { kind: 'fixtures' as const, id: x.id, name: x.name || x.kind }
      if (!wall) return [{ ...base, field: 'wallId', text: 'Its wall is gone. Choose the wall it is on.' }]
      const end = x.startMm + x.widthMm
      if (hangsOutside(facts, x))
        return [
          {
            ...base,
            field: 'depthMm',
            text: `It hangs outside the room. Measure again how far it is from ${wall.name}.`,
          },
        ]
      return end > wall.lengthMm
        ? [
            {
              ...base,
              field: 'startMm',
              text: `From left and width reach ${facts.says.length(end)}, past the ${facts.says.typed(wall.lengthMm)} of ${wall.name}. Shorten one of them.`,
            },
          ]
        : []
    }),
  ]
}

/** A ceiling point whose place, told from its wall, is not over the floor. */
function hangsOutside(
  { areas, closure }: MeasureFacts,
  { wallId, kind, startMm, depthMm }: Fixture,
): boolean {
  const wall = areas?.walls.find((w) => w.wallId === wallId)
  if (kind !== 'ceiling point' || !areas || !wall) return false
  const sign = closure.run.sense === 'right' ? 1 : -1
  const dir = { x: (wall.to.x - wall.from.x) / wall.laidMm, y: (wall.to.y - wall.from.y) / wall.laidMm }
  const along = sign === 1 ? startMm : wall.laidMm - startMm
  const into = { x: -dir.y * sign, y: dir.x * sign }
  return whereIs(plus(plus(wall.from, dir, along), into, depthMm), areas.corners) === 'outside'
}
