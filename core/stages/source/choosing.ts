import { bestSet } from './bestSet/bestSet.js'
import { bestSets } from './bestSet/curve.js'
import type { SetAnswer, SetGroup, SetProblem } from './bestSet/problem.js'
import type { Spend } from '../../model/vocabulary/buying.js'

/** One way to fill an item, as the choice of the best set knows it. */
export interface ChoosingOption {
  readonly id: string
  readonly name: string
  /**
   * What it costs all told when it is bought by itself, and what is held back while it stands in for the lasting piece:
   * no order that has it in costs more, so that a set within the money stays within it.
   */
  readonly costMinor: number
  /** 0 to 100 among the options of its item. */
  readonly quality: number
  /** The reasons that speak for or against it, for the answer in words. */
  readonly reasons: readonly { readonly says: string; readonly satisfied: number }[]
  /** The option it cannot be had without. */
  readonly partOfId: string | null
}

export interface ChoosingItem {
  readonly id: string
  readonly name: string
  readonly category: string
  readonly importance: number
  readonly spend: Spend
  /** It may be left for later. */
  readonly mayWait: boolean
  readonly locked: boolean
  /** What is chosen now, at what its order prices it; it may be something that can no longer be taken. */
  readonly now: { readonly id: string; readonly name: string; readonly costMinor: number } | undefined
  /** Only what nothing strikes out. */
  readonly options: readonly ChoosingOption[]
}

/** All that a choice is made from: plain data, so that a worker can have it. */
export interface Choosing {
  readonly items: readonly ChoosingItem[]
  /** What may be spent on these items. */
  readonly budgetMinor: number
  /** Pairs of options that clash. */
  readonly conflicts: readonly (readonly [string, string])[]
  /** Most that may be spent on a category, on top of what is spent on it already. */
  readonly caps: readonly { readonly category: string; readonly maxMinor: number }[]
}

// How much of an option's worth lies in filling the item at all: where money is saved the simpler one serves as well;
// where it is splurged the better one is the point (common practice).
const FILLED: Readonly<Record<Spend, number>> = { save: 0.75, even: 0.5, splurge: 0.25 }

/** What an option is worth to the whole: more for what counts more, and the better it fits. Whole, at least 1. */
export function worthOf(item: Pick<ChoosingItem, 'importance' | 'spend'>, quality: number): number {
  const filled = FILLED[item.spend]
  return Math.max(1, Math.round(20 * item.importance * (filled + ((1 - filled) * quality) / 100)))
}

const LATER = 'later:'
const laterId = (itemId: string) => `${LATER}${itemId}`

/** Everything at its best: what a set is measured against. */
export const mostWorth = (choosing: Choosing): number =>
  choosing.items.reduce((sum, i) => sum + Math.max(0, ...i.options.map((o) => worthOf(i, o.quality))), 0)

/** What the present choices come to: money in full, worth only where they can still be taken. */
export function nowOf(choosing: Choosing): { readonly value: number; readonly costMinor: number } {
  let [value, costMinor] = [0, 0]
  for (const i of choosing.items) {
    const option = nowOption(i)
    value += option ? worthOf(i, option.quality) : 0
    costMinor += i.now?.costMinor ?? 0
  }
  return { value, costMinor }
}

/** The option chosen now, as long as it can be taken. */
const nowOption = (i: ChoosingItem) => i.options.find((o) => o.id === i.now?.id)

/** What is asked of the set besides being worth most. */
export interface Wish {
  /** Nothing that is chosen now is left for later. */
  readonly keepAll?: boolean
  /** Rather leave as it is than change: fewest swaps first, worth second. */
  readonly fewestSwaps?: boolean
  /** This option is taken, whatever it costs the rest. */
  readonly take?: string
}

/** The choice as a problem of the best set. Prices and worth are whole numbers. */
export function problemOf(choosing: Choosing, wish: Wish = {}): SetProblem {
  const stay = wish.fewestSwaps ? mostWorth(choosing) + 1 : 0
  const openOf = (i: ChoosingItem) => {
    const wished = i.options.find((o) => o.id === wish.take)
    if (wished) return [wished]
    return i.locked && i.now ? i.options.filter((o) => o.id === i.now?.id) : i.options
  }
  const open = choosing.items.map(openOf)
  const whole = new Set(choosing.items.flatMap((i) => i.options.map((o) => o.id)))
  const known = new Set(open.flat().map((o) => o.id))
  const groups = choosing.items.map((i, k): SetGroup => {
    // A part whose set is among what may be chosen, and is kept out of it, cannot be had.
    const ways = (open[k] ?? []).filter((o) => !o.partOfId || known.has(o.partOfId) || !whole.has(o.partOfId))
    const now = nowOption(i)
    const bound = (i.locked && now) || ways.some((o) => o.id === wish.take) || (wish.keepAll && now)
    const later = ways.length === 0 || (!bound && (i.mayWait || !now))
    return {
      id: i.id,
      required: true,
      ...(choosing.caps.some((c) => c.category === i.category) ? { cap: i.category } : {}),
      options: [
        ...ways.map((o) => ({
          id: o.id,
          costMinor: o.costMinor,
          value: worthOf(i, o.quality) + (o.id === now?.id ? stay : 0),
        })),
        // Later costs nothing and is worth nothing; as an option of its own it can be what a set excludes.
        ...(later ? [{ id: laterId(i.id), costMinor: 0, value: now ? 0 : stay }] : []),
      ],
    }
  })
  const taken = new Set(groups.flatMap((g) => g.options.map((o) => o.id)))
  const conflicts: (readonly [string, string])[] = choosing.conflicts.filter((pair) =>
    pair.every((id) => taken.has(id)),
  )
  // A part of a set excludes every way of filling the other item but the set.
  for (const o of open.flat()) {
    if (!o.partOfId || !taken.has(o.id)) continue
    const holder = groups.find((g) => g.options.some((x) => x.id === o.partOfId))
    for (const x of holder?.options ?? []) if (x.id !== o.partOfId) conflicts.push([o.id, x.id])
  }
  return {
    budgetMinor: Math.max(0, choosing.budgetMinor),
    groups,
    conflicts,
    caps: choosing.caps
      .filter((c) => groups.some((g) => g.cap === c.category))
      .map((c) => ({ name: c.category, maxMinor: Math.max(0, c.maxMinor) })),
  }
}

/** One item of a set that differs from today. */
export interface SetChange {
  readonly itemId: string
  readonly itemName: string
  readonly from: { readonly id: string; readonly name: string; readonly costMinor: number } | undefined
  /** Undefined: later. */
  readonly to: { readonly id: string; readonly name: string; readonly costMinor: number } | undefined
  /** Above zero is saved. */
  readonly savesMinor: number
  /** Worth gained; below zero is lost. */
  readonly gains: number
  /** Why it is better or worse, in words. */
  readonly because: string
}

export interface ChosenSet {
  readonly feasible: boolean
  readonly proven: boolean
  readonly costMinor: number
  readonly value: number
  readonly changes: readonly SetChange[]
}

/** A set as what changes against today, each change with its reason. */
export function chosenSet(choosing: Choosing, answer: SetAnswer): ChosenSet {
  let [value, costMinor] = [0, 0]
  const changes = choosing.items.flatMap((i, k): SetChange[] => {
    const to = i.options.find((o) => o.id === answer.chosen[k])
    value += to ? worthOf(i, to.quality) : 0
    costMinor += to?.costMinor ?? 0
    if (to?.id === i.now?.id) return []
    const from = nowOption(i)
    const plain = (o: ChoosingOption | undefined) => o && { id: o.id, name: o.name, costMinor: o.costMinor }
    return [
      {
        itemId: i.id,
        itemName: i.name,
        from: i.now,
        to: plain(to),
        savesMinor: (i.now?.costMinor ?? 0) - (to?.costMinor ?? 0),
        gains: (to ? worthOf(i, to.quality) : 0) - (from ? worthOf(i, from.quality) : 0),
        because: i.now && !from ? `${i.now.name} cannot be taken` : whyOf(i, from, to),
      },
    ]
  })
  return { feasible: answer.feasible, proven: answer.proven, costMinor, value, changes }
}

/** The reason that sets the two apart most. */
function whyOf(item: ChoosingItem, from: ChoosingOption | undefined, to: ChoosingOption | undefined): string {
  if (!to) return item.mayWait ? 'may wait' : 'left open'
  if (!from)
    return (
      to.reasons
        .filter((r) => r.satisfied >= 0.7)
        .slice(0, 2)
        .map((r) => r.says)
        .join(', ') || 'fills the item'
    )
  const told = (list: ChoosingOption['reasons'], other: ChoosingOption['reasons'], worse: boolean) =>
    list
      .filter((r) => !other.some((o) => o.says === r.says))
      .sort((x, y) => (worse ? x.satisfied - y.satisfied : y.satisfied - x.satisfied))[0]
  const better = to.quality >= from.quality
  const found = told(to.reasons, from.reasons, !better)
  const was = told(from.reasons, to.reasons, better)
  if (better)
    return (
      [found?.says, was && was.satisfied < 0.7 ? `instead of: ${was.says}` : undefined]
        .filter(Boolean)
        .join(', ') || 'serves as well'
    )
  return [found && found.satisfied < 0.9 ? found.says : undefined, 'costs less'].filter(Boolean).join(', ')
}

/**
 * The best set, and how it differs from today. Goods count as if each were bought by itself; where only the coupon or the
 * common delivery of today's orders keeps them within the money, today's choices stand as long as nothing is worth more.
 */
export function bestChoice(choosing: Choosing, wish: Wish = {}): ChosenSet {
  const problem = problemOf(choosing, wish)
  const found = chosenSet(choosing, bestSet(problem))
  const now = nowOf(choosing)
  const today = choosing.items.map((i) => i.now?.id)
  const keepsToday =
    wish.take === undefined && now.costMinor <= choosing.budgetMinor && keeps(choosing, problem, today)
  return keepsToday && (!found.feasible || found.value < now.value)
    ? { feasible: true, proven: found.proven, ...now, changes: [] }
    : found
}

/** Whether choices keep conflicts and caps, and can all be taken; money aside. */
function keeps(choosing: Choosing, problem: SetProblem, ids: readonly (string | undefined)[]): boolean {
  const taken = new Set(ids)
  const spent = (category: string) =>
    choosing.items.reduce((sum, i) => sum + (i.category === category ? (i.now?.costMinor ?? 0) : 0), 0)
  return (
    choosing.items.every((i) => !i.now || nowOption(i) !== undefined) &&
    problem.conflicts.every((pair) => !pair.every((id) => taken.has(id))) &&
    choosing.caps.every((c) => spent(c.category) <= c.maxMinor)
  )
}

/**
 * Ways back inside the money, the least painful first: with the fewest swaps, with the least loss, and with nothing that
 * is chosen left for later. Ways that come to the same are told once.
 */
export function waysBack(
  choosing: Choosing,
  choose: (wish: Wish) => ChosenSet = (wish) => bestChoice(choosing, wish),
): { readonly title: string; readonly set: ChosenSet }[] {
  const ways = [
    { title: 'Fewest changes', set: choose({ fewestSwaps: true }) },
    { title: 'Nothing left for later', set: choose({ keepAll: true, fewestSwaps: true }) },
    { title: 'Best room for the money', set: choose({}) },
  ].filter((w) => w.set.feasible)
  const key = (s: ChosenSet) => s.changes.map((c) => `${c.itemId} ${c.to?.id ?? ''}`).join('|')
  return ways.filter((w, i) => ways.findIndex((x) => key(x.set) === key(w.set)) === i)
}

/** The wish for one splurge: that option taken, the rest of the set changed as little as can be to pay for it. */
export const payingFor = (optionId: string): Wish => ({ take: optionId, fewestSwaps: true })

export interface CurvePoint {
  readonly budgetMinor: number
  readonly set: ChosenSet
}

/** The best set at rising totals: what more money buys. */
export function curveOf(choosing: Choosing, points: number, each?: (done: number) => void): CurvePoint[] {
  const lows = choosing.items.map((i) =>
    i.mayWait ? 0 : Math.min(...(i.options.length > 0 ? i.options.map((o) => o.costMinor) : [0])),
  )
  const highs = choosing.items.map((i) => Math.max(0, ...i.options.map((o) => o.costMinor)))
  const [low, high] = [lows, highs].map((l) => l.reduce((a, b) => a + b, 0)) as [number, number]
  const budgets = Array.from({ length: points }, (_, k) =>
    Math.round(low + ((high - low) * (k + 1)) / points),
  )
  const problem = problemOf(choosing)
  return bestSets(problem, budgets, each ? { each } : {}).map((answer, k) => ({
    budgetMinor: budgets[k] ?? 0,
    set: chosenSet(choosing, answer),
  }))
}
