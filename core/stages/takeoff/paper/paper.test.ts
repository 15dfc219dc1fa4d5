import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { published } from '../../../testing/published.js'
import { cutRolls } from './cutRolls.js'
import { dropMethod, halfDropMethods } from './dropMethod.js'
import { layDrops, type Paper } from './drops.js'
import { paperDrawings, paperPlan } from './paperPlan.js'
import { paperSquares, squaresOn } from './squares.js'
import { ROUND_CORNER_MM, wallRuns, type WallFace } from './wallRuns.js'

interface In {
  readonly height_m: number
  readonly trim_m: number
  readonly repeat_m: number
  readonly rollLength_m: number
  readonly rollWidth_m: number
  readonly perimeter_m: number
}
const mm = (m: number) => Math.round(m * 1e6) / 1e3
const paperOf = (i: In, match: Paper['match']): Paper => ({
  widthMm: mm(i.rollWidth_m),
  lengthMm: mm(i.rollLength_m),
  repeatMm: mm(i.repeat_m),
  match,
})
const face = (widthMm: number, heightMm: number, holes: Parameters<typeof layDrops>[0]['holes'] = []) => ({
  name: 'Wall',
  widthMm,
  heightMm,
  holes,
})

describe('the drop method', () => {
  test.each(
    published<
      In,
      { cut_m: number; strips: number; stripsPerRoll: number; rolls: number; rollsIfLastIsCutShort: number }
    >('takeoff.wallpaper.straight'),
  )('$id $title', ({ input, expected }) => {
    const paper = paperOf(input, input.repeat_m > 0 ? 'straight' : 'free')
    const got = dropMethod(mm(input.perimeter_m), mm(input.height_m), mm(input.trim_m), paper)
    expect(got.cutMm / 1000).toBeCloseTo(expected.cut_m, 6)
    expect([got.drops, got.perRoll, got.rolls]).toEqual([
      expected.strips,
      expected.stripsPerRoll,
      expected.rolls,
    ])
    // The rolls as they are cut end with a drop of height and trim alone.
    const plan = paperPlan([face(mm(input.perimeter_m), mm(input.height_m))], paper, mm(input.trim_m) / 2)
    expect(plan.rolls).toHaveLength(expected.rollsIfLastIsCutShort)
  })
  test.each(
    published<
      In,
      {
        strips: number
        cutOneRoll_m: number
        stripsPerRollOneRoll: number
        rollsOneRoll: number
        cutTwoRoll_m: number
        stripsPerRollTwoRoll: number
        rollsTwoRoll: number
      }
    >('takeoff.wallpaper.halfdrop'),
  )('$id $title', ({ input, expected }) => {
    const paper = paperOf(input, 'half drop')
    const [one, two] = halfDropMethods(expected.strips, mm(input.height_m), mm(input.trim_m), paper)
    expect([one.cutMm / 1000, two.cutMm / 1000]).toEqual([
      expect.closeTo(expected.cutOneRoll_m, 6),
      expect.closeTo(expected.cutTwoRoll_m, 6),
    ])
    expect([one.perRoll, one.rolls, two.perRoll, two.rolls]).toEqual([
      expected.stripsPerRollOneRoll,
      expected.rollsOneRoll,
      expected.stripsPerRollTwoRoll,
      expected.rollsTwoRoll,
    ])
    // Cut as it is planned, it never takes more than the better of the two.
    const plan = paperPlan([face(mm(input.perimeter_m), mm(input.height_m))], paper, mm(input.trim_m) / 2)
    expect(plan.rolls.length).toBeLessThanOrEqual(Math.min(one.rolls, two.rolls))
  })
  interface Us {
    readonly height_in: number
    readonly trim_in: number
    readonly repeat_in: number
    readonly rollWidth_in: number
    readonly rollLength_in: number
    readonly perimeter_in: number
  }
  test.each(published<Us, { cut_in: number; strips: number; doubleRolls: number }>('takeoff.wallpaper.us'))(
    '$id $title',
    ({ input: i, expected }) => {
      const paper: Paper = {
        widthMm: i.rollWidth_in * 25.4,
        lengthMm: i.rollLength_in * 25.4,
        repeatMm: i.repeat_in * 25.4,
        match: i.repeat_in > 0 ? 'straight' : 'free',
      }
      const got = dropMethod(i.perimeter_in * 25.4, i.height_in * 25.4, i.trim_in * 25.4, paper)
      expect(got.cutMm / 25.4).toBeCloseTo(expected.cut_in, 6)
      expect([got.drops, got.rolls]).toEqual([expected.strips, expected.doubleRolls])
    },
  )
  interface Table {
    readonly heights_m: readonly number[]
    readonly perimeters_m: readonly number[]
    readonly trim_m: number
    readonly repeat_m: number
    readonly rollLength_m: number
    readonly rollWidth_m: number
  }
  test.each(published<Table, { rolls: readonly (readonly number[])[] }>('takeoff.wallpaper.table'))(
    '$id $title',
    ({ input: i, expected }) => {
      const got = i.heights_m.map((h) =>
        i.perimeters_m.map(
          (p) =>
            dropMethod(mm(p), mm(h), mm(i.trim_m), {
              widthMm: mm(i.rollWidth_m),
              lengthMm: mm(i.rollLength_m),
              repeatMm: mm(i.repeat_m),
              match: i.repeat_m > 0 ? 'straight' : 'free',
            }).rolls,
        ),
      )
      expect(got).toEqual(expected.rolls)
    },
  )
})

test('a trellis of 640 on a wall of 4 m: eight drops of 2.56, three a roll, three rolls, though two by area', () => {
  const plan = paperPlan(
    [face(4000, 2400)],
    { widthMm: 520, lengthMm: 10_000, repeatMm: 640, match: 'straight' },
    50,
  )
  expect([plan.cutMm, plan.drops.length, plan.rolls.length, plan.areaRolls]).toEqual([2560, 8, 3, 2])
})

test('squares: what lies wholly in an opening is not cut, what it bites into is; in a mirror the same', () => {
  const paper = { widthMm: 530, lengthMm: 10_050, repeatMm: 0, match: 'free' as const }
  const hole = (startMm: number, widthMm: number, bottomMm: number, topMm: number) => ({
    ...{ name: 'Opening', startMm, widthMm, bottomMm, topMm },
  })
  const wall = { widthMm: 4000, heightMm: 2500 }
  const squares = (holes: ReturnType<typeof hole>[]) => {
    const { whole, edge, inOpenings } = paperSquares({ ...wall, holes }, paper, 500)
    return [whole, edge, inOpenings]
  }
  expect(squares([])).toEqual([40, 0, 0])
  // A door of one meter and two high covers two columns of four.
  expect(squares([hole(1000, 1000, 0, 2000)])).toEqual([32, 0, 8])
  // Moved by a hand it bites into three columns and covers one.
  expect(squares([hole(1100, 1000, 0, 2000)])).toEqual([36, 0, 4])
  expect(squares([hole(4000 - 2100, 1000, 0, 2000)])).toEqual([36, 0, 4])
  // A door at the edge saves the strips beside it: 100 mm left of 4 100, five rows, one of them over the door.
  const narrow = paperSquares(
    { widthMm: 4100, heightMm: 2500, holes: [hole(3600, 500, 0, 2000)] },
    paper,
    500,
  )
  expect([narrow.whole, narrow.edge]).toEqual([40, 1])
  expect(squaresOn({ ...wall, holes: [hole(1000, 1000, 0, 2000)] }, 500)).toHaveLength(32)
})

test('squares of half a meter, turned by turns, are counted and not divided', () => {
  const got = paperSquares(
    face(4100, 2550),
    { widthMm: 530, lengthMm: 10_050, repeatMm: 0, match: 'free' },
    500,
  )
  expect(got).toMatchObject({ perRoll: 20, whole: 40, edge: 2, rolls: 3 })
})

const someFace = fc
  .record({
    widthMm: fc.integer({ min: 600, max: 9000 }),
    heightMm: fc.integer({ min: 1200, max: 3200 }),
    at: fc.double({ min: 0, max: 1, noNaN: true }),
    wide: fc.integer({ min: 400, max: 1800 }),
    bottom: fc.constantFrom(0, 700, 1000),
  })
  .map(({ widthMm, heightMm, at, wide, bottom }) =>
    face(
      widthMm,
      heightMm,
      wide < widthMm
        ? [
            {
              name: 'hole',
              startMm: Math.round(at * (widthMm - wide)),
              widthMm: wide,
              bottomMm: bottom,
              topMm: Math.min(heightMm - 100, 2040),
            },
          ]
        : [],
    ),
  )
const somePaper = fc.record({
  widthMm: fc.constantFrom(520, 530, 700, 685.8),
  lengthMm: fc.constantFrom(10_050, 8_229.6, 10_000),
  repeatMm: fc.constantFrom(0, 320, 530, 640),
  match: fc.constantFrom<Paper['match'][]>('free', 'straight', 'half drop'),
})

describe('papers laid and cut, at random', () => {
  test('every drop is cut once, from within a roll, none in another, and each where its pattern begins', () => {
    fc.assert(
      fc.property(someFace, somePaper, fc.integer({ min: 0, max: 500 }), (wall, given, seam) => {
        const paper = given.repeatMm === 0 ? { ...given, match: 'free' as const } : given
        const drops = layDrops(wall, paper, 50, seam)
        const rolls = cutRolls(drops, paper)
        const cuts = rolls.flatMap((r) => r.cuts)
        expect(cuts).toHaveLength(drops.length)
        expect(new Set(cuts.map((c) => c.drop)).size).toBe(drops.length)
        for (const { cuts: list } of rolls) {
          let end = 0
          for (const { drop, atMm } of list) {
            expect(atMm).toBeGreaterThanOrEqual(end - 1e-6)
            end = atMm + drop.lengthMm
            if (paper.match === 'free') continue
            const off = (((atMm - drop.phaseMm) % paper.repeatMm) + paper.repeatMm) % paper.repeatMm
            expect(Math.min(off, paper.repeatMm - off)).toBeLessThan(1e-3)
          }
          expect(end).toBeLessThanOrEqual(paper.lengthMm + 1e-6)
        }
      }),
    )
  })
  test('what is drawn covers the wall, counted on a grid of its own', () => {
    fc.assert(
      fc.property(someFace, somePaper, fc.integer({ min: 0, max: 500 }), (wall, given, seam) => {
        const drops = layDrops(wall, given, 0, seam)
        const [hole] = wall.holes
        for (let x = 7.3; x < wall.widthMm; x += 97)
          for (let y = 5.3; y < wall.heightMm; y += 83) {
            const up = wall.heightMm - y
            const inHole =
              hole &&
              x > hole.startMm &&
              x < hole.startMm + hole.widthMm &&
              up > hole.bottomMm &&
              up < hole.topMm
            const on = drops.filter(
              (d) => x >= d.xMm && x < d.xMm + d.widthMm && y >= d.yMm && y < d.yMm + d.heightMm,
            ).length
            expect(on).toBeLessThanOrEqual(1)
            if (!inHole) expect(on).toBe(1)
          }
      }),
      { numRuns: 40 },
    )
  })
  test('never fewer rolls than by area, and without a hole never more than the drop method of rolls that begin anywhere in the pattern', () => {
    fc.assert(
      fc.property(someFace, somePaper, (wall, given) => {
        const paper = given.repeatMm === 0 ? { ...given, match: 'free' as const } : given
        const plain = { ...wall, holes: [] }
        const plan = paperPlan([plain], paper, 50)
        // The trade reckons each half drop as if its roll began with it: from the other half on, half a repeat is lost.
        const halfLost = paper.match === 'half drop' ? paper.repeatMm / 2 : 0
        const shorter = { ...paper, lengthMm: paper.lengthMm - halfLost }
        fc.pre(plain.heightMm + 100 + paper.repeatMm <= shorter.lengthMm)
        expect(plan.rolls.length).toBeLessThanOrEqual(paperPlan([plain], shorter, 50).customaryRolls)
        expect(plan.rolls.length).toBeGreaterThanOrEqual(plan.areaRolls)
        expect(paperPlan([wall], paper, 50).rolls.length).toBeLessThanOrEqual(plan.rolls.length + 1)
      }),
    )
  })
})

describe('paper round corners', () => {
  const wall = (place: number, widthMm: number, heightMm = 2400): WallFace => ({
    ...face(widthMm, heightMm),
    name: String(place),
    place,
  })
  const names = (walls: readonly WallFace[], count: number, begin = 0) =>
    wallRuns(walls, count, begin).map((r) => r.name)
  test.each<[string, readonly WallFace[], number, readonly string[]]>([
    ['one wall alone', [wall(2, 3000)], 0, ['2']],
    ['two side by side', [wall(0, 3000), wall(1, 2000)], 0, ['0 · 1']],
    ['in whatever order they were named', [wall(1, 2000), wall(0, 3000)], 0, ['0 · 1']],
    ['opposite walls', [wall(0, 3000), wall(2, 3000)], 0, ['0', '2']],
    ['over the corner where the walls are numbered from', [wall(3, 3000), wall(0, 2000)], 0, ['3 · 0']],
    ['a wall that is lower begins anew', [wall(0, 3000), wall(1, 2000, 2000)], 0, ['0', '1']],
    ['all round, from the corner least seen', [0, 1, 2, 3].map((p) => wall(p, 3000)), 2, ['2 · 3 · 0 · 1']],
  ])('%s', (_, walls, begin, runs) => {
    expect(names(walls, 4, begin)).toEqual(runs)
  })
  test('a drop goes round a corner: two walls of three drops and a half take seven, and not eight', () => {
    const paper: Paper = { widthMm: 530, lengthMm: 10_050, repeatMm: 0, match: 'free' }
    const [a, b] = [wall(0, 3.5 * 530 - ROUND_CORNER_MM / 2), wall(1, 3.5 * 530 - ROUND_CORNER_MM / 2)]
    expect(paperPlan(wallRuns([a, b], 4, 0), paper, 50).drops).toHaveLength(7)
    expect(paperPlan([a, b], paper, 50).drops).toHaveLength(8)
  })
  test('numbers and turns of a half drop go on from one run to the next', () => {
    const paper: Paper = { widthMm: 500, lengthMm: 10_000, repeatMm: 600, match: 'half drop' }
    const plan = paperPlan(wallRuns([wall(0, 1500), wall(2, 1500)], 4, 0), paper, 50)
    expect(plan.drops.map((d) => [d.name, d.phaseMm])).toEqual(
      [1, 2, 3, 4, 5, 6].map((n) => [String(n), n % 2 === 0 ? 300 : 0]),
    )
  })
  test('from wherever the round begins, and walked either way, it takes as many drops', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 500, max: 6000 }), { minLength: 3, maxLength: 8 }),
        somePaper,
        fc.nat(7),
        (widths, paper, begin) => {
          const walls = widths.map((w, i) => wall(i, w))
          const back = widths.map((w, i) => wall(widths.length - 1 - i, w))
          const drops = (list: readonly WallFace[], at: number) =>
            wallRuns(list, widths.length, at % widths.length).map((r) => layDrops(r, paper, 0).length)
          expect(drops(walls, begin)).toEqual(drops(walls, 0))
          expect(drops(back, begin)).toEqual(drops(walls, 0))
        },
      ),
    )
  })
  test('what the pattern takes between two cuts is drawn as lost, and every roll is drawn whole', () => {
    fc.assert(
      fc.property(someFace, somePaper, (one, given) => {
        const paper = given.repeatMm === 0 ? { ...given, match: 'free' as const } : given
        const plan = paperPlan([one], paper, 50)
        for (const roll of paperDrawings(plan, paper).slice(1)) {
          let at = 0
          for (const part of roll.parts) {
            expect(part.xMm).toBeCloseTo(at, 6)
            at = part.xMm + part.widthMm
          }
          expect(at).toBeCloseTo(paper.lengthMm, 6)
        }
      }),
      { numRuns: 40 },
    )
  })
})
