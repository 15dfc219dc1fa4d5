import { describe, expect, test } from 'vitest'
import { catalogOf, HABITS, onDay } from './catalog.js'
import { answersTo, placed } from './orders.js'

const habits = HABITS[0]!
const products = catalogOf(habits, 7)
const find = (key: string) => products.find((p) => p.key === key)
const today = '2026-03-02'
const now = (p: (typeof products)[number]) => onDay(p, habits, today, new Set())
const there = products.filter((p) => now(p).stock !== 'sold out')
const gone = products.find((p) => now(p).stock === 'sold out')
const order = (lines: { key: string; quantity: number }[]) =>
  placed(JSON.stringify({ lines }), today, find, now)
const one = () => order([{ key: there[0]!.key, quantity: 1 }])

describe('an order at a stand-in', () => {
  test('refuses line by line what is unknown or gone, and takes the rest', () => {
    const lines = [
      { key: there[0]!.key, quantity: 1 },
      { key: 'none of ours', quantity: 1 },
      ...(gone ? [{ key: gone.key, quantity: 1 }] : []),
    ]
    expect(order(lines).lines.map((l) => l.refused)).toEqual([
      undefined,
      'no such number',
      ...(gone ? ['sold out'] : []),
    ])
    const said = answersTo('order 1', order(lines), habits, '2099-01-01')
    expect(said.filter((e) => e.kind === 'refused')).toHaveLength(lines.length - 1)
  })
  test('what is no order is none', () => {
    expect(() => placed('a table, please', today, find, now)).toThrow()
    expect(answersTo('order 1', undefined, habits, today)).toEqual([])
  })
})

describe('what is said of it', () => {
  test('is acknowledged the same day and nothing of the days to come', () => {
    expect(answersTo('order 1', one(), habits, today).map((e) => e.kind)).toEqual(['acknowledged'])
  })
  test('is the same whenever it is asked, and only ever grows', () => {
    let before: string[] = []
    for (const day of ['2026-03-02', '2026-03-20', '2026-05-01', '2026-09-01', '2099-01-01']) {
      const said = answersTo('order 1', one(), habits, day)
      expect(said).toEqual(answersTo('order 1', one(), habits, day))
      const ids = said.map((e) => e.id)
      expect(ids.slice(0, before.length)).toEqual(before)
      expect(said.every((e) => e.on <= day)).toBe(true)
      before = ids
    }
    expect(before.at(-1)).toMatch(/^d/)
  })
  test('everything ordered is delivered, several in parts, each shipped a day before', () => {
    for (let n = 0; n < 40; n++) {
      const quantity = 1 + (n % 6)
      const said = answersTo(
        `order ${n}`,
        order([{ key: there[n % there.length]!.key, quantity }]),
        habits,
        '2099-01-01',
      )
      const came = said.filter((e) => e.kind === 'delivered')
      expect(came.reduce((s, e) => s + (e.quantity ?? 0), 0)).toBe(quantity)
      expect(came).toHaveLength(quantity > 1 ? 2 : 1)
      const shipped = said.filter((e) => e.kind === 'shipped')
      expect(shipped.map((e) => e.id.slice(1)).sort()).toEqual(came.map((e) => e.id.slice(1)).sort())
      expect(said.map((e) => e.on)).toEqual([...said.map((e) => e.on)].sort())
    }
  })
  test('some are delayed, and not all', () => {
    const late = Array.from({ length: 60 }, (_, n) =>
      answersTo(`order ${n}`, one(), habits, '2099-01-01').some((e) => e.kind === 'delayed'),
    )
    expect(new Set(late)).toEqual(new Set([true, false]))
  })
  test('what goes back is credited five days later, less what is kept for restocking', () => {
    for (const h of HABITS) {
      const sold = one()
      sold.returns.push({ key: there[0]!.key, quantity: 1, on: '2026-04-01' })
      expect(answersTo('order 1', sold, h, '2026-04-05').some((e) => e.kind === 'credited')).toBe(false)
      const [credit] = answersTo('order 1', sold, h, '2026-04-06').filter((e) => e.kind === 'credited')
      const whole = sold.lines[0]!.priceMinor * Math.ceil(1 / there[0]!.packSize)
      expect(credit).toMatchObject({
        on: '2026-04-06',
        creditMinor: Math.round((whole * (1_000_000 - h.restockPpm)) / 1_000_000),
      })
    }
  })
})
