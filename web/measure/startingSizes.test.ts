import { describe, expect, test } from 'vitest'
import { ROWS } from '@bonitas/core/model/registry'
import { STARTING_FIXTURES, STARTING_SIZES } from './startingSizes.js'

describe.each(['metric', 'imperial'] as const)('sizes to begin from, %s', (system) => {
  const sizes = STARTING_SIZES[system]
  test('are round in what is measured with', () => {
    for (const size of Object.values(sizes))
      for (const mm of Object.values(size as Readonly<Record<string, number>>)) {
        const steps = system === 'metric' ? mm / 10 : (mm / 25.4) * 4
        expect(steps).toBeCloseTo(Math.round(steps), 9)
      }
  })

  test('are sizes that the fields take', () => {
    const fixtures = ROWS.fixtures.schema()
    for (const kind of STARTING_FIXTURES)
      for (const [field, mm] of Object.entries(sizes[kind]))
        expect(() => fixtures.validateSyncAt(field, { [field]: mm }), `${kind} ${field}`).not.toThrow()
  })
})
