import { expect, test } from 'vitest'
import { demoJobs } from '../testing/demoJobs.js'
import { deriveJob } from './derive.js'
import { moneyLimits, uncertainCosts } from './uncertainMoney.js'

test.each(demoJobs())(
  '$name: what is most likely is the forecast, and at best is at most that',
  ({ job }) => {
    const derived = deriveJob(job, '2026-11-23')
    const costs = uncertainCosts(derived)
    expect(costs.reduce((sum, c) => sum + c.likely, 0)).toBe(derived.position.forecastMinor)
    for (const c of costs) {
      expect(c.best).toBeLessThanOrEqual(c.likely)
      expect(c.worst).toBeGreaterThanOrEqual(c.likely)
    }
    expect(moneyLimits(derived).agreedMinor).toBe(derived.position.agreedMinor)
  },
)
