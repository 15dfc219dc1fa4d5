import { boxDepth, boxOf } from '../../../kernel/geometry/box.js'
import { perimeter } from '../../../kernel/geometry/polygon.js'
import type { PlanFacts } from '../planFacts.js'
import { standsClear } from '../nudge.js'
import { onWall, stripBefore } from '../planRoom.js'
import { diameterOverTable, rankLampPlaces, type LampPlace, type RankedPlace } from './lampPlaces.js'
import { cavityRatio, chandelierIn, DAYLIGHT_LEAST, lumenMethod } from './photometry.js'
import { daylightFactor, type LightGrid, type Luminaire } from './roomLighting.js'
import { GENERAL_LUX, MOOD_LUX } from './targets.js'

/** The plane light is wanted on over a floor: a table (EN 12464-1, from memory). */
export const TABLE_PLANE_MM = 750
/** A room whose height was not measured (common practice). */
const USUAL_HEIGHT_MM = 2500
/** Light of one common lamp, and what dust and age leave of it, for how many lamps a room would take. */
const COMMON_LUMENS = 806
const MAINTENANCE = 0.9

/** What is told of the light of a room as a whole. */
export interface RoomLight {
  /** Wanted all over, for the mood of the room. */
  readonly targetLux: number
  /** Room index and room cavity ratio; of any outline, by the rectangle of the same area and perimeter. */
  readonly roomIndex: number
  readonly cavityRatio: number
  readonly areaM2: number
  /** Share of the lamps' light that reaches the plane, read off the grid; undefined while no lamp is lit. */
  readonly utilization: number | undefined
  /** What the target takes, by the lumen method. */
  readonly wanted: { readonly totalLumens: number; readonly luminaires: number } | undefined
  /** Share of the plane that has less than half of the target; undefined while nothing is lit. */
  readonly darkShare: number | undefined
  readonly daylight: {
    readonly percent: number
    readonly windowsM2: number
    readonly leastPercent: number | undefined
  }
  readonly pendant: {
    readonly acrossRoomMm: number
    readonly overTable: { readonly leastMm: number; readonly mostMm: number } | undefined
    readonly dropMm: number
  }
}

/**
 * The light of a room in figures.
 *
 * @param lamps those that are lit
 * @param grid their light on a plane of the room
 */
export function roomLight(facts: PlanFacts, lamps: readonly Luminaire[], grid: LightGrid): RoomLight {
  const { room, reflecting } = facts
  const targetLux = MOOD_LUX[facts.schools.mood ?? ''] ?? GENERAL_LUX
  const heightMm = room.heightMm ?? USUAL_HEIGHT_MM
  const overPlaneM = Math.max(0.5, (heightMm - TABLE_PLANE_MM) / 1000)
  const rcr = cavityRatio(reflecting.floorM2, perimeter(room.corners) / 1000, overPlaneM)
  const lumens = lamps.reduce((sum, l) => sum + l.lumens, 0)
  const utilization = lumens > 0 ? (grid.meanLux * reflecting.floorM2) / lumens : undefined
  const lit = [...grid.lux].filter((lux) => !Number.isNaN(lux))
  const windowsM2 = room.openings
    .filter((o) => o.kind === 'window')
    .reduce((sum, o) => sum + (o.widthMm * o.heightMm) / 1e6, 0)
  const table = facts.standings.find((s) => s.kind === 'table')
  const feet = (mm: number) => mm / 304.8
  return {
    targetLux,
    roomIndex: 5 / rcr,
    cavityRatio: rcr,
    areaM2: reflecting.floorM2,
    utilization,
    wanted: utilization
      ? lumenMethod({
          lux: targetLux,
          areaM2: reflecting.floorM2,
          lumensEach: COMMON_LUMENS,
          utilization: Math.min(1, utilization),
          maintenance: MAINTENANCE,
        })
      : undefined,
    darkShare:
      grid.meanLux === 0
        ? undefined
        : lit.filter((lux) => lux < targetLux / 2).length / Math.max(1, lit.length),
    daylight: {
      percent: daylightFactor(windowsM2, reflecting),
      windowsM2,
      leastPercent: DAYLIGHT_LEAST[room.kind ?? ''],
    },
    pendant: {
      acrossRoomMm: Math.round(
        chandelierIn(feet(room.high.x - room.low.x), feet(room.high.y - room.low.y)) * 25.4,
      ),
      overTable: table && diameterOverTable(Math.min(table.widthMm, table.depthMm)),
      dropMm: Math.max(0, heightMm - facts.needs.headClear),
    },
  }
}

/** Bare lamps at the eyes of somebody sitting: they glare (common practice). */
export const glaring = (lamps: readonly Luminaire[]): Luminaire[] =>
  lamps.filter((l) => l.aim === 'all round' && l.heightMm > 900 && l.heightMm < 1500 && l.lumens > 600)

/** A standing lamp's foot, and the floor inside a door where one comes in (common practice). */
const LAMP_FOOT_MM = 300
const COME_IN_MM = 600

/**
 * Free places for one more lamp, best first: by each socket, and at the left end of each wall. None stands in a piece, in
 * the swing of a door, or where one comes in.
 */
export function placesForALamp(facts: PlanFacts, lamps: readonly Luminaire[]): RankedPlace[] {
  const { room } = facts
  const sockets = room.fixtures.filter((x) => x.kind === 'socket')
  const bySocket = sockets.flatMap((s): LampPlace[] => {
    const wall = room.walls.find((w) => w.id === s.wallId)
    return wall
      ? [
          {
            name: `by ${s.name || 'the socket'}`,
            at: onWall(wall, s.startMm + s.widthMm / 2, 250),
            heightMm: 1400,
          },
        ]
      : []
  })
  const ways = room.openings
    .filter((o) => o.kind !== 'window')
    .flatMap((o) => stripBefore(o, room.walls, COME_IN_MM) ?? [])
  const corners = room.walls.map((w) => ({
    name: `left end of ${w.name}`,
    at: onWall(w, 350, 350),
    heightMm: 1400,
  }))
  const isFree = ({ at, heightMm }: LampPlace) => {
    const foot = boxOf(at.x, at.y, LAMP_FOOT_MM, LAMP_FOOT_MM, 0)
    const lamp = { id: 'new', kind: 'lamp' as const, box: foot, raisedMm: 0, heightMm }
    return standsClear(facts, lamp) && ways.every((way) => boxDepth(way, foot) === 0)
  }
  return rankLampPlaces(
    [...bySocket, ...corners].filter(isFree),
    lamps.map((l) => l.at),
    sockets.map((s) => ({ name: s.name || 'socket', at: s.box })),
    facts.needs.cordReach,
    facts.says,
  )
}
