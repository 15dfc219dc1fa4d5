import { describe, expect, test } from 'vitest'
import { deriveLines, deriveOrders, voucherLeft } from './deriveLedger.js'
import { emptyJob } from '../examples/emptyJob.js'
import type { Entry, JobSnapshot, Order, OrderEvent, OrderLine } from '../model/snapshot.js'

const order: Order = {
  id: 'o',
  number: 3,
  supplierId: null,
  supplierName: 'Loom and Landing',
  placedOn: '2026-10-01',
  expectedOn: '2026-10-20',
  depositMinor: 4_000,
  depositDueOn: null,
  balanceDueOn: null,
  note: '',
}
const line = (id: string, more: Partial<OrderLine> = {}): OrderLine => ({
  id,
  orderId: 'o',
  itemId: id,
  optionId: id,
  itemName: id,
  optionName: id,
  category: 'textiles',
  quantity: 2,
  amountMinor: 10_000,
  taxMinor: 0,
  returnDays: 14,
  ...more,
})
let seq = 0
const entry = (kind: Entry['kind'], on: string, more: Partial<Entry> = {}): Entry => ({
  seq: ++seq,
  eventId: `e${seq}`,
  kind,
  lineId: 'rug',
  amountMinor: 0,
  taxMinor: 0,
  quantity: 0,
  on,
  means: null,
  voucherId: null,
  estimated: false,
  updateId: '',
  note: '',
  reverses: null,
  memberName: 'Ilse',
  ...more,
})
const heard = (kind: OrderEvent['kind'], on: string, more: Partial<OrderEvent> = {}): OrderEvent => ({
  id: `h${++seq}`,
  seq,
  orderId: 'o',
  lineId: 'rug',
  kind,
  on,
  expectedOn: null,
  updateId: '',
  note: '',
  memberName: 'Ilse',
  ...more,
})

const ordered = entry('order', '2026-10-01', { quantity: 2, amountMinor: 10_000 })
const came = entry('delivery', '2026-10-12', { quantity: 2 })
const taken = (e: Entry, on: string): Entry =>
  entry(e.kind, on, { quantity: -e.quantity, amountMinor: -e.amountMinor, reverses: e.eventId })
const jobOf = (
  entries: readonly Entry[],
  orderEvents: readonly OrderEvent[] = [],
  lines = [line('rug')],
): JobSnapshot => emptyJob({ orders: [order], lines, entries: [ordered, ...entries], orderEvents })
const lineOf = (
  entries: readonly Entry[],
  events: readonly OrderEvent[] = [],
  more: Partial<OrderLine> = {},
) => deriveLines(jobOf(entries, events, [line('rug', more)]))[0]!

describe('a line and how long it can go back', () => {
  test.each<[string, ReturnType<typeof lineOf>, string | undefined, string | undefined]>([
    ['on order: no day yet', lineOf([]), undefined, undefined],
    ['here: its window from the day it came', lineOf([came]), '2026-10-12', '2026-10-26'],
    [
      'here in parts: from the first',
      lineOf([
        entry('delivery', '2026-10-05', { quantity: 1 }),
        entry('delivery', '2026-10-15', { quantity: 1 }),
      ]),
      '2026-10-05',
      '2026-10-19',
    ],
    ['no window known', lineOf([came], [], { returnDays: null }), '2026-10-12', undefined],
    ['kept: it goes back no more', lineOf([came], [heard('kept', '2026-10-13')]), '2026-10-12', undefined],
    [
      'kept, then meant to go back after all',
      lineOf([came], [heard('kept', '2026-10-13'), heard('to go back', '2026-10-14')]),
      '2026-10-12',
      '2026-10-26',
    ],
    [
      'gone back already',
      lineOf([came, entry('return', '2026-10-20', { quantity: 2, amountMinor: 10_000 })]),
      '2026-10-12',
      undefined,
    ],
    [
      'one of two gone back: the other still can',
      lineOf([came, entry('return', '2026-10-20', { quantity: 1, amountMinor: 5_000 })]),
      '2026-10-12',
      '2026-10-26',
    ],
    ['the delivery was taken back', lineOf([came, taken(came, '2026-10-13')]), undefined, undefined],
  ])('%s', (_what, l, deliveredOn, returnUntil) => expect(l).toMatchObject({ deliveredOn, returnUntil }))

  test.each<[string, Entry[], string | undefined]>([
    ['sent back', [came, entry('return', '2026-10-20', { quantity: 2, amountMinor: 10_000 })], '2026-10-20'],
    [
      'sent back twice: the last day',
      [came, entry('return', '2026-10-20', { quantity: 1 }), entry('return', '2026-10-22', { quantity: 1 })],
      '2026-10-22',
    ],
    ['cancelled', [entry('cancel', '2026-10-04', { quantity: 2, amountMinor: 10_000 })], '2026-10-04'],
    ['its price lowered', [entry('adjustment', '2026-10-30', { amountMinor: 500 })], '2026-10-30'],
    ['nothing of it', [came], undefined],
  ])('what came back and when: %s', (_what, entries, on) => expect(lineOf(entries).returnedOn).toBe(on))

  test('damage and gifts are told; a gift that was taken back is none', () => {
    expect(lineOf([came], [heard('damaged', '2026-10-13')])).toMatchObject({
      damaged: true,
      given: false,
      decision: undefined,
    })
    const gift = entry('gift', '2026-10-02', { amountMinor: 10_000 })
    expect(lineOf([gift]).given).toBe(true)
    expect(lineOf([gift, taken(gift, '2026-10-03')]).given).toBe(false)
  })
  test('as long as nothing was entered the same list is handed over, and another after an entry or a word', () => {
    const job = jobOf([came])
    const lines = deriveLines(job)
    expect(deriveLines({ ...job, items: [] })).toBe(lines)
    expect(deriveLines({ ...job, orderEvents: [heard('kept', '2026-10-13')] })).not.toBe(lines)
    expect(deriveLines({ ...job, entries: [...job.entries] })).not.toBe(lines)
  })
})

describe('an order', () => {
  const orderOf = (job: JobSnapshot) => deriveOrders(job, deriveLines(job))[0]!
  const paid = (amountMinor: number) => entry('payment', '2026-10-02', { amountMinor, means: 'bank' })
  test.each<[string, Entry[], object]>([
    [
      'not paid',
      [],
      { amountMinor: 10_000, outstandingMinor: 10_000, depositOpenMinor: 4_000, paidMinor: 0 },
    ],
    [
      'part of the deposit paid',
      [paid(1_500)],
      { outstandingMinor: 8_500, depositOpenMinor: 2_500, paidMinor: 1_500 },
    ],
    ['more than the deposit paid', [paid(6_000)], { outstandingMinor: 4_000, depositOpenMinor: 0 }],
    [
      'lowered below its deposit: what is left is all that is owed',
      [entry('adjustment', '2026-10-03', { amountMinor: 8_000 })],
      { amountMinor: 2_000, depositOpenMinor: 2_000 },
    ],
    [
      'cancelled after it was paid: all of it is due back',
      [paid(10_000), entry('cancel', '2026-10-03', { quantity: 2, amountMinor: 10_000 })],
      { amountMinor: 0, outstandingMinor: 0, dueBackMinor: 10_000 },
    ],
  ])('%s', (_what, entries, wanted) => expect(orderOf(jobOf(entries))).toMatchObject(wanted))

  test('it is complete on the day the last of its lines came; what was cancelled is not waited for', () => {
    const lamp = line('lamp', { quantity: 1 })
    const other = entry('order', '2026-10-01', { lineId: 'lamp', quantity: 1, amountMinor: 3_000 })
    const two = (entries: readonly Entry[]) => orderOf(jobOf([other, ...entries], [], [line('rug'), lamp]))
    expect(two([came]).completeOn).toBeUndefined()
    expect(two([came, entry('delivery', '2026-10-18', { lineId: 'lamp', quantity: 1 })]).completeOn).toBe(
      '2026-10-18',
    )
    expect(
      two([came, entry('cancel', '2026-10-18', { lineId: 'lamp', quantity: 1, amountMinor: 3_000 })])
        .completeOn,
    ).toBe('2026-10-12')
  })
  test('it is expected when it was last said to be', () => {
    expect(orderOf(jobOf([])).expectedOn).toBe('2026-10-20')
    const said = [
      heard('delayed', '2026-10-10', { expectedOn: '2026-11-02' }),
      heard('acknowledged', '2026-10-11'),
    ]
    expect(orderOf(jobOf([], said)).expectedOn).toBe('2026-11-02')
  })
  test('it is called by number and supplier, and orders stand by number', () => {
    const job = jobOf([])
    const names = deriveOrders(
      { ...job, orders: [order, { ...order, id: 'p', number: 1, supplierName: '' }] },
      [],
    ).map((o) => o.name)
    expect(names).toEqual(['Order 1, no supplier named', 'Order 3, Loom and Landing'])
  })
})

test('a card holds what was put on it less what was paid with it; a payment taken back is on it again', () => {
  const voucher = { id: 'v', version: 1, amountMinor: 5_000 } as JobSnapshot['vouchers'][number]
  const spent = entry('payment', '2026-10-02', { amountMinor: 3_000, means: 'gift card', voucherId: 'v' })
  const left = (entries: readonly Entry[]) => voucherLeft({ vouchers: [voucher], entries }).get('v')
  expect(left([])).toBe(5_000)
  expect(left([spent])).toBe(2_000)
  expect(left([spent, { ...taken(spent, '2026-10-03'), voucherId: 'v' }])).toBe(5_000)
  expect(left([entry('refund', '2026-10-02', { amountMinor: 3_000, voucherId: 'v' })])).toBe(5_000)
})
