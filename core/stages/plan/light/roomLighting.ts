import { distance, whereIs, type Point } from '../../../kernel/geometry/polygon.js'
import type { PlanRoom } from '../planRoom.js'
import type { Aim } from '../../../model/vocabulary/lamp.js'
import { averageDaylightFactor, coneCandela, meanReflectance, reflectedLux } from './photometry.js'

/** A lamp in the room. */
export interface Luminaire {
  readonly id: string
  readonly name: string
  readonly at: Point
  /** The lamp above the floor. */
  readonly heightMm: number
  readonly lumens: number
  readonly beamDeg: number
  readonly aim: Aim
}

/** How much each surface gives back, 0 to 1 (LRV / 100), and how large it is. */
export interface Reflecting {
  readonly floor: number
  readonly walls: number
  readonly ceiling: number
  readonly floorM2: number
  readonly wallsM2: number
  readonly ceilingM2: number
}

export interface LightGrid {
  readonly planeMm: number
  readonly nx: number
  readonly ny: number
  /** Size of a cell: the room is cut into whole ones. */
  readonly stepX: number
  readonly stepY: number
  readonly low: Point
  /** Lux per cell; NaN outside the room. */
  readonly lux: Float32Array
  readonly meanLux: number
  readonly leastLux: number
  readonly mostLux: number
  /** Least over mean: 1 is perfectly even. */
  readonly evenness: number
  readonly reflectedLux: number
}

/** Direct light at a point of a level plane, from the lamps above it. */
export function directLux(p: Point, planeMm: number, lamps: readonly Luminaire[]): number {
  let lux = 0
  for (const lamp of lamps) {
    const h = (lamp.heightMm - planeMm) / 1e3
    if (h <= 0.02) continue
    const aside = distance(p, lamp.at) / 1e3
    const intensity = towards(lamp, Math.atan2(aside, h))
    if (intensity === 0) continue
    // A lamp is not a point: nearer than a hand's breadth the inverse square no longer holds.
    const d = Math.max(0.15, Math.hypot(h, aside))
    lux += (intensity * Math.min(h, d)) / d ** 3
  }
  return lux
}

/** Intensity of a lamp at an angle from straight down. */
function towards(lamp: Luminaire, theta: number): number {
  if (lamp.aim === 'all round') return lamp.lumens / (4 * Math.PI)
  if (lamp.aim === 'up') return 0
  const down = lamp.aim === 'up and down' ? lamp.lumens / 2 : lamp.lumens
  return theta <= ((lamp.beamDeg / 2) * Math.PI) / 180 + 1e-9
    ? coneCandela(down, Math.min(lamp.beamDeg, 359))
    : 0
}

/** Light thrown back by the surfaces: each part of the flux first strikes what it is aimed at. */
export function reflectedInRoom(lamps: readonly Luminaire[], r: Reflecting): number {
  const total = r.floorM2 + r.wallsM2 + r.ceilingM2
  if (total <= 0) return 0
  const mean = meanReflectance([r.floorM2, r.wallsM2, r.ceilingM2], [r.floor, r.walls, r.ceiling])
  return lamps.reduce((sum, lamp) => {
    const up = lamp.aim === 'up' ? 1 : lamp.aim === 'down' ? 0 : 0.5
    // Of what goes down in a narrow beam nearly all strikes the floor; a wide one strikes the walls as well.
    const spread = lamp.aim === 'all round' ? 0.5 : Math.min(1, Math.max(0, (lamp.beamDeg - 60) / 120)) * 0.5
    const first =
      up * ((1 - spread) * r.ceiling + spread * r.walls) +
      (1 - up) * ((1 - spread) * r.floor + spread * r.walls)
    return sum + reflectedLux(lamp.lumens, first, total, mean)
  }, 0)
}

/** Illuminance on a level plane of the whole room, point by point, with what the surfaces throw back. */
export function lightGrid(
  room: PlanRoom,
  lamps: readonly Luminaire[],
  surfaces: Reflecting,
  planeMm: number,
  stepMm = 200,
): LightGrid {
  const nx = Math.max(1, Math.round((room.high.x - room.low.x) / stepMm))
  const ny = Math.max(1, Math.round((room.high.y - room.low.y) / stepMm))
  const stepX = (room.high.x - room.low.x) / nx
  const stepY = (room.high.y - room.low.y) / ny
  const lux = new Float32Array(nx * ny).fill(NaN)
  const back = reflectedInRoom(lamps, surfaces)
  let [sum, n, least, most] = [0, 0, Infinity, 0]
  for (let i = 0; i < lux.length; i++) {
    const p = { x: room.low.x + ((i % nx) + 0.5) * stepX, y: room.low.y + (Math.floor(i / nx) + 0.5) * stepY }
    if (whereIs(p, room.corners) === 'outside') continue
    const e = directLux(p, planeMm, lamps) + back
    lux[i] = e
    sum += e
    n++
    least = Math.min(least, e)
    most = Math.max(most, e)
  }
  const meanLux = n > 0 ? sum / n : 0
  return {
    planeMm,
    nx,
    ny,
    stepX,
    stepY,
    low: room.low,
    lux,
    meanLux,
    leastLux: n > 0 ? least : 0,
    mostLux: most,
    evenness: meanLux > 0 ? least / meanLux : 0,
    reflectedLux: back,
  }
}

/** Light at one place, direct and thrown back. */
export const luxAt = (
  p: Point,
  heightMm: number,
  lamps: readonly Luminaire[],
  surfaces: Reflecting,
): number => directLux(p, heightMm, lamps) + reflectedInRoom(lamps, surfaces)

// A book is held up to the reader and turned to the light, this far from level (common practice).
const PAGE_TILT = (60 * Math.PI) / 180

/** Light on a page held at one place: turned to the lamp that gives most there, as far as one holds a book. */
export function pageLux(
  p: Point,
  heightMm: number,
  lamps: readonly Luminaire[],
  surfaces: Reflecting,
): number {
  const rays = lamps.flatMap((lamp) => {
    const up = (lamp.heightMm - heightMm) / 1e3
    if (up <= 0.02) return []
    const [x, y] = [(lamp.at.x - p.x) / 1e3, (lamp.at.y - p.y) / 1e3]
    const d = Math.max(0.15, Math.hypot(x, y, up))
    const strength = towards(lamp, Math.atan2(Math.hypot(x, y), up)) / d ** 2
    return strength > 0 ? [{ strength, x: x / d, y: y / d, up: up / d }] : []
  })
  const best = rays.reduce<(typeof rays)[number] | undefined>(
    (a, r) => (a && a.strength >= r.strength ? a : r),
    undefined,
  )
  const back = reflectedInRoom(lamps, surfaces)
  if (!best) return back
  const aside = Math.hypot(best.x, best.y)
  const tilt = Math.min(PAGE_TILT, Math.atan2(aside, best.up))
  const [nx, ny, nUp] = [
    aside > 0 ? (best.x / aside) * Math.sin(tilt) : 0,
    aside > 0 ? (best.y / aside) * Math.sin(tilt) : 0,
    Math.cos(tilt),
  ]
  return rays.reduce((sum, r) => sum + r.strength * Math.max(0, r.x * nx + r.y * ny + r.up * nUp), back)
}

// Clear double glazing, an open view, glass kept clean (common practice); a window's frame takes a fifth of it.
const TRANSMITTANCE = 0.68
const SKY_ANGLE_DEG = 65
const GLASS_PART = 0.8

/**
 * Average daylight factor of the room, percent, from the sizes of its windows. A simple measure with an open view:
 * neighbors, trees and deep reveals make it less.
 */
export function daylightFactor(windowsM2: number, surfaces: Reflecting): number {
  const all = surfaces.floorM2 + surfaces.wallsM2 + surfaces.ceilingM2
  if (windowsM2 <= 0 || all <= 0) return 0
  return averageDaylightFactor({
    transmittance: TRANSMITTANCE,
    glazedM2: windowsM2 * GLASS_PART,
    skyAngleDeg: SKY_ANGLE_DEG,
    maintenance: 1,
    surfacesM2: all,
    reflectance: meanReflectance(
      [surfaces.floorM2, surfaces.wallsM2, surfaces.ceilingM2],
      [surfaces.floor, surfaces.walls, surfaces.ceiling],
    ),
  })
}
