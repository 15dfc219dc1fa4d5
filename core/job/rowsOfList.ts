import { ROWS } from '../model/registry.js'
import type { LeftRow, TakenRow } from '../stages/source/table/readTable.js'
import type { Item } from '../model/rows/items.js'
import type { Option } from '../model/rows/options.js'

import type { JobSnapshot } from '../model/snapshot.js'

export interface ListWish {
  readonly job: JobSnapshot
  readonly supplierId: string | null
  /** Where rows go that name no item; null leaves them out. */
  readonly itemId: string | null
  /** Rates of other currencies, as typed. */
  readonly rates: Readonly<Record<string, string | undefined>>
  readonly today: string
  /** Makes an id: the core draws none of its own. */
  readonly newId: () => string
}

export interface ListRows {
  readonly items: readonly Item[]
  readonly options: readonly Option[]
  readonly left: readonly LeftRow[]
}

/** The rows of a job that a supplier's list makes: options under items of the same name, new items for names nobody has. */
export function rowsOfList(taken: readonly TakenRow[], wish: ListWish): ListRows {
  const { job } = wish
  const plain = (name: string) => name.toLowerCase().replace(/\s+/g, ' ').trim()
  const itemOf = new Map(job.items.map((i) => [plain(i.name), i.id]))
  const items: Item[] = []
  const options: Option[] = []
  const left: LeftRow[] = []
  const known = new Set(
    job.options
      .filter((o) => o.catalogKey && o.supplierId === wish.supplierId)
      .map((o) => `${o.itemId} ${o.catalogKey}`),
  )
  let position = job.items.reduce((most, i) => Math.max(most, i.position), -1)
  for (const r of taken) {
    const out = (why: string) =>
      left.push({ row: r.row, text: `${r.itemName ? `${r.itemName}: ` : ''}${r.name}`, why })
    const foreign = r.currency !== job.studio.currency
    const rate = (wish.rates[r.currency] ?? '').trim().replace(',', '.')
    if (foreign && !/^\d{1,7}(\.\d{1,8})?$/.test(rate)) {
      out(`price in ${r.currency}, and no rate is given for it`)
      continue
    }
    let itemId = r.itemName ? itemOf.get(plain(r.itemName)) : (wish.itemId ?? undefined)
    if (!r.itemName && !itemId) {
      out('no item is named, and none is chosen for such rows')
      continue
    }
    if (!itemId) {
      itemId = wish.newId()
      itemOf.set(plain(r.itemName), itemId)
      items.push({
        ...ROWS.items.blank(),
        id: itemId,
        name: r.itemName.slice(0, 120),
        category: 'furniture',
        targetMinor: 0,
        serves: [],
        demands: [],
        neededOn: job.brief.installOn ?? null,
        position: Math.min(10_000, ++position),
      })
    }
    const key = `${itemId} ${r.catalogKey}`
    if (r.catalogKey && known.has(key)) {
      out('its number is among the options of this item already')
      continue
    }
    if (r.catalogKey) known.add(key)
    options.push({
      ...ROWS.options.blank(),
      id: wish.newId(),
      itemId,
      supplierId: wish.supplierId,
      name: r.name,
      kind: r.kind,
      priceMinor: r.priceMinor,
      currency: foreign ? r.currency : null,
      rate: foreign ? rate : '',
      rateOn: foreign ? wish.today : null,
      packSize: r.packSize,
      unit: r.packSize > 1 ? 'a pack' : 'each',
      widthMm: r.widthMm,
      depthMm: r.depthMm,
      heightMm: r.heightMm,
      leadDays: r.leadDays,
      returnDays: r.returnDays,
      deliveryMinor: r.deliveryMinor,
      material: r.material,
      stock: r.stock,
      stockOn: r.stock ? wish.today : null,
      years: r.years,
      catalogKey: r.catalogKey,
      traits: [],
      lookedAt: [],
      note: [r.note, ...r.doubts].filter(Boolean).join(' · ').slice(0, 400),
    })
  }
  return { items, options, left }
}
