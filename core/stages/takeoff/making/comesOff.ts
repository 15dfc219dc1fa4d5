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
  /** Nails and screws it hung from, where it is known to hang; undefined for what does not. */
  readonly nails: number | undefined
  /** It stands on the floor. */
  readonly stands: boolean
  /** Its wall is painted, papered or tiled anew: what shows there is covered. */
  readonly wallMadeNew: boolean
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
  const held = screwed || fixing === 'glued down' || fixing === 'adhesive strips'
  const holes = thing.nails ?? (screwed ? count * (thing.atWindow ? BRACKET_SCREWS : SCREWS) : 0)
  if (held || (thing.nails ?? 0) > 0) want('take fittings down', count)
  if (holes > 0) {
    want('fill holes', holes)
    needed.push({ kind: 'filler', amount: holes * HOLE_ML, where: name })
  }
  const outline = count * thing.widthMm * thing.heightMm
  const foot = count * thing.widthMm * thing.depthMm
  const onFloor = thing.stands && (screwed || fixing === 'plumbed in' || fixing === 'glued down')
  if (fixing === 'glued down') want('clear glue', thing.stands ? foot : outline)
  const marked = (held && fixing !== 'adhesive strips') || fixing === 'plumbed in' || (thing.nails ?? 0) > 0
  if (marked && !thing.atWindow && !thing.wallMadeNew) want('touch in', outline)
  if (onFloor && !thing.floorMadeNew) want('make good the floor', foot)
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
