import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { hexToLab } from '../../kernel/color/lab.js'
import { published } from '../../testing/published.js'
import { cheapestTins, type Tin } from './cheapestTins.js'
import { coatsFor } from './coats.js'
import { paintLiters, paintTakeoff } from './paintTakeoff.js'

describe('cheapest tins', () => {
  test.each(
    published<
      { need_ml: number; tins: { ml: number; priceCents: number }[] },
      { counts: number[]; costCents: number; volume_ml: number }
    >('takeoff.paint.tins'),
  )('$id $title', ({ input, expected }) => {
    const got = cheapestTins(
      input.need_ml,
      input.tins.map((t) => ({ ml: t.ml, priceMinor: t.priceCents })),
    )
    expect(got).toEqual({
      counts: expected.counts,
      costMinor: expected.costCents,
      volumeMl: expected.volume_ml,
    })
  })
  test('agrees with trying everything', () => {
    const tins = fc.array(
      fc.record({
        ml: fc.constantFrom(250, 375, 500, 750, 1000, 2500),
        priceMinor: fc.integer({ min: 0, max: 9000 }),
      }),
      { minLength: 1, maxLength: 3 },
    )
    fc.assert(
      fc.property(tins, fc.integer({ min: 1, max: 4000 }), (offered, need) => {
        const got = cheapestTins(need, offered)
        const most = offered.map((t) => Math.ceil(need / t.ml))
        let best = { cost: Infinity, volume: Infinity }
        const tryAll = (i: number, cost: number, volume: number): void => {
          const tin: Tin | undefined = offered[i]
          if (!tin) {
            if (volume >= need && (cost < best.cost || (cost === best.cost && volume < best.volume)))
              best = { cost, volume }
            return
          }
          for (let n = 0; n <= most[i]!; n++) tryAll(i + 1, cost + n * tin.priceMinor, volume + n * tin.ml)
        }
        tryAll(0, 0, 0)
        expect([got.costMinor, got.volumeMl]).toEqual([best.cost, best.volume])
        expect(got.counts.reduce((s, n, i) => s + n * offered[i]!.ml, 0)).toBe(got.volumeMl)
      }),
      { numRuns: 300 },
    )
  })
  test('no paint, no tins; no tins, no answer', () => {
    expect(cheapestTins(0, [])).toEqual({ counts: [], costMinor: 0, volumeMl: 0 })
    expect(() => cheapestTins(1, [])).toThrow(/at least one tin size/)
    expect(() => cheapestTins(1, [{ ml: 0.5, priceMinor: 1 }])).toThrow(/whole ml/)
    expect(() => cheapestTins(NaN, [{ ml: 1000, priceMinor: 1 }])).toThrow(/Give 0 to/)
  })
})

describe('liters', () => {
  test.each(
    published<
      {
        perimeter_m: number
        height_m: number
        openings_m2: number[]
        coats: number
        spread_m2perL: number
        loss: number
      },
      { litres: number }
    >('takeoff.paint.wall'),
  )('$id $title', ({ input, expected }) => {
    const area = input.perimeter_m * input.height_m - input.openings_m2.reduce((a, b) => a + b, 0)
    expect(paintLiters(area, input.coats, input.spread_m2perL, input.loss * 1e6)).toBeCloseTo(
      expected.litres,
      4,
    )
  })
})

describe('coats (common practice)', () => {
  const pale = hexToLab('#efe9dd')
  test.each([
    ['pale over mid blue', pale, hexToLab('#4f7ba8'), 'sound paint', 2, 0],
    ['pale over navy', pale, hexToLab('#1d2a44'), 'sound paint', 3, 0],
    ['pale over bright red', pale, hexToLab('#c0281c'), 'sound paint', 3, 0],
    ['a strong red', hexToLab('#b3261e'), pale, 'sound paint', 3, 0],
    ['a deep color over pale', hexToLab('#28464a'), pale, 'sound paint', 2, 0],
    ['pale on new plaster', pale, undefined, 'new plaster', 2, 1],
    ['pale on bare timber', pale, undefined, 'bare timber', 2, 1],
    ['pale on gloss', pale, undefined, 'glossy or stained', 2, 1],
  ] as const)('%s', (_what, finish, over, substrate, coats, primer) =>
    expect(coatsFor(finish, over, substrate)).toMatchObject({ coats, primer }),
  )
})

describe('the whole take-off', () => {
  const kit = { spreadM2PerL: 12, lossPpm: 0, tins: [{ ml: 2500, priceMinor: 4600 }] }
  const paint = { id: 'pale', name: 'Pale', lab: hexToLab('#efe9dd'), kit }
  const wall = {
    on: 'walls' as const,
    name: 'Walls',
    areaMm2: 35_527_200,
    finishId: 'pale',
    over: hexToLab('#4f7ba8'),
    substrate: 'sound paint' as const,
  }

  test('35.5 m² pale over mid blue: 5.9 liters in three tins for 138 (common practice: one coat, two tins, lets the blue through)', () => {
    const [line] = paintTakeoff([wall], [paint], undefined)
    expect(line!.liters).toBeCloseTo(5.92, 2)
    expect(line!.tins).toMatchObject({ counts: [3], costMinor: 13_800 })
  })
  test('tins are rounded up once for all surfaces of a paint, not once for each', () => {
    const half = { ...wall, areaMm2: 12_000_000 }
    const [line] = paintTakeoff([half, { ...half, name: 'Doors' }], [paint], undefined)
    expect(line!.liters).toBeCloseTo(4, 9)
    expect(line!.tins!.counts).toEqual([2])
  })
  test('exactly a tin is a tin: binary dust buys nothing', () => {
    const [line] = paintTakeoff([{ ...wall, areaMm2: 15_000_000 }], [paint], undefined)
    expect(line!.tins!.counts).toEqual([1])
  })
  test('primer is a line of its own, priced when it is known', () => {
    const plaster = { ...wall, substrate: 'new plaster' as const, over: undefined }
    const bare = paintTakeoff([plaster], [paint], undefined)
    expect(bare.map((l) => [l.name, l.isPrimer, l.tins === undefined])).toEqual([
      ['Pale', false, false],
      ['Primer', true, true],
    ])
    const priced = paintTakeoff([plaster], [paint], {
      ...paint,
      id: 'p',
      name: 'Wall primer',
      kit: { ...kit, spreadM2PerL: 10 },
    })
    expect(priced[1]).toMatchObject({ name: 'Wall primer', tins: { counts: [2] } })
    expect(priced[1]!.liters).toBeCloseTo(3.55272, 5)
  })
  test('a paint that is on nothing is left out', () =>
    expect(paintTakeoff([], [paint], undefined)).toEqual([]))
})
