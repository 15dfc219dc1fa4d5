import { bestChoice, waysBack, type ChosenSet, type Choosing, type Wish } from '../stages/source/choosing.js'
import { broughtBy, isGrave } from './broughtBy.js'
import type { Judged } from './fixes/checkFixes.js'
import { setChanges, type ToldSet } from './toldSet.js'

/**
 * The best set that brings no stop: each set is done to a copy and judged by the whole rule
 * book; an option that brings one by itself is left out and the set is looked for again.
 *
 * @param leftOut what was left out before
 */
export function safeChoice(
  held: Judged,
  choosing: Choosing,
  wish: Wish = {},
  leftOut: ToldSet['leftOut'] = [],
): ToldSet {
  const set = bestChoice(choosing, wish)
  const brings = set.feasible ? (broughtBy(held, setChanges(set))?.brings ?? []) : []
  const told = { set, brings, leftOut, offered: set.feasible && !brings.some(isGrave) }
  if (!set.feasible || told.offered) return told
  const guilty = set.changes.flatMap(({ to, ...change }) => {
    // What is wished for is not left out behind the back of who wished it.
    if (!to || to.id === wish.take) return []
    const alone = broughtBy(held, setChanges({ changes: [{ ...change, to }] }))
    const [first] = alone?.brings.filter(isGrave) ?? []
    return first ? [{ optionId: to.id, name: to.name, title: first.title }] : []
  })
  const rest = without(choosing, new Set(guilty.map((g) => g.optionId)))
  // Where none is guilty by itself, or without them there is no set at all, it is shown as it is.
  if (guilty.length === 0 || !bestChoice(rest, wish).feasible) return told
  return safeChoice(held, rest, wish, [...leftOut, ...guilty])
}

const without = (choosing: Choosing, ids: ReadonlySet<string>): Choosing => ({
  ...choosing,
  items: choosing.items.map((i) => ({ ...i, options: i.options.filter((o) => !ids.has(o.id)) })),
})

/** The ways back within the money, each as safe as it can be had. */
export function safeWaysBack(held: Judged, choosing: Choosing): (ToldSet & { readonly title: string })[] {
  const told = new Map<ChosenSet, ToldSet>()
  const ways = waysBack(choosing, (wish) => {
    const found = safeChoice(held, choosing, wish)
    told.set(found.set, found)
    return found.set
  })
  return ways.flatMap(({ title, set }) => {
    const found = told.get(set)
    return found ? [{ title, ...found }] : []
  })
}
