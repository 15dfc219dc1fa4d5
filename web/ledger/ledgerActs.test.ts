import { describe, expect, test } from 'vitest'
import * as ledger from '@bonitas/core/stages/ledger/acts'
import { changeOrderSchema } from '@bonitas/core/stages/brief/changeOrder'
import { deriveJob } from '@bonitas/core/job/derive'
import type { Act } from './act.js'
import { ledgerActs } from './ledgerActs.js'
import { eventRows, optionsOf, orderable } from './ledgerView.js'
import { demoJob } from '@bonitas/core/testing/demoJob'
import { METRIC } from '@bonitas/core/testing/habits'

const job = demoJob()
const today = '2026-11-23'
const derived = deriveJob(job, today)
const money = (minor: number) => (minor / 100).toFixed(2)
const acts = ledgerActs({
  says: { ...METRIC, money },
  today,
  vouchers: [
    { id: 'card', name: 'Card from Pigment Cellar', kind: 'gift card', leftMinor: 4_000 },
    { id: 'spent', name: 'Spent card', kind: 'gift card', leftMinor: 0 },
    { id: 'credit', name: 'Credit for the table', kind: 'store credit', leftMinor: 900 },
  ],
})
const orderNo = (n: number) => derived.orders.find((o) => o.order.number === n)!
const lineOf = (name: string) => derived.orders.flatMap((o) => o.lines).find((l) => l.line.itemName === name)!
const group = orderable(job, derived)[0]!

const EVERY: Record<string, Act> = {
  order: acts.order(group, group.items),
  pay: acts.pay(orderNo(7)),
  deliver: acts.deliver(orderNo(5)),
  part: acts.part(orderNo(4), lineOf('Swing-arm lights')),
  'send back': acts.sendBack(lineOf('Rug')),
  refund: acts.refund(lineOf('Low table')),
  cancel: acts.cancel(lineOf('Curtains, pair')),
  lower: acts.lower(lineOf('Rug')),
  charge: acts.charge(lineOf('Rug')),
  exchange: acts.exchange(lineOf('Rug'), optionsOf(derived, lineOf('Rug'))),
  kept: acts.decide(orderNo(3), lineOf('Rug'), 'kept'),
  damaged: acts.decide(orderNo(3), lineOf('Rug'), 'damaged'),
  hear: acts.hear(orderNo(7)),
  give: acts.give({ id: 'fern', name: 'Fern', targetMinor: 6_000 }),
  'client pays': acts.account('client payment'),
  fee: acts.account('fee'),
  agree: acts.agree({ id: 'p', amountMinor: 18_000, why: 'felt lining' }),
  'take back': acts.reverse(eventRows(job)[0]!),
}
const SCHEMA_OF: Record<Act['path'], () => { fields: object }> = {
  orders: ledger.placeOrderSchema,
  payments: ledger.payOrderSchema,
  deliveries: ledger.deliverSchema,
  returns: ledger.returnSchema,
  refunds: ledger.refundSchema,
  cancellations: ledger.cancelSchema,
  reversals: ledger.reverseSchema,
  adjustments: ledger.adjustSchema,
  charges: ledger.chargeSchema,
  exchanges: ledger.exchangeSchema,
  gifts: ledger.giftSchema,
  account: ledger.accountSchema,
  'order-events': ledger.noteOrderSchema,
  'change-orders': changeOrderSchema,
}

describe.each(Object.entries(EVERY))('the form to %s', (_name, act) => {
  const asked = [
    act.dayField,
    act.amount?.field,
    act.quantity === undefined ? undefined : 'quantity',
    act.means ? 'means' : undefined,
    act.expectedOn === undefined ? undefined : 'expectedOn',
    act.noNote ? undefined : 'note',
    ...(act.more ?? []).map((m) => m.field),
    ...Object.keys(act.fixed),
  ].filter((f): f is string => f !== undefined)
  const fields = Object.keys(SCHEMA_OF[act.path]().fields)

  test('asks for nothing its act does not know', () => expect(fields).toEqual(expect.arrayContaining(asked)))
  test('asks for everything its act must have', () => {
    const { fields: known } = SCHEMA_OF[act.path]() as {
      fields: Record<string, { spec: { optional: boolean; nullable: boolean } }>
    }
    const must = fields.filter((f) => !known[f]!.spec.optional && !known[f]!.spec.nullable)
    expect(asked).toEqual(expect.arrayContaining(must))
  })
  test('says what it is, what its figures rest on and what its button does', () => {
    expect(act.title).not.toBe('')
    expect(act.says).toMatch(/\S/)
    expect(act.button).toMatch(/^[A-Z]/)
  })
})

describe('what an act begins with', () => {
  test('a payment begins with the deposit that is open, then with the rest', () => {
    expect(EVERY.pay!.amount).toMatchObject({ minor: 88_800 })
    const due = orderNo(7)
    expect(acts.pay({ ...due, depositOpenMinor: 20_000 }).amount).toMatchObject({ minor: 20_000 })
  })
  test('a payment offers the cards that have something left, by their kind', () => {
    const cards = EVERY.pay!.more!.filter((m) => m.field === 'voucherId')
    expect(cards.map((m) => m.onlyBy)).toEqual([['gift card'], ['store credit']])
    expect(cards.map((m) => m.choices!.map((c) => c.value))).toEqual([
      ['', 'card'],
      ['', 'credit'],
    ])
    expect(cards[0]!.choices![1]!.text).toBe('Card from Pigment Cellar, 40.00 left')
  })
  test('an order expects what takes longest; what has no lead time leaves the day open', () => {
    const item = (leadDays: number | null) => ({
      id: 'i',
      name: 'Chair',
      option: 'a',
      amountMinor: 100,
      leadDays,
    })
    expect(acts.order(group, [item(7), item(21), item(null)]).expectedOn).toBe('2026-12-14')
    expect(acts.order(group, [item(null)]).expectedOn).toBe(null)
    expect(acts.order(group, [item(0)]).expectedOn).toBe(today)
  })
  test('a delivery says only what is still to come', () => {
    expect(acts.deliver(orderNo(4)).says).toBe('Swing-arm lights × 2')
  })
  test('an exchange begins with another option than the one that is here; a claim with the same', () => {
    const rug = lineOf('Rug')
    const options = optionsOf(derived, rug)
    const first = (act: Act) => act.more!.find((m) => m.field === 'optionId')!.value
    expect(first(acts.exchange(rug, options))).not.toBe(rug.line.optionId)
    expect(first(acts.exchange(rug, options, rug.line.optionId))).toBe(rug.line.optionId)
    expect(acts.exchange(rug, options).title).toBe('Exchange: Rug')
    const curtains = lineOf('Curtains, pair')
    expect(acts.exchange(curtains, optionsOf(derived, curtains)).title).toBe('Substitute: Curtains, pair')
  })
  test('what takes something back, or charges, asks for its reason', () => {
    for (const act of [EVERY['take back']!, EVERY.charge!]) expect(act.needsNote).toBe(true)
    expect(EVERY.agree!.noNote).toBe(true)
  })
})
