import { describe, expect, test } from 'vitest'
import { enteredOf, expectedOf } from './bankSide.js'
import { deriveJob } from './derive.js'
import { duesOf, ledgerDates, placesOf, purchasesOf, taxMonths } from './ledgerTables.js'
import { paperOf, PAPERS } from './papers.js'
import type { JobSnapshot } from '../model/snapshot.js'
import { demoJob } from '../testing/demoJob.js'

const job = demoJob()
const TODAY = '2026-11-23'
const derived = deriveJob(job, TODAY)

describe('against the bank', () => {
  test('orders that are owed for, with the part that was agreed, and money that is due back', () => {
    expect(expectedOf(derived).map((x) => [x.kind, x.name, x.openMinor, x.partsMinor])).toEqual([
      ['refund', 'Refund for Low table, Hollin Row Seating', 26_000, []],
      ['payment', 'Order 4, Lanternfold Lighting', 23_600, []],
      ['payment', 'Order 5, Weft & Harbor', 36_000, []],
      ['payment', 'Order 7, Hollin Row Seating', 88_800, []],
    ])
    const unpaid = deriveJob({ ...job, entries: job.entries.filter((e) => e.eventId !== 'e18') }, TODAY)
    expect(expectedOf(unpaid).at(-1)?.partsMinor).toEqual([59_200, 88_800])
  })

  test('a payment spread over lines is one, and what was taken back is none', () => {
    const before = enteredOf(job)
    expect(before.find((e) => e.eventId === 'e8')).toEqual({
      eventId: 'e8',
      kind: 'payment',
      on: '2026-11-02',
      amountMinor: 155_200,
      what: 'Rug, Curtain pole',
    })
    const turned = job.entries
      .filter((e) => e.eventId === 'e8')
      .map((e) => ({ ...e, eventId: 'back', reverses: 'e8', amountMinor: -e.amountMinor }))
    const after = enteredOf({ ...job, entries: [...job.entries, ...turned] })
    expect(after.map((e) => e.eventId)).toEqual(before.map((e) => e.eventId).filter((id) => id !== 'e8'))
  })
  test.each(['cash', 'gift card', 'store credit', 'exchange'])(
    'what was paid by %s is on no statement',
    (means) => {
      const entries = job.entries.map((e) => (e.eventId === 'e8' ? { ...e, means } : e))
      expect(enteredOf({ ...job, entries }).map((e) => e.eventId)).not.toContain('e8')
    },
  )
})

describe('what is to come', () => {
  const dues = duesOf(job, derived, TODAY)
  test('everything owed, chosen and open once, and together what is forecast and not paid', () => {
    const sum = dues.reduce((s, d) => s + d.amountMinor, 0)
    const { forecastMinor, paidMinor, dueBackMinor } = derived.position
    expect(sum).toBe(forecastMinor - paidMinor + dueBackMinor)
    expect(dues.filter((d) => d.state === 'owed').map((d) => [d.on, d.amountMinor])).toEqual([
      ['2026-11-19', 23_600],
      ['2026-12-08', 36_000],
      ['2026-12-16', 88_800],
    ])
  })
  test('a deposit that is not paid is due on its own day', () => {
    const unpaid = { ...job, entries: job.entries.filter((e) => e.eventId !== 'e18') }
    expect(
      duesOf(unpaid, deriveJob(unpaid, TODAY), TODAY)
        .filter((d) => d.what.startsWith('Order 7'))
        .map((d) => [d.on, d.amountMinor, d.what]),
    ).toEqual([
      ['2026-11-20', 59_200, 'Order 7, Hollin Row Seating: deposit'],
      ['2026-12-16', 88_800, 'Order 7, Hollin Row Seating: balance'],
    ])
  })
  test('dates in their order, each named once, none of what is over', () => {
    const dates = ledgerDates(job, derived, TODAY)
    expect(dates.map((d) => d.on)).toEqual(dates.map((d) => d.on).sort())
    expect(new Set(dates.map((d) => d.id)).size).toBe(dates.length)
    expect(dates.filter((d) => d.kind === 'return by').map((d) => [d.what, d.on])).toEqual([
      ['Rug', '2026-11-27'],
      ['Curtain pole', '2026-12-06'],
      ['Paint and primer', '2026-12-18'],
    ])
    expect(dates.find((d) => d.kind === 'refund due')).toMatchObject({
      on: '2026-11-30',
      amountMinor: 26_000,
    })
  })
})

describe('tables and papers', () => {
  test('purchases say what became of each, and add up to the tape', () => {
    const list = purchasesOf(derived)
    expect(list.map((p) => [p.item, p.state])).toEqual(
      expect.arrayContaining([
        ['Low table', 'sent back'],
        ['Rug', 'here'],
        ['Curtains, pair', 'to come'],
      ]),
    )
    expect(list.reduce((s, p) => s + p.paidMinor, 0)).toBe(derived.position.paidMinor)
    expect(list.reduce((s, p) => s + p.dueBackMinor, 0)).toBe(derived.position.dueBackMinor)
  })
  test('tax by month is the tax of the entries; goods sent back take theirs along', () => {
    const months = taxMonths(job)
    expect(months.map((m) => m.month)).toEqual(['2026-10', '2026-11'])
    const lines = job.lines.filter((l) => l.id !== 'line-table-1')
    expect(months.reduce((s, m) => s + m.taxMinor, 0)).toBe(lines.reduce((s, l) => s + l.taxMinor, 0))
  })
  test('each item belongs to its supplier, its place and its kind of spending', () => {
    const place = placesOf(job, derived)
    expect(place('rug')).toMatchObject({
      category: 'textiles',
      supplier: 'Loom and Landing',
      spend: 'splurge',
    })
    expect(place('nothing').supplier).toBe('no supplier yet')
  })
  test('of an empty job every paper is made, with nothing on it', () => {
    const none: JobSnapshot = {
      ...job,
      items: [],
      options: [],
      orders: [],
      lines: [],
      entries: [],
      orderEvents: [],
      changeOrders: [],
      budgetShares: [],
      vouchers: [],
    }
    const d = deriveJob(none, TODAY)
    for (const name of PAPERS) {
      const paper = paperOf(name, none, d, TODAY)
      expect(paper.tables.length).toBeGreaterThan(0)
      for (const table of paper.tables)
        for (const row of table.rows) expect(row).toHaveLength(table.head.length)
    }
  })
  test('every row of every paper has a cell for each head', () => {
    for (const name of PAPERS)
      for (const table of paperOf(name, job, derived, TODAY).tables)
        for (const row of [...table.rows, ...(table.total ? [table.total] : [])])
          expect(row, table.title).toHaveLength(table.head.length)
  })
})
