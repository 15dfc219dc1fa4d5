import { describe, expect, test } from 'vitest'
import { emptyJob, itemWith, optionWith } from '../../../examples/emptyJob.js'
import { rowsOfList } from '../../../job/rowsOfList.js'
import { readTable } from './readTable.js'
import { type Grid } from './grid.js'

const metric = { currency: 'EUR', system: 'metric' } as const

/** A list as it comes: title, merged header, two currencies, inches and centimeters, thousands set apart, empty lines. */
const MESSY: Grid = [
  ['Loom and Landing, trade list', null],
  [],
  ['Art. no', 'For', 'Product', 'Size', null, null, 'Price', 'Lead', 'Material', 'Stock', 'Remarks'],
  [null, null, null, 'W (in)', 'D (cm)', 'H', 'EUR or USD', 'weeks', null, null, null],
  ['A1', 'Rug', 'Stripe', '96 1/2', 330, '12 mm', '€ 1.420,00', '4-6', 'wool', 'yes', 'back in spring'],
  ['A2', 'Rug', 'Plain', 94, '331,5', 8, '$ 1,480.50', 3, 'jute', 'few', ''],
  [],
  ['A3', 'Rug', 'Ribbed', '-', 330, '', "1'250.-", '', 'polypropylene', 'out of stock', null],
  ['A4', 'Rug', 'Bare', 94, 330, 10, '1 250,50', 2, '', '0', null],
  ['A5', 'Rug', 'Asked', 94, 330, 10, 'on request', 2, 'wool', 'yes', null],
  ['A6', 'Rug', '', 94, 330, 10, 900, 2, 'wool', 'yes', null],
  ['A7', 'Rug', 'Vague', 'about so', 330, 10, 900, 2, 'wool', 'yes', null],
  ['A8', null, 'Nobody’s', 94, 330, 10, 900.5, 2, 'wool', 'yes', null],
]

describe('a list as it comes', () => {
  const read = readTable(MESSY, metric)
  test('the header is found over two lines, the merged cell counting for those under it', () => {
    expect(read.headerRows).toEqual([3, 4])
    expect(read.columns.map((c) => c.field)).toEqual([
      'number',
      'item',
      'name',
      'width',
      'depth',
      'height',
      'price',
      'lead',
      'material',
      'stock',
      'note',
    ])
    expect(read.columns.slice(3, 5).map((c) => [c.header, c.unit])).toEqual([
      ['Size W (in)', 'in'],
      ['Size D (cm)', 'cm'],
    ])
  })
  test.each([
    [
      'Stripe',
      {
        widthMm: 2451.1,
        depthMm: 3300,
        heightMm: 12,
        priceMinor: 142_000,
        currency: 'EUR',
        leadDays: 42,
        stock: 'in stock',
        note: 'back in spring',
      },
    ],
    [
      'Plain',
      {
        widthMm: 2387.6,
        depthMm: 3315,
        heightMm: 8,
        priceMinor: 148_050,
        currency: 'USD',
        leadDays: 21,
        stock: 'few left',
      },
    ],
    [
      'Ribbed',
      {
        widthMm: null,
        depthMm: 3300,
        heightMm: null,
        priceMinor: 125_000,
        leadDays: null,
        stock: 'sold out',
      },
    ],
    ['Bare', { priceMinor: 125_050, stock: 'sold out', leadDays: 14 }],
    ['Nobody’s', { itemName: '', priceMinor: 90_050 }],
  ] as const)('%s is taken with its units, currency and days', (name, wanted) =>
    expect(read.taken.find((r) => r.name === name)).toMatchObject(wanted),
  )
  test('what is not taken is named with row and reason, and empty lines are counted', () => {
    expect(read.left.map((l) => [l.row, l.why])).toEqual([
      [10, '“on request” is no price'],
      [11, 'no name'],
      [12, 'width “about so” was not understood'],
    ])
    expect(read.emptyRows).toBe(1)
    expect(read.taken.length + read.left.length + read.emptyRows).toBe(MESSY.length - 4)
  })
  test('prices in another currency need a rate; rows without an item need a place; all else makes options', () => {
    const job = emptyJob({
      items: [itemWith({ id: 'rug', name: 'rug ' })],
      options: [optionWith({ id: 'o', itemId: 'rug', supplierId: 's', catalogKey: 'A3' })],
    })
    let n = 0
    const rows = (rates: Record<string, string>, itemId: string | null) =>
      rowsOfList(read.taken, {
        job,
        supplierId: 's',
        itemId,
        rates,
        today: '2026-03-02',
        newId: () => `new ${++n}`,
      })
    const bare = rows({}, null)
    expect(bare.left.map((l) => l.why)).toEqual([
      'price in USD, and no rate is given for it',
      'its number is among the options of this item already',
      'no item is named, and none is chosen for such rows',
    ])
    const full = rows({ USD: '0,92' }, 'rug')
    expect(full.options.find((o) => o.name === 'Plain')).toMatchObject({
      currency: 'USD',
      rate: '0.92',
      rateOn: '2026-03-02',
      itemId: 'rug',
    })
    expect([full.options.length, full.items.length]).toEqual([4, 0])
  })
  test('items nobody has are made once for all their rows', () => {
    let n = 0
    const rows = rowsOfList(read.taken, {
      job: emptyJob(),
      supplierId: null,
      itemId: null,
      rates: { USD: '0.92' },
      today: '2026-03-02',
      newId: () => `new ${++n}`,
    })
    expect(rows.items.map((i) => i.name)).toEqual(['Rug'])
    expect(new Set(rows.options.map((o) => o.itemId))).toEqual(new Set([rows.items[0]?.id]))
  })
})

test('a meaning remembered from the last list counts before what the words say', () => {
  const grid: Grid = [
    ['Model', 'Tag', 'Net'],
    ['Stool', 'S-9', 45],
  ]
  const plain = readTable(grid, metric)
  expect(plain.columns.map((c) => c.field)).toEqual(['name', undefined, 'price'])
  const known = readTable(grid, {
    ...metric,
    remembered: new Map([
      ['tag', 'number'],
      ['net', 'price'],
      ['model', 'name'],
    ]),
  })
  expect(known.taken[0]).toMatchObject({ name: 'Stool', catalogKey: 'S-9', priceMinor: 4500 })
  const set = readTable(grid, { ...metric, set: new Map([[1, 'note']]) })
  expect(set.taken[0]).toMatchObject({ note: 'S-9' })
})

test('prices in two columns: the job’s own currency first', () => {
  const grid: Grid = [
    ['Name', 'Price USD', 'Price EUR'],
    ['Lamp', 120, 110],
    ['Shade', 60, null],
  ]
  const read = readTable(grid, metric)
  expect(read.taken.map((r) => [r.priceMinor, r.currency])).toEqual([
    [11_000, 'EUR'],
    [6000, 'USD'],
  ])
})

test('sizes in one cell: the unit said once counts for all', () => {
  const grid: Grid = [
    ['Name', 'Dimensions', 'Price'],
    ['Sofa', '198 x 90 x 84 cm', 1480],
    ['Rug', '8ft x 10ft', 900],
    ['Box', 'W600 × D400 × H500', 90],
  ]
  const read = readTable(grid, metric)
  expect(read.taken.map((r) => [r.widthMm, r.depthMm, r.heightMm])).toEqual([
    [1980, 900, 840],
    [2438.4, 3048, null],
    [600, 400, 500],
  ])
})

test('without a header nothing is taken, and every row says why', () => {
  const read = readTable(
    [
      [1, 2, 3],
      [4, 5, 6],
    ],
    metric,
  )
  expect([read.headerRows, read.taken]).toEqual([[], []])
  expect(read.left.map((l) => l.why)).toEqual(['no name', 'no name'])
})

test('five thousand rows are read, none lost: taken, left out and empty add up', () => {
  const header = MESSY.slice(0, 4)
  const body = Array.from({ length: 5000 }, (_, i) => MESSY[4 + (i % 9)] ?? [])
  const read = readTable([...header, ...body], metric)
  expect(read.taken.length + read.left.length + read.emptyRows).toBe(5000)
  expect(read.taken.length).toBeGreaterThan(2500)
})
