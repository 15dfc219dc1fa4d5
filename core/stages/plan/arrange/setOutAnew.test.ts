import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { randomPlan } from '../../../examples/randomPlan.js'
import { planOf } from '../../../job/planFactsOf.js'
import { rowDef } from '../../../model/registry.js'
import { planFacts } from '../planFacts.js'
import { arrangementChanges, candidates, inputOf } from './setOutAnew.js'

const arrangementAt = (places: readonly { id: string; xMm: number; yMm: number; turnDeg: number }[]) =>
  ({ places }) as unknown as Parameters<typeof arrangementChanges>[0]

/** Rows of examples have short names for ids; a row that may be kept has a UUID. */
const ID = '2f6a1c1e-0d7f-4a56-9a53-5f6f5f0f6b11'

describe('what a search sets out anew', () => {
  test('what stands keeps its id, every piece that has no place is there once for each of its number', () => {
    fc.assert(
      fc.property(fc.nat(9999), fc.nat(20), (seed, drop) => {
        const job = randomPlan(seed)
        const standing = job.floorPlacements.filter((_, i) => i !== drop % (job.floorPlacements.length + 1))
        const facts = planOf({ ...job, floorPlacements: standing })!
        const all = candidates(facts, standing, job.wallPlacements)
        expect(all.filter((c) => !c.isNew).map((c) => c.standing.id)).toEqual(
          facts.standings.map((s) => s.id),
        )
        const count = (pieceId: string) => all.filter((c) => c.standing.pieceId === pieceId).length
        for (const c of all) {
          const piece = facts.pieces.find((p) => p.id === c.standing.pieceId)!
          expect(count(piece.id)).toBe(piece.count)
        }
        expect(new Set(all.map((c) => c.standing.id)).size).toBe(all.length)
      }),
      { numRuns: 30 },
    )
  })

  test('what goes to the search derives to the same facts again', () => {
    const facts = planOf(randomPlan(7))!
    const again = planFacts(inputOf(facts, facts.standings))
    expect(again.walks).toEqual(facts.walks)
    expect(again.seats).toEqual(facts.seats)
  })

  test('taken over, pieces that stood are moved and new ones are set in, as rows that may be kept', () => {
    const job = randomPlan(3)
    const [first, ...others] = job.floorPlacements
    const facts = planOf({ ...job, floorPlacements: others })!
    const all = candidates(facts, others, job.wallPlacements)
    const changes = arrangementChanges(
      arrangementAt(all.map((c, i) => ({ id: c.standing.id, xMm: 500 + i, yMm: 600, turnDeg: 90 }))),
      all,
    )
    expect(changes).toHaveLength(all.length)
    for (const c of changes)
      if ('add' in c)
        rowDef('floorPlacements')
          .schema()
          .validateSync({ ...c.add, id: ID, pieceId: ID })
      else expect(others.map((s) => s.id)).toContain((c as { readonly id: string }).id)
    expect(changes.some((c) => 'add' in c && (c.add as { pieceId: string }).pieceId === first!.pieceId)).toBe(
      true,
    )
  })

  test('a place of a piece that takes no part changes nothing', () => {
    expect(arrangementChanges(arrangementAt([{ id: 'gone', xMm: 0, yMm: 0, turnDeg: 0 }]), [])).toEqual([])
  })
})
