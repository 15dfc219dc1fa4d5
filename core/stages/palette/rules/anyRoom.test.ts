import { ROWS } from '../../../model/registry.js'
import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { findingKey, type Finding } from '../../../findings/finding.js'

import type { JobSnapshot } from '../../../model/snapshot.js'
import { measureFacts } from '../../measure/measureFacts.js'
import { seededNumbers } from '../../../kernel/random/seededNumbers.js'
import { applyFix } from '../../../testing/applyFix.js'
import { demoSamples } from '../../../testing/demoSamples.js'
import { randomRoom } from '../../../examples/randomRoom.js'
import { finishFromSample } from '../library/toFinish.js'
import { paletteFacts } from '../paletteFacts.js'
import { PALETTE_RULES } from './index.js'
import { METRIC } from '../../../testing/habits.js'

const samples = demoSamples()

/** A room of which everything wears something of the library, each finish in a role as it comes. */
function dressedRoom(seed: number): JobSnapshot {
  const room = randomRoom(seed, samples)
  const next = seededNumbers(seed + 1000)
  const pick = <T>(of: readonly T[]): T => of[Math.floor(next() * of.length)]!
  const of = (materials: readonly string[]) => samples.filter((s) => materials.includes(s.material))
  const [paints, cloths] = [of(['paint']), of(['textile'])]
  const finishes = Array.from({ length: 9 }, (_, i) => ({
    ...ROWS.finishes.blank(),
    ...finishFromSample(pick(i < 4 ? paints : cloths), pick(['main', 'second', 'accent'] as const)),
    id: `f${i}`,
    version: 1,
  }))
  const free = room.finishAssignments[0]!
  return {
    ...room,
    finishes: [...room.finishes, ...finishes],
    finishAssignments: [
      ...room.finishAssignments,
      ...(['walls', 'ceiling', 'trim', 'doors'] as const).map((surface, i) => ({
        ...free,
        id: surface,
        surface,
        finishId: `f${Math.floor(next() * 4) % (i + 1)}`,
      })),
    ],
    pieces: room.pieces.map((p) => ({ ...p, finishId: p.finishId ?? `f${4 + Math.floor(5 * next())}` })),
  }
}

const judged = (job: JobSnapshot): Finding[] => {
  const facts = paletteFacts(job, measureFacts(job, job.passages, METRIC).areas, job.brief.schemeId)
  return PALETTE_RULES.flatMap((rule) => rule.check(facts))
}
const keys = (found: readonly Finding[]) => found.map(findingKey).sort()
const seeds = fc.integer({ min: 1, max: 100_000 })

describe('in any room', () => {
  test('every finding says what was measured, what is wanted and why, and no two are the same', () => {
    fc.assert(
      fc.property(seeds, (seed) => {
        const found = judged(dressedRoom(seed))
        for (const f of found) {
          expect([f.title, f.measured, f.wanted, f.because].filter((t) => t.trim() === '')).toEqual([])
          expect(`${f.title} ${f.measured} ${f.wanted} ${f.because}`).not.toMatch(/undefined|NaN|null/)
        }
        expect(new Set(keys(found)).size).toBe(found.length)
      }),
      { numRuns: 60 },
    )
  })
  test('the order of the rows changes nothing', () => {
    fc.assert(
      fc.property(seeds, (seed) => {
        const job = dressedRoom(seed)
        const turned = {
          ...job,
          finishes: [...job.finishes].reverse(),
          finishAssignments: [...job.finishAssignments].reverse(),
          pieces: [...job.pieces].reverse(),
        }
        expect(keys(judged(turned))).toEqual(keys(judged(job)))
      }),
      { numRuns: 60 },
    )
  })
  test('every fix makes its finding go away', () => {
    fc.assert(
      fc.property(seeds, (seed) => {
        const job = dressedRoom(seed)
        for (const finding of judged(job))
          for (const fix of finding.fixes)
            expect(keys(judged(applyFix(job, fix))), `${finding.title}: ${fix.label}`).not.toContain(
              findingKey(finding),
            )
      }),
      { numRuns: 40 },
    )
  }, 60_000)
})
