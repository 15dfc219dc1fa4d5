import { ROWS } from '../model/registry.js'
import { expect, test } from 'vitest'
import { deriveJob } from './derive.js'
import { emptyJob, itemWith, optionWith } from '../examples/emptyJob.js'
import { scheduleRows } from './scheduleRows.js'

const job = emptyJob({
  suppliers: [
    { ...ROWS.suppliers.blank(), id: 's', name: 'Mill Row', deliveryBands: [], columns: [], version: 1 },
  ],
  items: [
    itemWith({ id: 'settee', name: 'Settee', intent: 'a calm seat', chosenOptionId: 'a', position: 0 }),
    itemWith({ id: 'lamp', name: 'Lamp', position: 1 }),
  ],
  options: [
    optionWith({
      id: 'a',
      itemId: 'settee',
      name: 'Chalk',
      supplierId: 's',
      priceMinor: 120_000,
      tradePpm: 300_000,
      widthMm: 1960,
      catalogKey: 'K-1',
    }),
    optionWith({ id: 'b', itemId: 'settee', name: 'Linen', supplierId: 's', priceMinor: 90_000 }),
  ],
})
const derived = deriveJob(job, '2026-03-02')

test('the studio’s schedule has every option with its landed price, and items without options', () => {
  const { head, rows } = scheduleRows(job, derived, 'studio')
  expect(rows.map((r) => r.length)).toEqual(rows.map(() => head.length))
  const at = (name: string) => head.indexOf(name)
  expect(
    rows.map((r) => [r[0], r[at('Option')], r[at('Landed EUR')], r[at('Chosen')], r[at('Supplier')]]),
  ).toEqual([
    ['Settee', 'Chalk', 840, 'yes', 'Mill Row'],
    ['Settee', 'Linen', 900, '', 'Mill Row'],
    ['Lamp', '', '', '', ''],
  ])
})

test('the client’s has list prices, and nothing of trade prices, suppliers, numbers and what was not chosen', () => {
  const { head, rows } = scheduleRows(job, derived, 'client')
  expect(rows.map((r) => r.length)).toEqual(rows.map(() => head.length))
  expect(rows.map((r) => [r[0], r[3], r[head.indexOf('Price EUR')]])).toEqual([
    ['Settee', 'Chalk', 1200],
    ['Lamp', 'open', ''],
  ])
  const told = JSON.stringify([head, rows])
  for (const secret of ['Mill Row', 'K-1', 'Linen', '840', 'Trade', 'Supplier'])
    expect(told).not.toContain(secret)
})
