import { memoOn } from '../kernel/memoOn.js'
import { lineState, type LineState } from '../stages/ledger/lineState.js'
import { addDays } from '../kernel/units/days.js'
import { grouped } from './grouped.js'
import type { Entry, JobSnapshot, Order, OrderEvent, OrderLine } from '../model/snapshot.js'

export interface DerivedLine {
  readonly line: OrderLine
  readonly state: LineState
  /** The day its first part came. */
  readonly deliveredOn: string | undefined
  /** The day the last of it came; undefined while some is to come. */
  readonly completeOn: string | undefined
  /** Last day it can go back, when the supplier's window and a delivery are known; undefined once it is kept. */
  readonly returnUntil: string | undefined
  /** The last day something of it went back. */
  readonly returnedOn: string | undefined
  /** What was decided once it was seen in the room. */
  readonly decision: 'kept' | 'to go back' | undefined
  readonly damaged: boolean
  /** Somebody else pays for it. */
  readonly given: boolean
}

export interface DerivedOrder {
  readonly order: Order
  /** By number and supplier, as a person says it. */
  readonly name: string
  readonly lines: readonly DerivedLine[]
  /** What was heard of it, oldest first. */
  readonly events: readonly OrderEvent[]
  /** As last heard. */
  readonly expectedOn: string | null
  readonly amountMinor: number
  readonly outstandingMinor: number
  readonly paidMinor: number
  readonly dueBackMinor: number
  /** What of the deposit that was agreed is still to pay. */
  readonly depositOpenMinor: number
  /** All of it is here, since then. */
  readonly completeOn: string | undefined
}

const linesOn = memoOn(
  (lines: JobSnapshot['lines'], entries: JobSnapshot['entries'], events: JobSnapshot['orderEvents']) => {
    const entriesOf = grouped(entries, (e) => e.lineId)
    const eventsOf = grouped(events, (e) => e.lineId)
    return lines.map((line) => deriveLine(line, entriesOf.get(line.id) ?? [], eventsOf.get(line.id) ?? []))
  },
)

/** Every line with what the ledger says of it; the same list as long as nothing was entered. */
export const deriveLines = (job: JobSnapshot): DerivedLine[] =>
  linesOn(job.lines, job.entries, job.orderEvents)

function deriveLine(line: OrderLine, entries: readonly Entry[], events: readonly OrderEvent[]): DerivedLine {
  const state = lineState(entries)
  const reversed = new Set(entries.map((e) => e.reverses))
  const standing = (kind: Entry['kind']) =>
    entries.filter((e) => e.kind === kind && !e.reverses && !reversed.has(e.eventId))
  // By the days themselves: parts may be entered in any order.
  const came =
    state.deliveredQuantity > 0
      ? standing('delivery')
          .map((e) => e.on)
          .sort()
      : []
  const deliveredOn = came[0]
  const said = [...events].reverse().find((e) => e.kind === 'kept' || e.kind === 'to go back')?.kind
  const returnUntil =
    deliveredOn && line.returnDays != null && state.hereQuantity > 0 && said !== 'kept'
      ? addDays(deliveredOn, line.returnDays)
      : undefined
  return {
    line,
    state,
    deliveredOn,
    completeOn: state.toComeQuantity <= 0 ? came.at(-1) : undefined,
    returnUntil,
    returnedOn:
      state.returnedQuantity > 0
        ? standing('return').at(-1)?.on
        : state.cancelledQuantity > 0
          ? standing('cancel').at(-1)?.on
          : standing('adjustment').at(-1)?.on,
    decision: said === 'kept' || said === 'to go back' ? said : undefined,
    damaged: events.some((e) => e.kind === 'damaged'),
    given: standing('gift').length > 0,
  }
}

export function deriveOrders(job: JobSnapshot, lines: readonly DerivedLine[]): DerivedOrder[] {
  const linesOf = grouped(lines, (l) => l.line.orderId)
  const eventsOf = grouped(job.orderEvents, (e) => e.orderId)
  return [...job.orders]
    .sort((x, y) => x.number - y.number)
    .map((order) => {
      const own = linesOf.get(order.id) ?? []
      const events = eventsOf.get(order.id) ?? []
      const sum = (value: (s: LineState) => number) => own.reduce((total, l) => total + value(l.state), 0)
      const here = own.filter((l) => l.state.liveQuantity > 0)
      const [outstandingMinor, paidMinor] = [sum((s) => s.outstandingMinor), sum((s) => s.netPaidMinor)]
      return {
        order,
        name: `Order ${order.number}, ${order.supplierName || 'no supplier named'}`,
        lines: own,
        events,
        expectedOn: [...events].reverse().find((e) => e.expectedOn)?.expectedOn ?? order.expectedOn,
        amountMinor: sum((s) => s.dueMinor),
        outstandingMinor,
        paidMinor,
        dueBackMinor: sum((s) => s.dueBackMinor),
        depositOpenMinor: Math.min(outstandingMinor, Math.max(0, order.depositMinor - paidMinor)),
        completeOn:
          here.length > 0 && here.every((l) => l.state.toComeQuantity <= 0)
            ? here
                .flatMap((l) => l.completeOn ?? [])
                .sort()
                .at(-1)
            : undefined,
      }
    })
}

/** What is left on each gift card and credit. */
export function voucherLeft(job: Pick<JobSnapshot, 'vouchers' | 'entries'>): ReadonlyMap<string, number> {
  const left = new Map(job.vouchers.map((v) => [v.id, v.amountMinor]))
  for (const e of job.entries)
    if (e.voucherId && e.kind === 'payment')
      left.set(e.voucherId, (left.get(e.voucherId) ?? 0) - e.amountMinor)
  return left
}
