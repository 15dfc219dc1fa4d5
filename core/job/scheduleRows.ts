import { minorToDecimal } from '../kernel/money/currency.js'
import type { DerivedJob } from './derive.js'
import type { DerivedItem } from './deriveItems.js'
import type { JobSnapshot } from '../model/snapshot.js'

type Cell = string | number

/** What an item with a choice is down for: what its orders come to, or its choice in the order of today; to the client at list price. */
export function scheduledMinor(i: DerivedItem, reader: 'studio' | 'client'): number {
  if (reader === 'client' && i.chosen && i.chosen.option.tradePpm > 0) return i.chosen.price.listMinor
  return i.lines.length > 0 ? i.lines.reduce((sum, l) => sum + l.state.costMinor, 0) : i.chosenMinor
}

interface Sheet {
  readonly head: readonly string[]
  readonly rows: readonly Cell[][]
}

const size = (...mm: (number | null | undefined)[]) => mm.map((n): Cell => n ?? '')

/** What is chosen at its list price, and nothing of trade prices and suppliers. */
function clientRows(derived: DerivedJob, currency: string, amount: (minor: number) => number): Sheet {
  const sizes = ['Width mm', 'Depth mm', 'Height mm']
  return {
    head: ['Item', 'For', 'Pieces', 'Chosen', ...sizes, `Price ${currency}`, 'Expected'],
    rows: derived.items.map((i): Cell[] => {
      const o = i.chosen?.option
      return [
        i.item.name,
        i.item.intent,
        i.item.quantity,
        o?.name ?? 'open',
        ...size(o?.widthMm, o?.depthMm, o?.heightMm),
        i.chosen ? amount(scheduledMinor(i, 'client')) : '',
        i.item.neededOn ?? '',
      ]
    }),
  }
}

const itemHead = (currency: string) => [
  'Item',
  'Category',
  'Intent',
  'Pieces',
  `Target ${currency}`,
  'Needed by',
  'State',
]
const optionHead = (currency: string) => [
  'Option',
  'Kind',
  'Chosen',
  'Supplier',
  'Number',
  'Width mm',
  'Depth mm',
  'Height mm',
  `Price ${currency}`,
  'Pack',
  `Landed ${currency}`,
  'Lead days',
  'Return days',
  'Material',
  'Cannot be taken because',
  'Note',
]

/** Every option with its landed price; an item without one has a row of its own. */
function studioRows(job: JobSnapshot, derived: DerivedJob, amount: (minor: number) => number): Sheet {
  const { currency } = job.studio
  const supplierOf = (id: string | null | undefined) => job.suppliers.find((s) => s.id === id)?.name ?? ''
  const ofOption = (o: DerivedItem['options'][number]): Cell[] => [
    o.option.name,
    o.option.kind,
    o.chosen ? 'yes' : '',
    supplierOf(o.option.supplierId),
    o.option.catalogKey,
    ...size(o.option.widthMm, o.option.depthMm, o.option.heightMm),
    amount(o.option.priceMinor),
    o.option.packSize,
    amount(o.price.landedMinor),
    o.option.leadDays ?? '',
    o.option.returnDays ?? '',
    o.option.material,
    o.suits.against.map((r) => r.says).join('; '),
    o.option.note,
  ]
  const noOption = optionHead(currency).map((): Cell => '')
  return {
    head: [...itemHead(currency), ...optionHead(currency)],
    rows: derived.items.flatMap((i): Cell[][] => {
      const ofItem: Cell[] = [
        i.item.name,
        i.item.category,
        i.item.intent,
        i.item.quantity,
        amount(i.item.targetMinor),
        i.item.neededOn ?? '',
        i.state,
      ]
      if (i.options.length === 0) return [[...ofItem, ...noOption]]
      return i.options.map((o) => [...ofItem, ...ofOption(o)])
    }),
  }
}

/**
 * The schedule of items as rows of a sheet: the studio's, or the client's. Amounts are decimals of the job's currency,
 * sizes whole millimeters.
 */
export function scheduleRows(job: JobSnapshot, derived: DerivedJob, reader: 'studio' | 'client'): Sheet {
  const { currency } = job.studio
  const amount = (minor: number) => Number(minorToDecimal(minor, currency))
  return reader === 'client' ? clientRows(derived, currency, amount) : studioRows(job, derived, amount)
}
