import { sumRows } from '../stages/ledger/budgetPosition.js'
import { clientAccount } from '../stages/ledger/clientAccount.js'
import { booksAt, monthEnds } from '../stages/ledger/monthEnds.js'
import type { DerivedJob } from './derive.js'
import { purchasesOf, taxMonths } from './ledgerTables.js'
import { estimatesLeft } from './documentSide.js'
import type { JobSnapshot } from '../model/snapshot.js'
import { formatterOf } from '../kernel/units/formatter.js'

/** What the ledger is put on paper as. */
export const PAPERS = ['statement', 'budget', 'purchases', 'tax'] as const
export type PaperName = (typeof PAPERS)[number]

/** A cell: words, a count, an amount of money in minor units, an ISO day, or nothing. */
export type Cell = string | number | { readonly minor: number } | { readonly on: string } | null

/** One table of a paper; its last row adds up the others when it has one. */
export interface PaperTable {
  readonly title: string
  readonly head: readonly string[]
  readonly rows: readonly (readonly Cell[])[]
  readonly total: readonly Cell[] | undefined
  /** Begins a page where it is printed. */
  readonly newPage?: true
}

/** A paper whatever it is written as: PDF, XLSX and CSV are made of the same tables, so their sums are the same. */
export interface Paper {
  readonly name: PaperName
  readonly title: string
  readonly says: string
  readonly tables: readonly PaperTable[]
}

const money = (minor: number): Cell => ({ minor })
const day = (on: string | null | undefined): Cell => (on ? { on } : null)
const sum = <T>(list: readonly T[], of: (t: T) => number) => list.reduce((s, t) => s + of(t), 0)

/** Makes one paper of a job. The client's statement has no trade prices and no suppliers. */
export function paperOf(name: PaperName, job: JobSnapshot, derived: DerivedJob, today: string): Paper {
  const made = { statement, budget, purchases, tax }[name](job, derived, today)
  return { name, ...made, says: `${made.says} As of ${formatterOf(job.studio).day(today)}.` }
}

type Made = Omit<Paper, 'name'>

function statement(job: JobSnapshot, derived: DerivedJob): Made {
  const account = job.entries.filter((e) => e.kind === 'client payment' || e.kind === 'fee')
  const bought = derived.orders
    .flatMap((o) => o.lines)
    .filter((l) => l.state.costMinor !== 0 || l.state.netPaidMinor !== 0 || l.given)
  const { receivedMinor, feeMinor, laidOutMinor, inHandMinor } = clientAccount(job.entries)
  const p = derived.position
  const estimatedMinor = sum(estimatesLeft(job, derived.orders), (g) => g.amountMinor)
  return {
    title: 'Client statement',
    says: 'What was received, what was spent of it, and what is still to come.',
    tables: [
      {
        title: 'Budget',
        head: ['', 'Amount'],
        rows: [
          ['Agreed', money(p.agreedMinor)],
          ['of which changes agreed since', money(sum(job.changeOrders, (c) => c.amountMinor))],
          ['Paid', money(p.paidMinor)],
          ...(estimatedMinor > 0 ? [['of which estimated, its receipt to come', money(estimatedMinor)]] : []),
          ['Ordered, still to pay', money(p.orderedMinor)],
          ['Chosen, not ordered', money(p.chosenMinor)],
          ['Refunds promised', money(p.dueBackMinor)],
          ['Store credit in hand', money(p.creditMinor)],
          ['Forecast at completion', money(p.forecastMinor)],
          [
            inHandMinor >= 0 ? 'In hand with the studio' : 'To be received from the client',
            money(Math.abs(inHandMinor)),
          ],
        ],
        total: undefined,
      },
      {
        title: 'Account with the studio',
        head: ['Date', 'What', 'Received', 'Charged'],
        rows: [
          ...account.map((e): Cell[] => [
            e.on,
            e.note || (e.kind === 'fee' ? 'Fee' : 'Payment'),
            e.kind === 'client payment' ? money(e.amountMinor) : null,
            e.kind === 'fee' ? money(e.amountMinor) : null,
          ]),
          ['', 'Paid for purchases, less refunds', null, money(laidOutMinor)],
        ],
        total: ['', 'Received, and charged', money(receivedMinor), money(feeMinor + laidOutMinor)],
      },
      {
        title: 'Purchases',
        head: ['Item', 'What', 'Pieces', 'Cost', 'Paid'],
        rows: bought.map((l): Cell[] => [
          l.line.itemName,
          l.line.optionName,
          l.line.quantity,
          money(l.state.costMinor),
          money(l.state.netPaidMinor),
        ]),
        total: [
          '',
          'All',
          null,
          money(sum(bought, (l) => l.state.costMinor)),
          money(sum(bought, (l) => l.state.netPaidMinor)),
        ],
      },
    ],
  }
}

function budget(job: JobSnapshot, derived: DerivedJob): Made {
  const caps = new Map(job.budgetShares.map((a) => [a.category as string, a.amountMinor]))
  const rows = derived.position.categories
  const all = sumRows(rows)
  const toCome = (r: { forecastMinor: number; paidMinor: number }) => money(r.forecastMinor - r.paidMinor)
  return {
    title: 'Budget report',
    says: 'Forecast: what is kept of the orders, what is chosen, and the targets of what is still open.',
    tables: [
      {
        title: 'By category',
        head: [
          'Category',
          'Share',
          'Target',
          'Chosen',
          'Ordered',
          'Paid',
          'To come',
          'Forecast',
          'Difference',
        ],
        rows: rows.map((r): Cell[] => {
          const share = caps.get(r.category)
          return [
            r.category,
            share === undefined ? null : money(share),
            money(r.targetMinor),
            money(r.chosenMinor),
            money(r.orderedMinor),
            money(r.paidMinor),
            toCome(r),
            money(r.forecastMinor),
            money(r.differenceMinor),
          ]
        }),
        total: [
          'all',
          caps.size > 0 ? money(sum([...caps.values()], (c) => c)) : null,
          money(all.targetMinor),
          money(all.chosenMinor),
          money(all.orderedMinor),
          money(all.paidMinor),
          toCome(all),
          money(all.forecastMinor),
          money(all.differenceMinor),
        ],
      },
      {
        title: 'Changes of the budget',
        head: ['Agreed on', 'By', 'What', 'Amount'],
        rows: job.changeOrders.map((c): Cell[] => [day(c.agreedOn), c.agreedBy, c.why, money(c.amountMinor)]),
        total: ['', '', 'All', money(sum(job.changeOrders, (c) => c.amountMinor))],
      },
    ],
  }
}

function purchases(_job: JobSnapshot, derived: DerivedJob): Made {
  const list = purchasesOf(derived)
  return {
    title: 'List of purchases',
    says: 'Everything ordered, with its source and price.',
    tables: [
      {
        title: 'Purchases',
        head: [
          'Order',
          'Supplier',
          'Item',
          'What',
          'Category',
          'Pieces',
          'Ordered',
          'Delivered',
          'State',
          'Cost',
          'Tax inside',
          'Paid',
          'Owed',
          'Due back',
          'By others',
          'Back until',
        ],
        rows: list.map((p): Cell[] => [
          p.order,
          p.supplier,
          p.item,
          p.option,
          p.category,
          p.quantity,
          day(p.orderedOn),
          day(p.deliveredOn),
          p.state,
          money(p.costMinor),
          money(p.taxMinor),
          money(p.paidMinor),
          money(p.owedMinor),
          money(p.dueBackMinor),
          money(p.givenMinor),
          day(p.returnUntil),
        ]),
        total: [
          null,
          'All',
          null,
          null,
          null,
          null,
          null,
          null,
          null,
          money(sum(list, (p) => p.costMinor)),
          money(sum(list, (p) => p.taxMinor)),
          money(sum(list, (p) => p.paidMinor)),
          money(sum(list, (p) => p.owedMinor)),
          money(sum(list, (p) => p.dueBackMinor)),
          money(sum(list, (p) => p.givenMinor)),
          null,
        ],
      },
    ],
  }
}

function tax(job: JobSnapshot, _derived: DerivedJob, today: string): Made {
  const months = taxMonths(job)
  const ends = booksAt(job.entries, monthEnds(job.entries, today))
  return {
    title: 'Tax summary',
    says: `Tax inside orders and charges less credits, by the month they were entered for; the rate of the job is ${job.brief.taxPpm / 10_000} %.`,
    tables: [
      {
        title: 'By month',
        head: ['Month', 'Net', 'Tax', 'Gross'],
        rows: months.map((m): Cell[] => [
          m.month,
          money(m.netMinor),
          money(m.taxMinor),
          money(m.netMinor + m.taxMinor),
        ]),
        total: [
          'all',
          money(sum(months, (m) => m.netMinor)),
          money(sum(months, (m) => m.taxMinor)),
          money(sum(months, (m) => m.netMinor + m.taxMinor)),
        ],
      },
      {
        title: 'At the end of each month',
        head: ['Day', 'Committed', 'Delivered', 'Paid', 'Paid ahead', 'Owed'],
        rows: ends.map((b): Cell[] => [
          b.on,
          money(b.committedMinor),
          money(b.accruedMinor),
          money(b.paidMinor),
          money(b.prepaidMinor),
          money(b.payableMinor),
        ]),
        total: undefined,
      },
    ],
  }
}
