import { readFileSync } from 'node:fs'
import { describe, expect, test } from 'vitest'
import { upgradeBundle } from './job/upgradeBundle.js'

type Row = Record<string, unknown>
const today = () =>
  JSON.parse(
    readFileSync(new URL('../demo/jobs/1-music-and-reading-room.json', import.meta.url), 'utf8'),
  ) as Row & {
    entries: Row[]
    orders: Row[]
    photos: Row[]
  }
const without = (rows: Row[], ...fields: string[]) =>
  rows.map((r) => Object.fromEntries(Object.entries(r).filter(([k]) => !fields.includes(k))))
/** The file as the version before it was, without what came since. */
const asVersion6 = () => {
  const { receipts: _r, claims: _c, loans: _l, ...file } = today()
  return {
    ...file,
    version: 6,
    entries: without(file.entries, 'guessed'),
    photos: without(file.photos, 'pages'),
  }
}
const asVersion5 = () => {
  const file = asVersion6() as unknown as Row & { entries: Row[]; orders: Row[] }
  const { vouchers: _v, proposals: _p, orderEvents: _o, ...rest } = file
  return {
    ...rest,
    version: 5,
    entries: without(file.entries, 'taxMinor', 'voucherId'),
    orders: without(file.orders, 'depositMinor', 'depositDueOn', 'balanceDueOn'),
  }
}

describe('a job file of an earlier version', () => {
  test('that is of this one stays as it is', () => expect(upgradeBundle(today())).toEqual(today()))

  test('6 knows no papers, claims, loans or guesses: it has none', () => {
    const { receipts: _r, claims: _c, loans: _l, ...now } = today()
    expect(upgradeBundle(asVersion6())).toEqual({ ...now, receipts: [], claims: [], loans: [] })
  })

  test('5 knows no tax in an entry: each gets its share of the line’s, and nothing else changes', () => {
    const now = today()
    const up = upgradeBundle(asVersion5()) as typeof now
    expect(up.entries.map((e) => [e.kind, e.amountMinor, e.taxMinor])).toEqual(
      now.entries.map((e) => [e.kind, e.amountMinor, e.taxMinor]),
    )
    expect(up).toMatchObject({ version: 7, vouchers: [], proposals: [], orderEvents: [], receipts: [] })
    expect(up.orders.every((o) => o.depositMinor === 0 && o.balanceDueOn === null)).toBe(true)
  })

  test('a reversal of version 5 takes the money back the way it went', () => {
    const line = { id: 'l', amountMinor: 0, taxMinor: 0 }
    const entries = [
      {
        eventId: 'paid',
        kind: 'payment',
        lineId: 'l',
        amountMinor: 500,
        quantity: 0,
        means: 'cash',
        reverses: null,
      },
      {
        eventId: 'back',
        kind: 'payment',
        lineId: 'l',
        amountMinor: -500,
        quantity: 0,
        means: null,
        reverses: 'paid',
      },
    ]
    const up = upgradeBundle({ version: 5, lines: [line], entries, orders: [] }) as { entries: Row[] }
    expect(up.entries.map((e) => [e.means, e.taxMinor, e.voucherId, e.guessed])).toEqual([
      ['cash', 0, null, false],
      ['cash', 0, null, false],
    ])
  })

  test.each([1, 2, 3, 4, 5, 6])('%i comes up to this one, damaged or not', (version) => {
    for (const damage of [
      {},
      { entries: 'none' },
      { lines: null, entries: [{}] },
      { photos: 7, items: {} },
      { room: null },
    ])
      expect(upgradeBundle({ version, ...damage })).toMatchObject({ version: 7 })
  })
})
