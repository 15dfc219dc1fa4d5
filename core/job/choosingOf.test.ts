import { ROWS } from '../model/registry.js'
import { expect, test } from 'vitest'
import { bestChoice } from '../stages/source/choosing.js'
import { choosingOf, clashesOf } from './choosingOf.js'
import { deriveJob } from './derive.js'
import { emptyJob, itemWith, optionWith } from '../examples/emptyJob.js'

const job = emptyJob({
  suppliers: [
    {
      ...ROWS.suppliers.blank(),
      id: 's',
      name: 'Mill Row',
      deliveryBands: [{ fromMinor: 0, feeMinor: 4900 }],
      columns: [],
      version: 1,
    },
  ],
  items: [
    itemWith({ id: 'rug', chosenOptionId: 'jute', category: 'textiles' }),
    itemWith({ id: 'lamp', category: 'light', mayWait: true }),
  ],
  options: [
    optionWith({
      id: 'jute',
      itemId: 'rug',
      supplierId: 's',
      priceMinor: 40_000,
      colorL: 60,
      colorA: -8,
      colorB: 6,
      material: 'brass',
    }),
    optionWith({ id: 'wide', itemId: 'rug', priceMinor: 30_000, widthMm: 4000 }),
    optionWith({
      id: 'brass',
      itemId: 'lamp',
      supplierId: 's',
      priceMinor: 10_000,
      colorL: 60,
      colorA: 12,
      colorB: 20,
      material: 'brass',
    }),
    optionWith({ id: 'tin', itemId: 'lamp', kind: 'placeholder', priceMinor: 3000 }),
  ],
})
const wide = { ...job, items: job.items.map((i) => (i.id === 'rug' ? { ...i, maxWidthMm: 3000 } : i)) }

test('what is chosen counts as its order prices it, the rest as bought by itself; a stand-in holds its target', () => {
  const choosing = choosingOf(wide, deriveJob(wide, '2026-03-02'))
  const cost = (id: string) => choosing.items.flatMap((i) => i.options).find((o) => o.id === id)?.costMinor
  expect([cost('jute'), cost('brass'), cost('tin')]).toEqual([44_900, 14_900, 13_000])
  // What does not fit is no option; what is free and what the rug takes may be spent.
  expect(cost('wide')).toBeUndefined()
  const { position } = deriveJob(wide, '2026-03-02')
  expect(choosing.budgetMinor).toBe(position.freeMinor + 44_900)
})

test('two brasses that lean apart are kept from each other', () => {
  const derived = deriveJob(wide, '2026-03-02')
  expect(clashesOf(derived.items).map((pair) => [...pair].sort())).toEqual([['brass', 'jute']])
  const set = bestChoice(choosingOf(wide, derived))
  expect(set.changes.map((c) => c.to?.id)).toEqual(['tin'])
})

test('what is ordered is no more to be chosen', () => {
  const ordered = {
    ...wide,
    orders: [
      {
        id: 'o',
        number: 1,
        supplierId: 's',
        supplierName: 'Mill Row',
        placedOn: '2026-03-01',
        expectedOn: null,
        depositMinor: 0,
        depositDueOn: null,
        balanceDueOn: null,
        note: '',
      },
    ],
    lines: [
      {
        id: 'l',
        orderId: 'o',
        itemId: 'rug',
        optionId: 'jute',
        itemName: 'Rug',
        optionName: 'Jute',
        category: 'textiles' as const,
        quantity: 1,
        amountMinor: 44_900,
        taxMinor: 0,
        returnDays: null,
      },
    ],
    entries: [
      {
        seq: 1,
        eventId: 'e',
        kind: 'order' as const,
        lineId: 'l',
        amountMinor: 44_900,
        quantity: 1,
        on: '2026-03-01',
        means: null,
        voucherId: null,
        estimated: false,
        updateId: '',
        taxMinor: 0,
        note: '',
        reverses: null,
        memberName: 'M',
      },
    ],
  }
  const choosing = choosingOf(ordered, deriveJob(ordered, '2026-03-02'))
  expect(choosing.items.map((i) => i.id)).toEqual(['lamp'])
})
