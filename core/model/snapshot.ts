import type { UnitSystem } from '../kernel/units/length.js'
import type { ChangeOrder } from './records/changeOrders.js'
import type { LedgerEntry } from './records/entries.js'
import type { OrderLine } from './records/lines.js'
import type { OrderEventRow } from './records/orderEvents.js'
import type { Order } from './records/orders.js'
import type { Lesson } from './lesson.js'
import type { Rows } from './registry.js'
import type { BookWords } from './richText.js'
import type { OfficePaper } from './vocabulary/countries.js'

export type { ChangeOrder, Order, OrderLine }

/** A row as it is stored: its fields and the version a removal must have seen. */
export type Stored<T> = T & { readonly version: number }

export interface Studio {
  readonly id: string
  readonly name: string
  readonly currency: string
  readonly locale: string
  readonly system: UnitSystem
  readonly paper: OfficePaper
  /** IANA: its day is the day of the job. */
  readonly timeZone: string
}

/** Who wrote a record, and its place among all of them. */
interface Signed {
  readonly seq: number
  readonly memberName: string
}

/** One line of the append-only ledger, with the name of who wrote it. */
export type Entry = Readonly<LedgerEntry> & Signed

/** What was heard of an order, or decided of a thing that came, with the name of who wrote it. */
export type OrderEvent = Readonly<OrderEventRow> & Signed

/** Everything stored about one job, as plain data: the only input of everything derived. */
export interface JobSnapshot extends ManyRows, SingleRows {
  readonly studio: Studio
  /** The studio's own words for the parts of the book; absent where nothing was loaded of the studio. */
  readonly bookWords?: BookWords
  /** What the closed jobs of the studio have taught. */
  readonly lessons?: readonly Lesson[]
  /** Oldest first. */
  readonly changeOrders: readonly ChangeOrder[]
  readonly orders: readonly Order[]
  readonly lines: readonly OrderLine[]
  readonly entries: readonly Entry[]
  /** Oldest first. */
  readonly orderEvents: readonly OrderEvent[]
}

type SingleName = 'brief' | 'client' | 'schools' | 'room'
type SingleRows = { readonly [C in SingleName]: Stored<Rows[C]> }
type ManyRows = { readonly [C in Exclude<keyof Rows, SingleName>]: readonly Stored<Rows[C]>[] }
