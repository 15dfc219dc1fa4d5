import type { EntryKind, OrderEventKind } from '../stages/ledger/schema.js'
import type { UnitSystem } from '../kernel/units/length.js'
import type { Rows } from './registry.js'

/** A row as it is stored: its fields and the version a write must have seen. */
export type Stored<T> = T & { readonly version: number }

export interface Studio {
  readonly id: string
  readonly name: string
  readonly currency: string
  readonly locale: string
  readonly system: UnitSystem
}

export interface Order {
  readonly id: string
  readonly number: number
  readonly supplierId: string | null
  readonly supplierName: string
  readonly placedOn: string
  readonly expectedOn: string | null
  readonly depositMinor: number
  readonly depositDueOn: string | null
  readonly balanceDueOn: string | null
  readonly note: string
}

/** What was ordered, at the price of that day. Later edits of item or option do not reach it. */
export interface OrderLine {
  readonly id: string
  readonly orderId: string
  readonly itemId: string
  readonly optionId: string
  readonly itemName: string
  readonly optionName: string
  readonly category: string
  readonly quantity: number
  readonly amountMinor: number
  readonly taxMinor: number
  readonly returnDays: number | null
}

/** One line of the append-only ledger. Entries of one act share an event. */
export interface Entry {
  readonly seq: number
  readonly eventId: string
  readonly kind: EntryKind
  /** Null for what concerns the job as a whole. */
  readonly lineId: string | null
  readonly amountMinor: number
  readonly taxMinor: number
  readonly quantity: number
  readonly on: string
  readonly means: string | null
  readonly voucherId: string | null
  /** The amount is remembered, not read off a paper. */
  readonly guessed: boolean
  readonly note: string
  /** The event this entry takes back, when it is a reversal. */
  readonly reverses: string | null
  readonly memberName: string
}

/** What was heard of an order, or decided of a thing that came. */
export interface OrderEvent {
  readonly id: string
  readonly seq: number
  readonly orderId: string
  readonly lineId: string | null
  readonly kind: OrderEventKind
  readonly on: string
  readonly expectedOn: string | null
  readonly note: string
  readonly memberName: string
}

/** A change of the agreed budget, as it was agreed. */
export interface ChangeOrder {
  readonly id: string
  readonly amountMinor: number
  readonly agreedOn: string
  readonly agreedBy: string
  readonly why: string
}

/** Everything stored about one job, as plain data: the only input of everything derived. */
export interface JobSnapshot extends ManyRows {
  readonly studio: Studio
  readonly brief: Stored<Rows['brief']>
  readonly client: Stored<Rows['client']>
  readonly schools: Stored<Rows['schools']>
  readonly room: Stored<Rows['room']>
  /** Oldest first. */
  readonly changeOrders: readonly ChangeOrder[]
  readonly orders: readonly Order[]
  readonly lines: readonly OrderLine[]
  readonly entries: readonly Entry[]
  /** Oldest first. */
  readonly orderEvents: readonly OrderEvent[]
}

type ManyRows = {
  readonly [C in Exclude<keyof Rows, 'brief' | 'client' | 'schools' | 'room'>]: readonly Stored<Rows[C]>[]
}
