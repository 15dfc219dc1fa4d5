import { describe, expect, test } from 'vitest'
import { emptyJob, pieceWith } from '../examples/emptyJob.js'
import { ex, exampleJob } from '../examples/plan/example.js'
import { ROWS } from '../model/registry.js'
import type { RowChange } from '../model/changes.js'
import type { JobSnapshot } from '../model/snapshot.js'
import { checkFixes, judged } from './fixes/checkFixes.js'
import { judgeWhole } from './fixes/judgeWhole.js'
import { planOf } from './planFactsOf.js'
import { arrange } from '../stages/plan/arrange/arrange.js'
import { rankMetals } from '../stages/palette/metals.js'
import { hexToLab } from '../kernel/color/lab.js'

// Situations of whole rooms and what experienced decorators conclude (common practice, without a published source).

const TODAY = '2026-03-01'
/** Everything that may be done with one press, with the changes it makes. */
const offered = (job: JobSnapshot) => {
  const held = judged(job, TODAY)
  return judgeWhole(job, TODAY, true).flatMap((f) => checkFixes(held, f).offered.map((o) => o.fix))
}
const touches = (changes: readonly RowChange[], ids: readonly string[]) =>
  changes.some((c) => 'id' in c && typeof c.id === 'string' && ids.includes(c.id))

describe('C004 a bathroom in which tile and tub stay', () => {
  const job: JobSnapshot = {
    ...exampleJob({
      size: [3048, 1524],
      pieces: [
        ex('sanitary', 'Bath tub', {
          sanitary: 'bath',
          there: true,
          fixing: 'plumbed in',
          widthMm: 1524,
          depthMm: 760,
          heightMm: 500,
          at: [380, 762],
          turn: 90,
        }),
        ex('sanitary', 'Toilet', {
          sanitary: 'toilet',
          there: true,
          fixing: 'plumbed in',
          widthMm: 380,
          depthMm: 700,
          heightMm: 780,
          at: [1250, 350],
        }),
        ex('sanitary', 'Vanity', {
          sanitary: 'basin',
          fixing: 'plumbed in',
          widthMm: 762,
          depthMm: 480,
          heightMm: 850,
          at: [2200, 240],
        }),
      ],
      openings: [],
    }),
    constraints: [
      {
        ...ROWS.constraints.make({
          id: 'tub',
          kind: 'must stay',
          what: 'Bath tub',
          surface: '',
          pieceId: 'Bath tub',
        }),
        version: 1,
      },
    ],
  }
  test('no way out and no arrangement moves the tub or a drain', () => {
    const drains = job.floorPlacements.map((p) => p.id)
    expect(offered(job).filter((f) => touches(f.changes, drains))).toEqual([])
    const tub = job.floorPlacements.find((p) => p.pieceId === 'Bath tub')!
    for (const a of arrange({ input: planOf(job)!, keep: [], seed: 3, count: 2 }))
      for (const place of a.places.filter((p) => p.id === tub.id))
        expect([place.xMm, place.yMm, place.turnDeg]).toEqual([tub.xMm, tub.yMm, tub.turnDeg])
  })
  test('the color of the tile that stays ranks the metals', () => {
    const [warm, cool] = [hexToLab('#C9A25A'), hexToLab('#B9C0C4')]
    const rank = (tile: string) => rankMetals(hexToLab(tile), [warm, cool], (lab) => lab)[0]
    expect([rank('#CDA56B'), rank('#C3CDD3')]).toEqual([warm, cool])
  })
})

describe('C113 flames with a toddler in the house, outdoors', () => {
  const terrace = (age: number | null): JobSnapshot => {
    const job = exampleJob({
      pieces: [
        ex('object', 'Candles', {
          traits: ['open flame'],
          at: [2500, 2000],
          widthMm: 200,
          depthMm: 200,
          heightMm: 200,
        }),
        ex('object', 'Fire pots', {
          count: 3,
          traits: ['gel or gas fire'],
          at: [4000, 3000],
          widthMm: 250,
          depthMm: 250,
          heightMm: 250,
        }),
      ],
    })
    return {
      ...job,
      room: { ...job.room, kind: 'outdoors' },
      people:
        age === null
          ? [{ ...ROWS.people.make({ id: 'adult', name: 'Ada', kind: 'adult', position: 0 }), version: 1 }]
          : [
              {
                ...ROWS.people.make({ id: 'child', name: 'Kit', kind: 'child', position: 0, ageYears: age }),
                version: 1,
              },
            ],
    }
  }
  const flames = (job: JobSnapshot) => judgeWhole(job, TODAY, true).filter((f) => f.rule === 'plan.flame')
  test('every open flame is flagged, with lights that need none beside it', () => {
    const found = flames(terrace(2))
    expect(found.map((f) => f.about[0]?.name).sort()).toEqual(['Candles', 'Fire pots'])
    expect(found.flatMap((f) => f.fixes.map((x) => x.label))).toContain('Take battery candles')
  })
  test('with grown-ups alone, outdoors and far from cloth, it is not', () => {
    expect(flames(terrace(null))).toEqual([])
  })
})

describe('C117 a tenant with a child: no drilling and no tipping', () => {
  const job = (heightMm: number, depthMm: number): JobSnapshot => ({
    ...emptyJob(),
    schools: { ...emptyJob().schools, tenure: 'rented' },
    people: [
      {
        ...ROWS.people.make({ id: 'child', name: 'Kit', kind: 'child', position: 0, ageYears: 3 }),
        version: 1,
      },
    ],
    pieces: [
      pieceWith({ id: 'Bookcase', kind: 'shelves', widthMm: 800, depthMm, heightMm, weightG: 70_000 }),
    ],
  })
  const tips = (j: JobSnapshot) =>
    judgeWhole(j, TODAY, true).filter((f) => f.rule === 'brief.tip-over-rented')
  test('the tall unit is flagged until a restraint is agreed, the low ones are not', () => {
    const [tall] = tips(job(2000, 280))
    expect(tall?.severity).toBe('stop')
    expect(tips(job(750, 400))).toEqual([])
  })
  test('it says which two rules collide, and chooses for nobody', () => {
    const [tall] = tips(job(2000, 280))
    expect(tall?.title).toBe('Bookcase can tip, and its anchor may not be drilled')
    expect(tall?.because).toMatch(/Safety and tenancy collide, and neither silences the other/)
    // The promise of an anchor asks the landlord; it does not close the caution by itself.
    const promise = tall!.fixes.find((f) => f.kind === 'promise')!
    expect(promise.label).toMatch(/ask for consent/)
  })
})
