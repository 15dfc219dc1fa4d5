import { addDays, daysBetween } from '../../kernel/units/days.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import type { Arrival, PlanTask } from '../../stages/install/planTask.js'
import type { DerivedItem } from '../deriveItems.js'
import type { DerivedOrder } from '../deriveLedger.js'

/** How late orders of a supplier came, in days after the day first said; of all its jobs where they are known. */
export interface Lateness {
  readonly supplierId: string
  readonly days: number
}

/** Of the orders of one job: each that has come whole, against the day it was first expected. */
export function latenessOf(orders: readonly DerivedOrder[]): Lateness[] {
  return orders.flatMap(({ order, completeOn }) =>
    order.supplierId && order.expectedOn && completeOn
      ? [{ supplierId: order.supplierId, days: Math.max(0, daysBetween(order.expectedOn, completeOn)) }]
      : [],
  )
}

/** Goods that tasks wait for and that are not here yet, and building work that is not done. */
export function arrivalsOf(
  job: JobSnapshot,
  items: readonly DerivedItem[],
  orders: readonly DerivedOrder[],
  tasks: readonly PlanTask[],
  today: string,
  lateness: readonly Lateness[],
): Arrival[] {
  const needed = new Set(tasks.filter((t) => t.doneOn === null).flatMap((t) => t.needs))
  const goods = items.flatMap((derived): Arrival[] => {
    const { item, chosen, state, lines } = derived
    const key = `arrives|item:${item.id}`
    const owned = chosen?.option.kind === 'owned'
    if (!needed.has(key) || state === 'delivered' || owned) return []
    const live = lines.filter((l) => l.state.toComeQuantity > 0)
    const own = orders.filter((o) => live.some((l) => l.line.orderId === o.order.id))
    const expected = own.flatMap((o) => (o.expectedOn ? [o.expectedOn] : [])).sort()
    const leadDays = chosen?.option.leadDays ?? null
    const supplierId = own[0]?.order.supplierId ?? chosen?.option.supplierId ?? null
    const said =
      state === 'ordered'
        ? own.length > 0 && expected.length === own.length
          ? (expected.at(-1) ?? null)
          : null
        : leadDays === null
          ? null
          : addDays(today, leadDays)
    // What should have come and did not has no day any more.
    const missed = said !== null && said < today
    return [
      {
        ...{ key, name: item.name, itemId: item.id, state, on: missed ? null : said },
        missedOn: missed ? said : null,
        supplierName: job.suppliers.find((s) => s.id === supplierId)?.name ?? '',
        ...{ leadDays, neededOn: item.neededOn },
        lateDays: lateness.filter((l) => l.supplierId === supplierId).map((l) => l.days),
      },
    ]
  })
  const works = job.works
    .filter((w) => !w.done && needed.has(`work:${w.id}`))
    .map((w): Arrival => ({
      ...{ key: `work:${w.id}`, name: w.what, itemId: null, state: 'building work', neededOn: null },
      ...{ on: w.readyOn !== null && w.readyOn < today ? null : w.readyOn, supplierName: '', leadDays: null },
      ...{ missedOn: w.readyOn !== null && w.readyOn < today ? w.readyOn : null, lateDays: [] },
    }))
  return [...goods, ...works]
}
