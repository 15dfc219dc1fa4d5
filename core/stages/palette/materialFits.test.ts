import { describe, expect, test } from 'vitest'
import { MATERIALS } from '../../model/vocabulary/finish.js'
import { demoJobs } from '../../testing/demoJobs.js'
import { pieceTakes, surfaceTakes } from './materialFits.js'

describe('materials and what they are for', () => {
  test.each(demoJobs())('a room that is there proves it: $name', ({ job }) => {
    const materialOf = (id: string | null) => job.finishes.find((f) => f.id === id)?.material
    for (const a of job.finishAssignments) {
      const material = materialOf(a.finishId)
      if (material) expect(surfaceTakes(a.surface, material), `${material} on ${a.surface}`).toBe(true)
    }
    for (const p of job.pieces) {
      const material = materialOf(p.finishId)
      if (material) expect(pieceTakes(p.kind, material), `${material} on ${p.name}`).toBe(true)
    }
  })

  test.each([
    ['curtains', 'paint'],
    ['cushion', 'wallpaper'],
    ['armchair', 'paint'],
    ['rug', 'primer'],
    ['plant', 'textile'],
  ] as const)('no %s of %s', (kind, material) => {
    expect(pieceTakes(kind, material)).toBe(false)
  })

  test('one wall is like all walls, an opening like doors', () => {
    for (const material of MATERIALS) {
      expect(surfaceTakes('wall:1', material)).toBe(surfaceTakes('walls', material))
      expect(surfaceTakes('part:1', material)).toBe(surfaceTakes('walls', material))
      expect(surfaceTakes('opening:1', material)).toBe(surfaceTakes('doors', material))
      expect(surfaceTakes('lower', material)).toBe(surfaceTakes('walls', material))
    }
  })
})
