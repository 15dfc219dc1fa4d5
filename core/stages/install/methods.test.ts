import { expect, test } from 'vitest'
import { STEPS } from '../../model/vocabulary/install.js'
import { published } from '../../testing/published.js'
import { lastDayFor } from './lastOrders.js'
import { METHODS, WAITS } from './methods.js'

test.each(published<{ items: string[] }, { hours: [number, number][] }>('schedule.practice.paint-dry'))(
  '$title',
  ({ input, expected }) => {
    const ours: Readonly<Record<string, number>> = {
      'water-based emulsion recoat': METHODS.coat.dryHours,
      // Lacquer on furniture is waited for as long as oil is.
      'oil-based recoat': WAITS.lacquerHours,
      // Tiles are walked on and sealed when adhesive and grout are through: the longer of the two.
      'grout before sealing': METHODS.tile.dryHours,
    }
    input.items.forEach((item, i) => {
      const [least, most] = expected.hours[i] ?? [0, 0]
      const mine = ours[item]
      if (mine === undefined) return
      expect(mine, item).toBeGreaterThanOrEqual(least)
      expect(mine, item).toBeLessThanOrEqual(most)
    })
    expect(Object.keys(ours).every((item) => input.items.includes(item))).toBe(true)
  },
)

test.each(published<{ items: string[] }, { weeks: [number, number][] }>('schedule.practice.lead'))(
  '$title: each is ordered as many weeks before it is needed, and earlier where holidays lie between',
  ({ expected }) => {
    for (const [, weeks] of expected.weeks) {
      expect(lastDayFor('2026-12-16', 7 * weeks, [])).toBe(
        new Date(Date.parse('2026-12-16T00:00:00Z') - weeks * 7 * 86_400_000).toISOString().slice(0, 10),
      )
      const week = { id: 'c', what: 'Works closed', crewId: null, source: '', uid: '' }
      const closed = lastDayFor('2026-12-16', 7 * weeks, [
        { ...week, fromOn: '2026-12-07', untilOn: '2026-12-11' },
      ])
      expect(closed < lastDayFor('2026-12-16', 7 * weeks, [])).toBe(true)
    }
  },
)

test('every step has its method, and none calls anything safe', () => {
  for (const step of STEPS) {
    const { best, worst, asks = '', caution = '', first = '' } = METHODS[step]
    expect(best).toBeLessThanOrEqual(1)
    expect(worst).toBeGreaterThanOrEqual(1)
    expect(`${asks} ${caution} ${first}`).not.toMatch(/\bsafe\b/i)
  }
})
