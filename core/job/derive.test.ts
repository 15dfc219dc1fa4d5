import { describe, expect, test } from 'vitest'
import { findingKey, judge } from '../findings/finding.js'
import { pledgedItems } from './briefFactsOf.js'
import { deriveJob } from './derive.js'
import { demoJob } from '../testing/demoJob.js'
import { judgedJob } from '../testing/judgedJob.js'
import type { JobSnapshot } from '../model/snapshot.js'

describe('the demo job on its day', () => {
  const derived = deriveJob(demoJob(), '2026-11-23')

  test('money, added up by hand from the file', () => {
    // Paid: settee deposit 592.00, rug 1,420.00, curtains 360.00, lamp 74.00, paint 217.40, pole 132.00, side table 35.00,
    // low table 260.00 (sent back, not refunded). Ordered: settee 888.00, curtains 360.00, lights 2 × 113.50 + 9.00.
    // Chosen: chair 590.00, low table 90.00, cushions 2 × 48.00 + 6.00, fitter 340.00.
    expect(derived.position).toMatchObject({
      paidMinor: 59_200 + 142_000 + 36_000 + 7400 + 21_740 + 13_200 + 3500 + 26_000,
      orderedMinor: 88_800 + 36_000 + 23_600,
      chosenMinor: 59_000 + 9000 + 10_200 + 34_000,
      reserveMinor: 79_900,
      dueBackMinor: 26_000,
    })
  })
  test('paint on the schedule costs what the take-off says', () => {
    const total = derived.paint.reduce((sum, p) => sum + (p.tins?.costMinor ?? 0), 0)
    expect(derived.items.find((i) => i.item.id === 'paint')!.chosen!.price.landedMinor).toBe(total)
  })
  test('what each item has come to', () => {
    expect(Object.fromEntries(derived.items.map((i) => [i.item.id, i.state]))).toMatchObject({
      settee: 'ordered',
      chair: 'chosen',
      rug: 'delivered',
      table: 'chosen',
      shelf: 'open',
      lights: 'ordered',
    })
  })
  test('shares add up, the ribbon is the shares, and nothing is left unpainted', () => {
    expect(derived.ribbon.reduce((sum, f) => sum + f.share, 0)).toBeCloseTo(1, 9)
  })
  test('deriving changes nothing in the snapshot and gives the same again', () => {
    const job = demoJob()
    const before = JSON.stringify(job)
    expect(JSON.stringify(deriveJob(job, '2026-11-23'))).toBe(JSON.stringify(deriveJob(job, '2026-11-23')))
    expect(JSON.stringify(job)).toBe(before)
  })
  test('a day later the facts of its findings still stand, so an acceptance holds', () => {
    const facts = (day: string) =>
      Object.fromEntries(judgedJob(demoJob(), day).findings.map((f) => [f.key, f.facts]))
    expect(facts('2026-11-24')).toEqual(facts('2026-11-23'))
  })
})

describe('a finding', () => {
  test('is accepted while its facts stand, and comes back when they change', () => {
    const job = demoJob()
    const clash = judgedJob(job, '2026-11-23').findings.find((f) => f.rule === 'palette.undertone-clash')!
    const accepted = {
      ...job,
      acceptances: [
        { id: 'a', finding: clash.key, facts: clash.facts, reason: 'meant', by: '', on: null, version: 1 },
      ],
    }
    const after = judgedJob(accepted, '2026-11-23').findings.find((f) => f.key === clash.key)!
    expect(after.accepted).toEqual({ id: 'a', reason: 'meant' })
    const moved = {
      ...accepted,
      finishes: job.finishes.map((f) => (f.id === 'pole-brass' ? { ...f, labA: f.labA + 3 } : f)),
    }
    expect(judgedJob(moved, '2026-11-23').findings.find((f) => f.key === clash.key)!.accepted).toBeUndefined()
  })
  test('is the same finding whichever of the two comes first', () => {
    const refs = [
      { kind: 'finish', id: 'a', name: '' },
      { kind: 'finish', id: 'b', name: '' },
    ] as const
    expect(findingKey({ rule: 'r', about: refs })).toBe(findingKey({ rule: 'r', about: [...refs].reverse() }))
  })
  test('open before accepted, the gravest on top', () => {
    const finding = (rule: string, severity: 'stop' | 'look' | 'note') => ({
      rule,
      severity,
      about: [],
      title: '',
      measured: '',
      wanted: '',
      because: '',
      fixes: [],
    })
    const order = judge(
      [finding('n', 'note'), finding('a', 'stop'), finding('s', 'stop'), finding('l', 'look')],
      [{ id: 'x', finding: 'a', facts: 'stop  ', reason: 'r' }],
    )
    expect(order.map((f) => f.rule)).toEqual(['s', 'l', 'n', 'a'])
  })
})

describe('the ledger of a job', () => {
  const job = demoJob()
  const with_ = (more: Partial<JobSnapshot>) => judgedJob({ ...job, ...more }, '2026-11-23')
  const found = (d: ReturnType<typeof judgedJob>, rule: string) => d.findings.filter((f) => f.rule === rule)
  const cheaper = (priceMinor: number, on: string) =>
    with_({
      // As a price is noted or asked for anew: what it was is kept as seen, and the option has what it is.
      options: job.options.map((o) => (o.id === 'settee-a' ? { ...o, priceMinor: 120_000 } : o)),
      priceObservations: [
        { id: 's', optionId: 'settee-a', on, priceMinor, stock: null, where: 'before today', version: 1 },
      ],
    })

  test('a price that came down within two weeks of the order is worth asking about', () => {
    const [f] = found(cheaper(148_000, '2026-11-22'), 'ledger.price-fell')
    expect(f?.title).toBe('Settee, three seats is €280 cheaper than when it was ordered')
    expect(f?.measured).toBe('€1,480 → €1,200, seen 22 Nov')
  })
  test('a price that went up, or came down before the order, is not', () => {
    expect(found(cheaper(100_000, '2026-11-22'), 'ledger.price-fell')).toEqual([])
    expect(found(cheaper(148_000, '2026-11-12'), 'ledger.price-fell')).toEqual([])
  })

  test('a thing that is kept can no longer go back, and nobody is reminded of it', () => {
    const rug = (d: ReturnType<typeof deriveJob>) =>
      d.orders.flatMap((o) => o.lines).find((l) => l.line.id === 'line-rug-3')!
    const before = with_({})
    expect(rug(before)).toMatchObject({ returnUntil: '2026-11-27', decision: undefined })
    expect(found(before, 'ledger.return-ending')).toHaveLength(1)
    const kept = with_({
      orderEvents: [
        ...job.orderEvents,
        {
          id: 'k',
          seq: 99,
          orderId: 'order-3',
          lineId: 'line-rug-3',
          kind: 'kept',
          on: '2026-11-23',
          expectedOn: null,
          updateId: '',
          note: '',
          memberName: '',
        },
      ],
    })
    expect(rug(kept)).toMatchObject({ returnUntil: undefined, decision: 'kept' })
    expect(found(kept, 'ledger.return-ending')).toEqual([])
  })

  test('the last day that was heard counts, whoever was told it first', () => {
    const heard = with_({
      orderEvents: [
        ...job.orderEvents,
        {
          id: 'd',
          seq: 99,
          orderId: 'order-4',
          lineId: null,
          kind: 'delayed',
          on: '2026-11-23',
          expectedOn: '2026-12-02',
          updateId: '',
          note: '',
          memberName: '',
        },
      ],
    })
    expect(heard.orders.find((o) => o.order.id === 'order-4')?.expectedOn).toBe('2026-12-02')
    expect(found(with_({}), 'ledger.delivery-late')).toHaveLength(1)
    expect(found(heard, 'ledger.delivery-late')).toEqual([])
  })

  test('what of a deposit is open is never more than is owed', () => {
    const order = (paidMinor: number) =>
      with_({
        entries: job.entries.map((e) => (e.eventId === 'e18' ? { ...e, amountMinor: paidMinor } : e)),
      }).orders.find((o) => o.order.id === 'order-7')!.depositOpenMinor
    expect([order(0), order(10_000), order(59_200), order(148_000)]).toEqual([59_200, 49_200, 0, 0])
  })

  test('a pledge fills its item and covers no use until it is here', () => {
    const seat = job.uses.find((u) => u.kind === 'read' || u.kind === 'sit')
    expect(seat).toBeDefined()
    const line = {
      ...job.lines[0]!,
      id: 'gift',
      orderId: 'order-1',
      itemId: 'chair',
      amountMinor: 59_000,
      taxMinor: 0,
      quantity: 1,
    }
    const entry = (kind: 'order' | 'gift' | 'delivery', quantity: number) => ({
      ...job.entries[1]!,
      eventId: kind,
      seq: 100,
      kind,
      lineId: 'gift',
      amountMinor: kind === 'delivery' ? 0 : 59_000,
      quantity,
    })
    const pledged = {
      lines: [...job.lines, line],
      entries: [...job.entries, entry('order', 1), entry('gift', 0)],
    }
    expect([...pledgedItems(pledged)]).toEqual(['chair'])
    const d = with_(pledged)
    expect(d.items.find((i) => i.item.id === 'chair')).toMatchObject({ state: 'ordered' })
    // Nothing of it draws on the budget: what was chosen for it is free again.
    expect(d.position.freeMinor - with_({}).position.freeMinor).toBe(59_000)
    expect([...pledgedItems({ ...pledged, entries: [...pledged.entries, entry('delivery', 1)] })]).toEqual([])
  })
})
