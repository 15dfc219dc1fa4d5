import type { Fixing } from '../../../model/vocabulary/fixing.js'
import type { Needed, Wanted } from './making.js'

/** A thing that leaves the room: taken down, sold or carried into another. Lengths in mm. */
export interface Leaving {
  readonly name: string
  readonly count: number
  readonly fixing: Fixing
  readonly widthMm: number
  readonly depthMm: number
  readonly heightMm: number
  /** Over a window: it comes off its brackets. */
  readonly atWindow: boolean
  /** How many of them are known to hang on a wall, and the nails and screws those hung from. */
  readonly hung: number
  readonly nails: number
  /** It lies or stands on the floor. */
  readonly onFloor: boolean
  /** It was built onto the floor, which was perhaps never laid under it. */
  readonly builtOn: boolean
  /** Its wall, or the ceiling where it was fixed there, is painted, papered or tiled anew: what shows is covered. */
  readonly backMadeNew: boolean
  /** The floor is laid anew. */
  readonly floorMadeNew: boolean
}

/** Screws that hold a thing to a building where nobody counted them; brackets of a rail or a blind (common practice). */
const SCREWS = 4
const BRACKET_SCREWS = 6
/** What fills a screw hole twice over, milliliters (common practice). */
export const HOLE_ML = 15

export interface ComesOff {
  readonly wanted: readonly Wanted[]
  readonly needed: readonly Needed[]
  readonly cautions: readonly string[]
}

/**
 * What is left where a thing comes off, and what makes it good: holes where it was screwed, glue where it was glued, the
 * outline on a wall that is not made new, bare floor under what was built on. What stands free leaves nothing.
 */
export function comesOff(thing: Leaving): ComesOff {
  const { name, count, fixing } = thing
  const wanted: Wanted[] = []
  const needed: Needed[] = []
  const want = (task: Wanted['task'], amount: number) => wanted.push({ task, amount, where: name })
  const screwed = fixing === 'screwed to the wall' || fixing === 'screwed to the ceiling'
  const held =
    screwed || fixing === 'glued down' || fixing === 'adhesive strips' || fixing === 'sticks by itself'
  const screws = screwed ? (thing.atWindow ? BRACKET_SCREWS : SCREWS) : 0
  const holes = thing.nails + Math.max(0, count - thing.hung) * screws
  if (held || thing.hung > 0) want('take fittings down', count)
  if (holes > 0) {
    want('fill holes', holes)
    needed.push({ kind: 'filler', amount: holes * HOLE_ML, where: name })
  }
  const foot = count * thing.widthMm * thing.depthMm
  const glued = fixing === 'glued down'
  // What is fixed to the ceiling shows there as it does from below; what is glued to the floor shows on no wall.
  const back = fixing === 'screwed to the ceiling' ? foot : count * thing.widthMm * thing.heightMm
  if (glued) want('clear glue', thing.onFloor ? foot : back)
  const marked = screwed || glued || fixing === 'plumbed in' || thing.nails > 0
  if (marked && !thing.atWindow && !thing.backMadeNew && !(glued && thing.onFloor)) want('touch in', back)
  const bares = thing.builtOn || (glued && thing.onFloor)
  if (bares && (screwed || glued || fixing === 'plumbed in') && !thing.floorMadeNew)
    want('make good the floor', foot)
  const cautions =
    fixing === 'wired in'
      ? [
          `${name}: taken off its wires by a licensed electrician, the power off and proved dead; not counted here.`,
        ]
      : fixing === 'plumbed in'
        ? [`${name}: taken off its pipes by a licensed plumber, the water off; not counted here.`]
        : []
  return { wanted, needed, cautions }
}
