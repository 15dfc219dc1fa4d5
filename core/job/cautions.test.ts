import { describe, expect, test } from 'vitest'
import { ex, exampleJob } from '../examples/plan/example.js'
import { judgeWhole } from './fixes/judgeWhole.js'
import { cautionsOf } from './cautions.js'

const TODAY = '2026-03-01'
const ALL = new Set(['brief', 'plan', 'palette', 'measure', 'source', 'ledger', 'handover'])
const job = exampleJob({
  pieces: [
    ex('cot', 'Cot', { at: [2500, 700] }),
    ex('picture', 'Print', { weightG: 300, hang: {} }),
    ex('shelves', 'Bookcase', { at: [4300, 3800], turn: 180, widthMm: 900, depthMm: 300, heightMm: 2000 }),
  ],
})

describe('the cautions of a job', () => {
  const found = judgeWhole(job, TODAY)
  test('what can hurt is told, and nothing else', () => {
    const { open, answered } = cautionsOf(job, found, ALL)
    expect(open.map((f) => f.rule)).toEqual(expect.arrayContaining(['plan.over-bed', 'plan.tip-over']))
    expect(open.every((f) => !f.rule.startsWith('palette.'))).toBe(true)
    expect(answered).toEqual([])
  })
  test('an answer says who gave it, when and why, and the caution stays in sight', () => {
    const tips = found.find((f) => f.rule === 'plan.tip-over')!
    const accepted = {
      ...job,
      acceptances: [
        {
          id: 'a',
          finding: tips.key,
          facts: tips.facts,
          reason: 'strap ordered',
          by: 'Odile',
          on: '2026-02-27',
          version: 1,
        },
      ],
    }
    const { open, answered } = cautionsOf(accepted, judgeWhole(accepted, TODAY), ALL)
    expect(open.some((f) => f.rule === 'plan.tip-over')).toBe(false)
    expect(answered.map((a) => [a.finding.rule, a.reason, a.by, a.on])).toEqual([
      ['plan.tip-over', 'strap ordered', 'Odile', '2026-02-27'],
    ])
  })
  test('what was asked and found nothing is told apart from what could not be asked', () => {
    const whole = cautionsOf(job, found, ALL).quiet.find((q) => q.stage === 'plan')!
    expect(whole.titles).toContain('A lamp near a bath, a shower or a basin')
    expect(whole.titles).not.toContain('Something heavy or corded over or beside a cot or a bed')
    expect(cautionsOf(job, found, new Set(['brief'])).quiet.map((q) => q.stage)).toEqual(['brief'])
  })
})
