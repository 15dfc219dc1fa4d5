import type { DerivedJob } from '@bonitas/core/job/derive'
import type { DerivedLine } from '@bonitas/core/job/deriveLedger'
import { EXCHANGED } from '@bonitas/core/model/vocabulary/ledger'
import { minorToDecimal } from '@bonitas/core/kernel/money/currency'
import type { Entry, JobSnapshot } from '@bonitas/core/model/snapshot'
import { t } from './words.js'
import { term } from '../words/term.js'

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

const WORDS = {
  order: 'ordered',
  cancel: 'cancelled',
  payment: 'paid',
  delivery: 'delivered',
  return: 'sentBack',
  refund: 'refunded',
  adjustment: 'priceLowered',
  charge: 'charged',
  gift: 'given',
  'client payment': 'fromTheClient',
  fee: 'fee',
  'set off': 'setOff',
} as const satisfies Readonly<Record<EventKind, string>>

export const kindWord = (kind: EventKind): string => t(WORDS[kind])

/** Words that a row is found by. */
export const rowText = (r: EventRow, currency: string): string =>
  [r.what, kindWord(r.kind), r.note, r.memberName, r.means, r.on, minorToDecimal(r.amountMinor, currency)]
    .join(' ')
    .toLowerCase()

/**
 * The ledger as a running list, one row per act, newest first, with the money paid after each. The entries of one act
 * are written together, so they stand together.
 */
export function eventRows(job: Pick<JobSnapshot, 'lines' | 'entries'>): EventRow[] {
  const nameOf = new Map(job.lines.map((l) => [l.id, l.itemName]))
  const what = (e: Entry) => (e.lineId && nameOf.get(e.lineId)) || t('theJobAsAWhole')
  const reversed = new Set<string>()
  for (const e of job.entries) if (e.reverses !== null) reversed.add(e.reverses)
  let paid = 0
  const rows: EventRow[] = []
  for (let from = 0, to: number; from < job.entries.length; from = to) {
    const first = job.entries[from] as Entry
    to = from + 1
    while (job.entries[to]?.eventId === first.eventId) to++
    // Back for the one and paid for the other is one sum, and no money.
    const kind = first.means === EXCHANGED ? 'set off' : first.kind
    let amountMinor = 0
    let names = what(first)
    for (let n = from; n < to; n++) {
      const e = job.entries[n] as Entry
      if (kind !== 'set off' || e.kind === 'payment') amountMinor += e.amountMinor
      if (n > from) names += `, ${what(e)}`
    }
    if (kind === 'payment') paid += amountMinor
    if (kind === 'refund') paid -= amountMinor
    rows.push({
      eventId: first.eventId,
      seq: first.seq,
      on: first.on,
      kind,
      what: names,
      amountMinor,
      means: kind === 'set off' ? null : first.means,
      note: first.note,
      memberName: first.memberName,
      isReversal: first.reverses !== null,
      reversed: reversed.has(first.eventId),
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
    const name = job.suppliers.find((s) => s.id === supplierId)?.name ?? t('noSupplierNamed2')
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
  if (state.orderedQuantity === 0) return t('orderTakenBack')
  if (state.liveQuantity === 0) parts.push(state.cancelledQuantity > 0 ? t('cancelled2') : t('sentBack2'))
  else if (toCome > 0)
    parts.push(state.deliveredQuantity > 0 ? t('toComeStillToCome', { toCome }) : t('onOrder'))
  else if (deliveredOn) parts.push(t('deliveredOn', { day: day(deliveredOn) }))
  if (l.given) parts.unshift(toCome > 0 ? t('pledged') : t('givenBefore'))
  if (l.damaged) parts.push(t('damagedSince'))
  if (l.decision && state.hereQuantity > 0) parts.push(term(l.decision))
  if (returnUntil) parts.push(t('canGoBackUntilReturnUntil', { returnUntil: day(returnUntil) }))
  if (state.adjustedMinor > 0) parts.push(t('priceLoweredSince'))
  if (state.chargedMinor > 0) parts.push(t('chargedOnTop'))
  return parts.join(' · ')
}

/** What can take the place of a line: the options of its item that its seller has, itself among them. */
export function optionsOf(derived: DerivedJob | undefined, { line }: DerivedLine) {
  const seller = derived?.orders.find((o) => o.order.id === line.orderId)?.order.supplierId
  return (derived?.items.find((i) => i.item.id === line.itemId)?.options ?? [])
    .filter((o) => o.option.id === line.optionId || (o.option.supplierId ?? seller) === seller)
    .map((o) => ({ id: o.option.id, name: o.option.name, landedMinor: o.price.landedMinor }))
}
