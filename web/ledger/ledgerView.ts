import type { DerivedJob } from '@bonitas/core/job/derive'
import type { DerivedLine } from '@bonitas/core/job/deriveLedger'
import { EXCHANGED } from '@bonitas/core/ledger/schema'
import { minorToDecimal } from '@bonitas/core/money/currency'
import type { Entry, JobSnapshot } from '@bonitas/core/job/snapshot'

/** What an act is called: by its first entry, or what was paid for one thing and counts for another. */
export type EventKind = Entry['kind'] | 'set off'

export interface EventRow {
  readonly eventId: string
  readonly seq: number
  readonly on: string
  readonly kind: EventKind
  readonly what: string
  readonly amountMinor: number
  readonly means: string | null
  readonly note: string
  readonly memberName: string
  /** It takes another back, or was itself taken back. */
  readonly isReversal: boolean
  readonly reversed: boolean
  /** Effect on the money paid: a payment takes it down, a refund brings it up. */
  readonly paidAfterMinor: number
}

const WORDS: Readonly<Record<EventKind, string>> = {
  order: 'Ordered', cancel: 'Cancelled', payment: 'Paid', delivery: 'Delivered', return: 'Sent back', refund: 'Refunded',
  adjustment: 'Price lowered', charge: 'Charged', gift: 'Given', 'client payment': 'From the client', fee: 'Fee', 'set off': 'Set off',
} // prettier-ignore

export const kindWord = (kind: EventKind): string => WORDS[kind]

/** Words that a row is found by. */
export const rowText = (r: EventRow, currency: string): string =>
  [r.what, kindWord(r.kind), r.note, r.memberName, r.means, r.on, minorToDecimal(r.amountMinor, currency)]
    .join(' ')
    .toLowerCase()

/** The ledger as a running list, one row per act, newest first, with the money paid after each. */
export function eventRows(job: JobSnapshot): EventRow[] {
  const lineOf = new Map(job.lines.map((l) => [l.id, l]))
  const reversed = new Set(job.entries.flatMap((e) => e.reverses ?? []))
  const groups = new Map<string, Entry[]>()
  for (const entry of job.entries) {
    const group = groups.get(entry.eventId)
    if (group) group.push(entry)
    else groups.set(entry.eventId, [entry])
  }
  let paid = 0
  const rows: EventRow[] = []
  for (const [eventId, entries] of groups) {
    const first = entries[0]
    if (!first) continue
    // Back for the one and paid for the other is one sum, and no money.
    const kind = first.means === EXCHANGED ? 'set off' : first.kind
    const counted = kind === 'set off' ? entries.filter((e) => e.kind === 'payment') : entries
    const amountMinor = counted.reduce((sum, e) => sum + e.amountMinor, 0)
    if (kind === 'payment') paid += amountMinor
    if (kind === 'refund') paid -= amountMinor
    rows.push({
      eventId,
      seq: first.seq,
      on: first.on,
      kind,
      what: entries
        .map((e) => (e.lineId && lineOf.get(e.lineId)?.itemName) || 'the job as a whole')
        .join(', '),
      amountMinor,
      means: kind === 'set off' ? null : first.means,
      note: first.note,
      memberName: first.memberName,
      isReversal: first.reverses !== null,
      reversed: reversed.has(eventId),
      paidAfterMinor: paid,
    })
  }
  return rows.reverse()
}

/** What is chosen from one supplier and not yet ordered. */
export interface OrderGroup {
  readonly supplierId: string | null
  readonly name: string
  readonly items: readonly OrderableItem[]
}

interface OrderableItem {
  readonly id: string
  readonly name: string
  readonly option: string
  readonly amountMinor: number
  readonly leadDays: number | null
}

/** What can be ordered now, by supplier. */
export function orderable(job: JobSnapshot, derived: DerivedJob): OrderGroup[] {
  const groups = new Map<string | null, OrderGroup & { items: OrderableItem[] }>()
  for (const i of derived.items) {
    if (i.state !== 'chosen' || !i.chosen) continue
    const supplierId = i.chosen.option.supplierId ?? null
    const name = job.suppliers.find((s) => s.id === supplierId)?.name ?? 'No supplier named'
    const group = groups.get(supplierId) ?? { supplierId, name, items: [] }
    group.items.push({
      id: i.item.id,
      name: i.item.name,
      option: i.chosen.option.name,
      amountMinor: i.chosenMinor,
      leadDays: i.chosen.option.leadDays ?? null,
    })
    groups.set(supplierId, group)
  }
  return [...groups.values()]
}

/** Where a line stands, in words. */
export function lineWords(
  l: Pick<DerivedLine, 'state' | 'deliveredOn' | 'returnUntil'> &
    Partial<Pick<DerivedLine, 'decision' | 'damaged' | 'given'>>,
  day: (iso: string) => string,
): string {
  const { state, deliveredOn, returnUntil } = l
  const toCome = state.toComeQuantity
  const parts: string[] = []
  if (state.orderedQuantity === 0) return 'order taken back'
  if (state.liveQuantity === 0) parts.push(state.cancelledQuantity > 0 ? 'cancelled' : 'sent back')
  else if (toCome > 0) parts.push(state.deliveredQuantity > 0 ? `${toCome} still to come` : 'on order')
  else if (deliveredOn) parts.push(`delivered ${day(deliveredOn)}`)
  if (l.given) parts.unshift(toCome > 0 ? 'pledged' : 'given')
  if (l.damaged) parts.push('damaged')
  if (l.decision && state.hereQuantity > 0) parts.push(l.decision)
  if (returnUntil) parts.push(`can go back until ${day(returnUntil)}`)
  if (state.adjustedMinor > 0) parts.push('price lowered since')
  if (state.chargedMinor > 0) parts.push('charged on top')
  return parts.join(' · ')
}

/** What can take the place of a line: the options of its item that its seller has, itself among them. */
export function optionsOf(derived: DerivedJob | undefined, { line }: DerivedLine) {
  const seller = derived?.orders.find((o) => o.order.id === line.orderId)?.order.supplierId
  return (derived?.items.find((i) => i.item.id === line.itemId)?.options ?? [])
    .filter((o) => o.option.id === line.optionId || (o.option.supplierId ?? seller) === seller)
    .map((o) => ({ id: o.option.id, name: o.option.name, landedMinor: o.price.landedMinor }))
}
