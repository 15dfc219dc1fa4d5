import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { applyFix } from '../testing/applyFix.js'
import { deriveJob } from './derive.js'
import { judgedJob } from '../testing/judgedJob.js'
import { ledgerDates } from './ledgerTables.js'
import { paperOf } from './papers.js'
import { ledgerFactsOf } from './ledgerFactsOf.js'
import { estimatesLeft, documentName, documentOrders } from './documentSide.js'
import type { JobSnapshot } from '../model/snapshot.js'
import { demoJob } from '../testing/demoJob.js'

const job = demoJob()
const today = '2026-11-23'
const with_ = (more: Partial<JobSnapshot>) => {
  const changed = { ...job, ...more }
  const derived = judgedJob(changed, today)
  return {
    job: changed,
    derived,
    facts: ledgerFactsOf(changed, derived.items, derived.orders, derived.baskets, derived.position, today),
  }
}

const damage = {
  id: 'd',
  seq: 99,
  orderId: 'order-3',
  lineId: 'line-rug-3',
  kind: 'damaged' as const,
  on: '2026-11-07',
  expectedOn: null,
  updateId: '',
  note: 'frayed',
  memberName: 'I',
}

test('a paper is called by its kind, its number and whom it is from, as far as these are known', () => {
  expect(documentName({ kind: 'invoice', number: '2041', fromName: 'Hollin' })).toBe(
    'Invoice 2041 from Hollin',
  )
  expect(documentName({ kind: 'credit note', number: '', fromName: '' })).toBe('Credit note')
})

test('orders as papers see them: what was ordered, what was paid, what was taken off, the parts agreed', () => {
  const seen = documentOrders(job, deriveJob(job, today).orders)
  const no = (n: number) => seen[n - 1]!
  expect(no(1)).toMatchObject({
    asked: { minor: 26_000, taxMinor: 4_512 },
    paidMinor: 26_000,
    credited: { minor: 26_000, taxMinor: 4_512 },
  })
  expect(no(3)).toMatchObject({ asked: { minor: 155_200, taxMinor: 26_936 }, paidMinor: 155_200, lines: 2 })
  expect(no(7)).toMatchObject({ asked: { minor: 148_000 }, paidMinor: 59_200, partsMinor: [59_200, 88_800] })
})

test('what was paid for one thing and counts for another is no payment of the order it counts for', () => {
  const [paid] = job.entries.filter((e) => e.kind === 'payment' && e.lineId === 'line-rug-3')
  const setOff = (kind: 'refund' | 'payment', lineId: string, seq: number) => ({
    ...paid!,
    kind,
    lineId,
    seq,
    eventId: 'set-off',
    amountMinor: 20_000,
    means: 'exchange',
  })
  const entries = [...job.entries, setOff('refund', 'line-rug-3', 900), setOff('payment', 'line-pole-3', 901)]
  const after = { ...job, entries }
  expect(documentOrders(after, deriveJob(after, today).orders)[2]).toMatchObject({ paidMinor: 155_200 })
  const back = entries
    .slice(-2)
    .map((e, n) => ({ ...e, seq: 910 + n, eventId: 'back', reverses: 'set-off', amountMinor: -20_000 }))
  const undone = { ...job, entries: [...entries, ...back] }
  expect(documentOrders(undone, deriveJob(undone, today).orders)[2]).toMatchObject({ paidMinor: 155_200 })
})

describe('the facts the rules judge', () => {
  test('papers that belong to an order, each with what it was found to say', () => {
    expect(with_({}).facts.papers.map((p) => [p.name, p.verdict])).toEqual([
      ['Receipt from Old Sluice Market', 'agrees'],
      ['Receipt L 4410 from Loom and Landing', 'agrees'],
      ['Invoice H-2291 from Hollin Row Seating', 'agrees'],
    ])
  })

  const estimated = (on: string) =>
    job.entries.map((e) => (e.kind === 'payment' && e.lineId === on ? { ...e, estimated: true } : e))
  test('an estimate stands until its receipts come to what was paid, and goes with its payment', () => {
    const { derived, job: changed } = with_({ entries: estimated('line-paint-6') })
    expect(estimatesLeft(changed, derived.orders)).toEqual([
      { orderId: 'order-6', orderName: 'Order 6, Pigment Cellar', amountMinor: 21_740 },
    ])
    const matched = job.receipts.map((r) => (r.id === 'receipt-3' ? { ...r, orderId: 'order-6' } : r))
    expect(estimatesLeft({ ...changed, receipts: matched }, derived.orders)).toEqual([])
    const payment = changed.entries.find((e) => e.estimated)!
    const back = {
      ...payment,
      seq: 999,
      eventId: 'back',
      amountMinor: -payment.amountMinor,
      reverses: payment.eventId,
    }
    const undone = with_({ entries: [...changed.entries, back] })
    expect(estimatesLeft(undone.job, undone.derived.orders)).toEqual([])
  })
  test('the statement tells an estimate apart, and says nothing of none', () => {
    const row = (entries: JobSnapshot['entries']) => {
      const { job: changed, derived } = with_({ entries })
      return paperOf('statement', changed, derived, today).tables[0]!.rows.find(
        (r) => typeof r[0] === 'string' && r[0].startsWith('of which estimated'),
      )
    }
    expect(row(estimated('line-paint-6'))?.[1]).toEqual({ minor: 21_740 })
    expect(row(job.entries)).toBeUndefined()
  })

  const claim = {
    id: 'c',
    version: 1,
    lineId: 'line-rug-3',
    madeOn: '2026-11-08',
    asks: 'repair' as const,
    amountMinor: 9_000,
    answerByOn: '2026-12-01',
    answer: 'waiting' as const,
    answeredOn: null,
    note: '',
  }
  test('damage that nobody claimed for is told, with what was noted; claimed, or gone back, it is not', () => {
    const orderEvents = [...job.orderEvents, damage]
    expect(with_({ orderEvents }).facts.unclaimed).toMatchObject([
      { lineId: 'line-rug-3', itemName: 'Rug', on: '2026-11-07', note: 'frayed' },
    ])
    expect(with_({ orderEvents, claims: [claim] }).facts.unclaimed).toEqual([])
    const lost = { ...damage, lineId: 'line-table-1', orderId: 'order-1' }
    expect(with_({ orderEvents: [...job.orderEvents, lost] }).facts.unclaimed).toEqual([])
  })
  test('its fix claims it, in the words it was noted with, and the finding is gone', () => {
    const { derived } = with_({ orderEvents: [...job.orderEvents, damage] })
    const [finding] = derived.findings.filter((f) => f.rule === 'ledger.claim-waits')
    const [change] = finding!.fixes[0]!.changes
    expect(change).toMatchObject({ collection: 'claims', add: { lineId: 'line-rug-3', note: 'frayed' } })
    const claims = [{ ...claim, ...(change as { add: object }).add }]
    const after = with_({ orderEvents: [...job.orderEvents, damage], claims })
    expect(after.derived.findings.filter((f) => f.rule === 'ledger.claim-waits')).toEqual([])
  })

  test('days to give back and to be answered stand among the dates until they are done', () => {
    const dates = (more: Partial<JobSnapshot>) => {
      const { job: changed, derived } = with_(more)
      return ledgerDates(changed, derived, today)
        .filter((d) => d.kind === 'give back' || d.kind === 'answer due')
        .map((d) => [d.on, d.kind, d.what])
    }
    expect(dates({ claims: [claim] })).toEqual([
      ['2026-12-01', 'answer due', 'Rug'],
      ['2027-01-04', 'give back', 'Potted palm, the neighbor downstairs'],
    ])
    const back = job.loans.map((l) => ({ ...l, returnedOn: '2026-11-20' }))
    expect(dates({ claims: [{ ...claim, answer: 'granted' }], loans: back })).toEqual([])
  })
  test('what is borrowed enters neither money nor coverage', () => {
    const [plain, none] = [with_({}), with_({ loans: [] })]
    expect(plain.derived.position).toEqual(none.derived.position)
    expect(plain.derived.brief.coverage).toEqual(none.derived.brief.coverage)
  })
})

test('whatever papers, damages and loans there are, every fix makes its finding go away', () => {
  const orderId = fc.constantFrom(null, ...job.orders.map((o) => o.id))
  const day = fc.constantFrom('2026-10-01', '2026-11-22', '2027-02-01')
  const receipt = fc.record({ orderId, totalMinor: fc.nat(200_000), taxMinor: fc.option(fc.nat(40_000)) })
  const loan = fc.record({ backOn: fc.option(day), returnedOn: fc.option(day) })
  const damaged = fc.constantFrom(...job.lines)
  let fixed = 0
  fc.assert(
    fc.property(fc.array(receipt), fc.array(loan), fc.uniqueArray(damaged), (papers, loans, lines) => {
      const changed: JobSnapshot = {
        ...job,
        receipts: papers.map((r, n) => ({ ...job.receipts[0]!, id: `r${n}`, ...r })),
        loans: loans.map((l, n) => ({ ...job.loans[0]!, id: `l${n}`, name: `Loan ${n}`, ...l })),
        orderEvents: [
          ...job.orderEvents,
          ...lines.map((l, n) => ({
            ...damage,
            id: `d${n}`,
            seq: 100 + n,
            orderId: l.orderId,
            lineId: l.id,
          })),
        ],
      }
      const of = (j: JobSnapshot) => judgedJob(j, today).findings.filter((f) => f.rule.startsWith('ledger.'))
      for (const finding of of(changed))
        for (const fix of finding.fixes) {
          fixed++
          expect(
            of(applyFix(changed, fix)).map((f) => f.key),
            `${finding.title}: ${fix.label}`,
          ).not.toContain(finding.key)
        }
    }),
    { numRuns: 60 },
  )
  expect(fixed).toBeGreaterThan(50)
})
