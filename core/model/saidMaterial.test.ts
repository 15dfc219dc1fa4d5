import { expect, test } from 'vitest'
import { isSaidToBe } from './saidMaterial.js'

test.each(['glass', 'Smoked glass, steel', 'Glas', 'ÜVEG', 'glass/oak'])('%s is glass', (said) =>
  expect(isSaidToBe(said, 'glass')).toBe(true),
)
test.each(['', 'fiberglass', 'plexiglass', 'glassy lacquer', 'Glasfaser', 'oak'])('%s is none', (said) =>
  expect(isSaidToBe(said, 'glass')).toBe(false),
)
test('found wood by any of its names, and no other wood', () => {
  expect(['Pallet wood', 'driftwood', 'Treibholz', 'raklap'].every((s) => isSaidToBe(s, 'found wood'))).toBe(
    true,
  )
  expect(['wood', 'oak', 'palette'].some((s) => isSaidToBe(s, 'found wood'))).toBe(false)
})
