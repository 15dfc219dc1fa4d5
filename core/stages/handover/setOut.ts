import type { Level, SetDown } from './stylingFacts.js'
import { under } from './under.js'

/** A group of things as it stands on its shelf, seen from the front. */
export interface Body {
  readonly thing: SetDown
  /** Its left edge from the left edge of the shelf inside. */
  readonly xMm: number
  /** Its foot above the shelf. */
  readonly yMm: number
  readonly wideMm: number
  readonly highMm: number
  /** It stands out of its compartment, above the clear height, or runs into another. */
  readonly over: boolean
}

type Shelf = Pick<Level, 'clearHeightMm' | 'clearWidthMm' | 'across' | 'things'>

/** From the left: by compartment, then in order; equal ones by their names. */
export const fromTheLeft = (things: readonly SetDown[]): SetDown[] =>
  [...things].sort(
    (a, b) =>
      (a.compartment ?? 1) - (b.compartment ?? 1) || a.position - b.position || (a.name < b.name ? -1 : 1),
  )

/** What is between two edges of a shelf: one compartment. */
interface Bay {
  readonly from: number
  readonly until: number
}

/** Of things whose place is not said: in the gaps that the others leave, set out evenly. */
function spread(things: readonly SetDown[], taken: readonly Bay[], bay: Bay): ReadonlyMap<SetDown, number> {
  const left = [...things]
  const at = new Map<SetDown, number>()
  const free = gapsIn(taken, bay)
  free.forEach((gap, i) => {
    const room = gap.until - gap.from
    const here: SetDown[] = []
    // The last gap takes what no other took, though it be too much.
    let used = 0
    for (let next = left[0]; next; next = left[0]) {
      used += next.groupWideMm
      if (used > room && i < free.length - 1) break
      left.shift()
      here.push(next)
    }
    const wide = here.reduce((sum, t) => sum + t.groupWideMm, 0)
    // More than goes side by side runs into one another alike, so that all of it is seen.
    const [over, joints] = [wide - room, here.length - 1]
    const between = over > 0 ? (joints > 0 ? -over / joints : 0) : -over / (here.length + 1)
    let x = gap.from + (over <= 0 ? between : joints > 0 ? 0 : -over / 2)
    for (const t of here) {
      at.set(t, x)
      x += t.groupWideMm + between
    }
  })
  return at
}

function gapsIn(taken: readonly Bay[], bay: Bay): Bay[] {
  const gaps: Bay[] = []
  let from = bay.from
  for (const t of [...taken].sort((a, b) => a.from - b.from)) {
    if (t.from > from) gaps.push({ from, until: t.from })
    from = Math.max(from, t.until)
  }
  if (from < bay.until || gaps.length === 0) gaps.push({ from: Math.min(from, bay.until), until: bay.until })
  return gaps
}

/** A row of several whose compartment does not matter, as the parts of it that go into one each. */
function shared(thing: SetDown, { across, clearWidthMm }: Shelf): SetDown[] {
  const inOne = Math.floor(clearWidthMm / thing.wideMm)
  const isRow =
    thing.compartment === null && across > 1 && thing.groupWideMm > clearWidthMm && thing.count > 1
  if (!isRow || inOne < 1) return [thing]
  const parts = Math.ceil(thing.count / inOne)
  return Array.from({ length: parts }, (_x, i): SetDown => {
    const count = Math.ceil((thing.count - i) / parts)
    return { ...thing, count, groupWideMm: count * thing.wideMm }
  })
}

/** The compartment of each: its own, or where it does not matter, in order over all of them, none filled more than its part. */
function baysOf(standing: readonly SetDown[], { across }: Shelf): ReadonlyMap<SetDown, number> {
  const bays = new Map<SetDown, number>()
  const free = standing.filter((t) => t.compartment === null)
  for (const t of standing) if (t.compartment !== null) bays.set(t, Math.min(t.compartment, across))
  const part = free.reduce((sum, t) => sum + t.groupWideMm, 0) / across
  let before = 0
  for (const t of free) {
    // By where its middle would lie if all of them stood in one row.
    bays.set(t, part > 0 ? Math.min(across, 1 + Math.floor((before + t.groupWideMm / 2) / part)) : 1)
    before += t.groupWideMm
  }
  return bays
}

/**
 * A shelf as the eye meets it: each group of things with its place from the left and its foot above the shelf, those on top of
 * others above these. What has no place of its own is set out evenly in what the others leave free.
 */
export function setOut(shelf: Shelf): Body[] {
  const things = fromTheLeft(shelf.things).flatMap((t) => shared(t, shelf))
  const standing = things.filter((t) => under(things, t).length === 0)
  const xOf = new Map<SetDown, number>()
  const bayOf = baysOf(standing, shelf)
  for (let n = 1; n <= shelf.across; n++) {
    const bay = { from: (n - 1) * shelf.clearWidthMm, until: n * shelf.clearWidthMm }
    const here = standing.filter((t) => bayOf.get(t) === n)
    const fixed = here.filter((t) => t.xMm !== null)
    fixed.forEach((t) => xOf.set(t, bay.from + (t.xMm ?? 0)))
    const taken = fixed.map((t) => ({
      from: bay.from + (t.xMm ?? 0),
      until: bay.from + (t.xMm ?? 0) + t.groupWideMm,
    }))
    spread(
      here.filter((t) => t.xMm === null),
      taken,
      bay,
    ).forEach((x, t) => xOf.set(t, x))
  }
  // What stands on top of one thing stands there side by side, about its middle.
  const middleOf = (thing: SetDown): number => {
    const base = things.find((t) => t.id === thing.onId)
    if (!base || under(things, thing).length === 0) return (xOf.get(thing) ?? 0) + thing.groupWideMm / 2
    const beside = things.filter((t) => t.onId === base.id)
    const wide = beside.reduce((sum, t) => sum + t.groupWideMm, 0)
    const before = beside.slice(0, beside.indexOf(thing)).reduce((sum, t) => sum + t.groupWideMm, 0)
    return middleOf(base) - wide / 2 + before + thing.groupWideMm / 2
  }
  const bodies = things.map((thing): Omit<Body, 'over'> => ({
    thing,
    xMm: middleOf(thing) - thing.groupWideMm / 2,
    yMm: under(things, thing).reduce((sum, t) => sum + t.groupHighMm, 0),
    ...{ wideMm: thing.groupWideMm, highMm: thing.groupHighMm },
  }))
  return bodies.map((b) => ({ ...b, over: isOver(b, bodies, shelf) }))
}

/** Less than this is no matter of size but of drawing. */
const HAIR_MM = 0.5

function isOver(body: Omit<Body, 'over'>, all: readonly Omit<Body, 'over'>[], shelf: Shelf): boolean {
  const [from, until] = [body.xMm, body.xMm + body.wideMm]
  const bay = Math.floor((body.xMm + body.wideMm / 2) / shelf.clearWidthMm)
  const [left, right] = [bay * shelf.clearWidthMm, (bay + 1) * shelf.clearWidthMm]
  return (
    body.yMm + body.highMm > (shelf.clearHeightMm ?? Infinity) + HAIR_MM ||
    from < left - HAIR_MM ||
    until > right + HAIR_MM ||
    all.some(
      (o) =>
        o !== body &&
        o.xMm < until - HAIR_MM &&
        o.xMm + o.wideMm > from + HAIR_MM &&
        o.yMm < body.yMm + body.highMm - HAIR_MM &&
        o.yMm + o.highMm > body.yMm + HAIR_MM,
    )
  )
}

/** Weight of look where no color is known: a middle gray. */
const UNKNOWN_L = 50

/**
 * How much a group of things weighs to the eye: its outline in square decimeters, once and a half where it is black and half
 * where it is white (common practice: dark and large is heavy).
 */
export const lookOf = (t: Pick<SetDown, 'groupWideMm' | 'groupHighMm' | 'lightness'>): number =>
  ((t.groupWideMm * t.groupHighMm) / 10_000) * darkness(t)

/** By how much the color of a thing makes it weigh: 0.5 white, 1.5 black. */
export const darkness = ({ lightness }: Pick<SetDown, 'lightness'>): number =>
  1.5 - (lightness ?? UNKNOWN_L) / 100

/** What stands left and right of the middle of a shelf, each as a part of all its weight of look; undefined where nothing does. */
export function leftRight(
  bodies: readonly Body[],
  widthMm: number,
): { readonly left: number; readonly right: number } | undefined {
  const middle = widthMm / 2
  let [left, right] = [0, 0]
  for (const b of bodies) {
    const part = Math.min(1, Math.max(0, (middle - b.xMm) / b.wideMm))
    left += part * lookOf(b.thing)
    right += (1 - part) * lookOf(b.thing)
  }
  const sum = left + right
  return sum > 0 ? { left: left / sum, right: right / sum } : undefined
}
