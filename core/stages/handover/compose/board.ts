import { areAlike } from '../rules/alikeStacked.js'
import { lookOf } from '../setOut.js'
import { under } from '../under.js'
import { turned, type Level, type SetDown, type Unit } from '../stylingFacts.js'

/** What stands together and is moved together: a thing with what stands on top of it. */
export interface Block {
  /** The thing at the bottom first. */
  readonly things: readonly SetDown[]
  readonly wideMm: number
  readonly highMm: number
  readonly deepMm: number
  readonly weightG: number
  /** Its weight of look. */
  readonly look: number
  /** Loved, or what the eye is to go to: never off view. */
  readonly keeps: boolean
}

/** A block as it stands, and laid flat where it can be. */
export interface Choice {
  readonly ways: readonly Block[]
  /** Where it stands at first: the number of its bay, and as which of its ways; no bay while it is off view. */
  readonly bay: number | undefined
}

/** One compartment of a shelf on view. */
export interface Bay {
  readonly unit: number
  readonly level: Level
  readonly compartment: number
  /** The bays of its shelf, and those of the shelf right above, by their numbers. */
  readonly shelf: readonly number[]
  readonly above: readonly number[]
}

/** What is composed: compartments to put into, and blocks to put there. */
export interface Board {
  readonly units: readonly Unit[]
  readonly bays: readonly Bay[]
  readonly choices: readonly Choice[]
  /** The order of the blocks in each bay as it is now, from the left. */
  readonly start: readonly (readonly number[])[]
  /** Whether two blocks hold what is alike, by their numbers. */
  readonly alike: (one: number, two: number) => boolean
}

function blockOf(things: readonly SetDown[]): Block {
  return {
    things,
    wideMm: Math.max(...things.map((t) => t.groupWideMm)),
    highMm: things.reduce((sum, t) => sum + t.groupHighMm, 0),
    deepMm: Math.max(...things.map((t) => t.deepMm)),
    weightG: things.reduce((sum, t) => sum + (t.weightG ?? 0) * t.count, 0),
    look: things.reduce((sum, t) => sum + lookOf(t), 0),
    keeps: things.some((t) => t.loved || t.focal),
  }
}

/** Books alone are laid flat or stood up; whatever else lies or stands keeps to it. */
const waysOf = (things: readonly SetDown[]): readonly Block[] => {
  const [first] = things
  return first && things.length === 1 && first.kind === 'books'
    ? [blockOf(things), blockOf([turned(first)])]
    : [blockOf(things)]
}

/** Whether a block goes into a compartment by itself. */
export const goesIn = ({ level }: Bay, block: Block): boolean =>
  block.highMm <= (level.clearHeightMm ?? Infinity) &&
  block.wideMm <= level.clearWidthMm &&
  block.deepMm <= level.clearDepthMm &&
  block.weightG <= (level.bearsG ?? Infinity)

/** Blocks of a shelf with their bays, as they are set out now. */
function blocksOn(level: Level): { readonly things: SetDown[]; readonly compartment: number }[] {
  const standing = level.things.filter((t) => under(level.things, t).length === 0)
  let before = 0
  const all = standing.reduce((sum, t) => sum + t.groupWideMm, 0)
  return [...standing]
    .sort((a, b) => a.position - b.position || (a.name < b.name ? -1 : 1))
    .map((base) => {
      const middle = all > 0 ? (before + base.groupWideMm / 2) / all : 0
      before += base.groupWideMm
      return {
        things: [base, ...level.things.filter((t) => under(level.things, t).at(-1) === base)],
        compartment: Math.min(level.across, base.compartment ?? 1 + Math.floor(middle * level.across)),
      }
    })
}

/**
 * What can be composed: the shelves on view of some units, what stands on them, and loose things that have no place yet.
 * @param units as they are now
 * @param loose things that may be put on view
 */
export function boardOf(units: readonly Unit[], loose: readonly SetDown[]): Board {
  const bays: Bay[] = []
  const choices: Choice[] = []
  const start: number[][] = []
  units.forEach((unit, u) => {
    const open = unit.levels.filter((l) => l.number > 0 && !l.closed)
    const numbers = new Map<number, number[]>()
    let n = bays.length
    for (const l of open)
      numbers.set(
        l.number,
        Array.from({ length: l.across }, () => n++),
      )
    for (const level of open) {
      const shelf = numbers.get(level.number) ?? []
      for (let c = 1; c <= level.across; c++) {
        bays.push({ unit: u, level, compartment: c, shelf, above: numbers.get(level.number + 1) ?? [] })
        start.push([])
      }
      for (const { things, compartment } of blocksOn(level)) {
        const bay = shelf[compartment - 1]
        if (bay === undefined) continue
        start[bay]?.push(choices.length)
        choices.push({ ways: waysOf(things), bay })
      }
    }
  })
  for (const thing of loose) choices.push({ ways: waysOf([thing]), bay: undefined })
  const parts = choices.map((c) => c.ways[0]?.things ?? [])
  const width = choices.length
  const table = new Uint8Array(width * width)
  for (let i = 0; i < width; i++)
    for (let j = 0; j < i; j++)
      if (parts[i]?.some((a) => parts[j]?.some((b) => areAlike(a, b))))
        table[i * width + j] = table[j * width + i] = 1
  return { units, bays, choices, start, alike: (one, two) => table[one * width + two] === 1 }
}
