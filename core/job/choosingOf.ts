import { comparePair, type Colored } from '../stages/palette/pairs.js'
import { basketOf } from '../stages/source/basket.js'
import type { Choosing, ChoosingItem } from '../stages/source/choosing.js'
import type { DerivedJob } from './derive.js'
import type { DerivedItem, DerivedOption } from './deriveItems.js'
import { asColored } from './fitFrameOf.js'
import type { JobSnapshot } from '../model/snapshot.js'

// More pairs than this would say nothing a person could follow, and no search could prove.
const MOST_PAIRS = 20_000

/**
 * Pairs of options of different items that lean against each other. Options of one color and material are compared once,
 * so that a long list of goods costs what its colors cost.
 */
export function clashesOf(items: readonly DerivedItem[]): [string, string][] {
  const byColor = new Map<
    string,
    { readonly is: Colored; readonly options: { id: string; item: number }[] }
  >()
  items.forEach((i, item) => {
    for (const { option, suits } of i.options) {
      const { colorL: l, colorA: a, colorB: b } = option
      if (suits.against.length > 0 || l == null || a == null || b == null) continue
      const is = asColored({ l, a, b }, option.material)
      const key = `${is.undertone.family} ${l} ${a} ${b}`
      const same = byColor.get(key)
      if (same) same.options.push({ id: option.id, item })
      else byColor.set(key, { is, options: [{ id: option.id, item }] })
    }
  })
  const colors = [...byColor.values()]
  const pairs: [string, string][] = []
  for (const [n, one] of colors.entries())
    for (const two of colors.slice(0, n)) {
      if (comparePair(one.is, two.is).verdict !== 'clashes') continue
      for (const x of one.options)
        for (const y of two.options) if (x.item !== y.item) pairs.push([x.id, y.id])
      if (pairs.length > MOST_PAIRS) return pairs.slice(0, MOST_PAIRS)
    }
  return pairs
}

/**
 * What may still be chosen, for the best set: items not yet ordered, with the options that nothing strikes out. The
 * money is what is free and what the present choices of these items take.
 */
export function choosingOf(job: JobSnapshot, derived: DerivedJob): Choosing {
  const open = derived.items.filter((i) => i.state === 'open' || i.state === 'chosen')
  const banded = new Map(job.suppliers.filter((s) => s.deliveryBands.length > 0).map((s) => [s.id, s]))
  /** Landed when bought by itself: with the delivery of such an order, without any coupon. */
  const alone = (itemId: string, o: DerivedOption) => {
    const supplier = o.option.supplierId ? banded.get(o.option.supplierId) : undefined
    return supplier
      ? basketOf([{ itemId, price: o.price }], { ...supplier, discounts: [] }, job.brief, '').landedMinor
      : o.price.landedMinor
  }
  const items = open.map((i): ChoosingItem => {
    const held = (kind: string) => (kind === 'placeholder' ? i.item.targetMinor : 0)
    return {
      id: i.item.id,
      name: i.item.name,
      category: i.item.category,
      importance: i.item.importance,
      spend: i.item.spend,
      mayWait: i.item.mayWait,
      locked: i.item.locked,
      now: i.chosen && {
        id: i.chosen.option.id,
        name: i.chosen.option.name,
        costMinor: i.chosenMinor + i.allowanceMinor,
      },
      options: i.options
        .filter((o) => o.suits.against.length === 0 || (i.item.locked && o.chosen))
        .map((o) => ({
          id: o.option.id,
          name: o.option.name,
          costMinor: alone(i.item.id, o) + held(o.option.kind),
          quality: o.suits.quality,
          reasons: o.suits.reasons.map((r) => ({ says: r.says, satisfied: r.satisfied })),
          partOfId: o.option.partOfId ?? null,
        })),
    }
  })
  const now = open.reduce((sum, i) => sum + (i.state === 'chosen' ? i.chosenMinor + i.allowanceMinor : 0), 0)
  const spent = new Map<string, number>()
  for (const i of derived.items)
    if (i.state === 'ordered' || i.state === 'delivered')
      spent.set(
        i.item.category,
        (spent.get(i.item.category) ?? 0) + i.lines.reduce((sum, l) => sum + l.state.dueMinor, 0),
      )
  return {
    items,
    budgetMinor: derived.position.freeMinor + now,
    conflicts: clashesOf(open),
    caps: job.budgetShares
      .filter((a) => a.amountMinor > 0)
      .map((a) => ({ category: a.category, maxMinor: a.amountMinor - (spent.get(a.category) ?? 0) })),
  }
}
