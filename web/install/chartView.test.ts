import { describe, expect, test } from 'vitest'
import { installExample } from '@bonitas/core/examples/install/example'
import { chartView } from './chartView.js'

const facts = installExample({
  painted: ['walls', 'ceiling'],
  pieces: [{ id: 'chair', name: 'Chair', kind: 'armchair' }],
  tasks: [{ key: 'clear', doneOn: '2026-02-27' }],
})
const chart = chartView(facts.plan, {
  today: '2026-03-02',
  closures: [
    {
      id: 'c',
      what: 'Holiday',
      crewId: null,
      fromOn: '2026-03-05',
      untilOn: '2026-03-05',
      source: '',
      uid: '',
    },
  ],
  until: ['2026-03-20', null],
})
const rows = chart.groups.flatMap((g) => g.rows)

describe('the chart of a plan', () => {
  test('it reaches from the first day there is anything to two days after the last', () => {
    expect(chart.firstDay <= '2026-03-02').toBe(true)
    expect(chart.at({ day: '2026-03-22', minute: 1440 })).toBeCloseTo(100, 6)
  })
  test('every task has its bar, within the chart, and coats of one go are one row', () => {
    expect(rows.flatMap((r) => r.bars.map((b) => b.key)).sort()).toEqual(
      facts.plan.tasks.map((t) => t.task.key).sort(),
    )
    for (const b of rows.flatMap((r) => r.bars)) {
      expect(b.from).toBeGreaterThanOrEqual(0)
      expect(b.from + b.width).toBeLessThanOrEqual(100 + 1e-9)
    }
    expect(rows.filter((r) => r.name.endsWith('2 coats'))).toHaveLength(2)
  })
  test('a day off is named, a weekend is grey, weeks begin on a Monday', () => {
    expect(chart.closed.map((b) => b.what)).toEqual(['Holiday'])
    expect(chart.weekends.length).toBeGreaterThanOrEqual(4)
    expect(chart.weeks.map((w) => w.day)).toContain('2026-03-09')
  })
  test('what may slip shows how far, what may not is filled', () => {
    const states = new Set(rows.flatMap((r) => r.bars.map((b) => b.state)))
    expect(states).toContain('nothing to spare')
    for (const b of rows.flatMap((r) => r.bars))
      if (b.latest !== undefined) expect(b.latest).toBeGreaterThan(b.from + b.width)
  })
})
