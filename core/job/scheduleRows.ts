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

/**
 * The schedule of items as rows of a sheet. The studio's has every option with its landed price; the client's has what is
 * chosen at its list price, and nothing of trade prices and suppliers. Amounts are decimals of the job's currency.
 */
export function scheduleRows(
  job: JobSnapshot,
  derived: DerivedJob,
  reader: 'studio' | 'client',
): { readonly head: readonly string[]; readonly rows: readonly Cell[][] } {
  const { currency } = job.studio
  const amount = (minor: number) => Number(minorToDecimal(minor, currency))
  const size = (...mm: (number | null | undefined)[]) => mm.map((n): Cell => n ?? '')
  if (reader === 'client')
    return {
      head: [
        'Item',
        'For',
        'Pieces',
        'Chosen',
        'Width mm',
        'Depth mm',
        'Height mm',
        `Price ${currency}`,
        'Expected',
      ],
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
  const supplierOf = (id: string | null | undefined) => job.suppliers.find((s) => s.id === id)?.name ?? ''
  return {
    head: [
      'Item',
      'Category',
      'Intent',
      'Pieces',
      `Target ${currency}`,
      'Needed by',
      'State',
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
    ],
    rows: derived.items.flatMap((i): Cell[][] => {
      const lead: Cell[] = [
        i.item.name,
        i.item.category,
        i.item.intent,
        i.item.quantity,
        amount(i.item.targetMinor),
        i.item.neededOn ?? '',
        i.state,
      ]
      if (i.options.length === 0) return [[...lead, ...Array.from({ length: 16 }, (): Cell => '')]]
      return i.options.map((o): Cell[] => [
        ...lead,
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
      ])
    }),
  }
}
