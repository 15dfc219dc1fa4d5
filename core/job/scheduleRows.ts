import { minorToDecimal } from '../kernel/money/currency.js'
import type { DerivedJob } from './derive.js'
import type { DerivedItem } from './deriveItems.js'
import type { JobSnapshot } from '../model/snapshot.js'
import type { UnitSystem } from '../kernel/units/length.js'

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

/** Sizes as numbers, in millimeters or in inches to the sixty-fourth. */
const size = (system: UnitSystem, ...mm: (number | null | undefined)[]) =>
  mm.map((n): Cell => (n == null ? '' : system === 'metric' ? n : Math.round((n / 25.4) * 64) / 64))
const sizeHead = (system: UnitSystem) =>
  ['Width', 'Depth', 'Height'].map((side) => `${side} ${system === 'metric' ? 'mm' : 'in'}`)

/** What is chosen at its list price, and nothing of trade prices and suppliers. */
function clientRows(job: JobSnapshot, derived: DerivedJob, amount: (minor: number) => number): Sheet {
  const { currency, system } = job.studio
  return {
    head: ['Item', 'For', 'Pieces', 'Chosen', ...sizeHead(system), `Price ${currency}`, 'Expected'],
    rows: derived.items.map((i): Cell[] => {
      const o = i.chosen?.option
      return [
        i.item.name,
        i.item.intent,
        i.item.quantity,
        o?.name ?? 'open',
        ...size(system, o?.widthMm, o?.depthMm, o?.heightMm),
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
const optionHead = (currency: string, system: UnitSystem) => [
  'Option',
  'Kind',
  'Chosen',
  'Supplier',
  'Number',
  ...sizeHead(system),
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
  const { currency, system } = job.studio
  const supplierOf = (id: string | null | undefined) => job.suppliers.find((s) => s.id === id)?.name ?? ''
  const ofOption = (o: DerivedItem['options'][number]): Cell[] => [
    o.option.name,
    o.option.kind,
    o.chosen ? 'yes' : '',
    supplierOf(o.option.supplierId),
    o.option.catalogKey,
    ...size(system, o.option.widthMm, o.option.depthMm, o.option.heightMm),
    amount(o.option.priceMinor),
    o.option.packSize,
    amount(o.price.landedMinor),
    o.option.leadDays ?? '',
    o.option.returnDays ?? '',
    o.option.material,
    o.suits.against.map((r) => r.says).join('; '),
    o.option.note,
  ]
  const noOption = optionHead(currency, system).map((): Cell => '')
  return {
    head: [...itemHead(currency), ...optionHead(currency, system)],
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
 * sizes whole millimeters, or inches.
 */
export function scheduleRows(job: JobSnapshot, derived: DerivedJob, reader: 'studio' | 'client'): Sheet {
  const { currency } = job.studio
  const amount = (minor: number) => Number(minorToDecimal(minor, currency))
  return reader === 'client' ? clientRows(job, derived, amount) : studioRows(job, derived, amount)
}
