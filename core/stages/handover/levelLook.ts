import { isSmall } from './rules/oneScale.js'
import { leftRight, setOut } from './setOut.js'
import { formOf, type Level, type SetDown } from './stylingFacts.js'

/** A shelf as it is summed up: forms, weight of look on each side, materials by what is seen of them. */
export interface LevelLook {
  readonly tall: number
  readonly wide: number
  readonly small: number
  readonly sides: { readonly left: number; readonly right: number } | undefined
  /** Things from the left with their part of all outlines. */
  readonly seen: readonly { readonly thing: SetDown; readonly part: number }[]
  /** Materials with their part, most first; what has none is left out. */
  readonly materials: readonly { readonly material: string; readonly part: number }[]
}

/** What the eye counts on a shelf. A pile or row is one group. */
export function levelLook(level: Level): LevelLook {
  const bodies = setOut(level).sort((a, b) => a.xMm - b.xMm)
  const small = (t: SetDown) => isSmall(t, level.clearHeightMm)
  const count = (holds: (t: SetDown) => boolean) => level.things.filter(holds).length
  const area = bodies.reduce((sum, b) => sum + b.wideMm * b.highMm, 0)
  const seen = bodies.map((b) => ({ thing: b.thing, part: (b.wideMm * b.highMm) / area }))
  const by = new Map<string, number>()
  for (const { thing, part } of seen) {
    const material = thing.material ?? (thing.kind === 'books' ? 'paper' : undefined)
    if (material !== undefined) by.set(material, (by.get(material) ?? 0) + part)
  }
  return {
    tall: count((t) => !small(t) && formOf(t) === 'tall'),
    wide: count((t) => !small(t) && formOf(t) !== 'tall'),
    small: count(small),
    sides: leftRight(bodies, level.clearWidthMm * level.across),
    seen,
    materials: [...by]
      .map(([material, part]) => ({ material, part }))
      .sort((a, b) => b.part - a.part || (a.material < b.material ? -1 : 1)),
  }
}
