import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { boxCorners, boxDepth, boxGap, boxHolds, boxOf } from '../../kernel/geometry/box.js'
import { planOf } from '../../job/planFactsOf.js'
import { PIECE_KINDS } from '../../model/vocabulary/piece.js'
import { randomPlan } from '../../examples/randomPlan.js'
import { carryIn, type WayPart } from './carryIn.js'
import { beforeWall } from './elevation.js'
import { firstPlace } from './firstPlace.js'
import { freeBefore } from './free.js'
import { liveCheck } from './liveCheck.js'
import { OFF_FLOOR } from './needs.js'
import { inSwing, standIn, standsClear, SWING_MM2 } from './nudge.js'
import { fromWall, onWall, turnAgainst } from './planRoom.js'
import { chosenRug, judgeRug, rugAdvice } from './rug.js'
import { insideRoom } from './insideRoom.js'
import { RUG_SIZES, RUNNER_SIZES } from './rugSizes.js'
import { adviseRug } from './rules/rugs.js'
import { judgeWhole } from '../../job/fixes/judgeWhole.js'
import type { JobSnapshot } from '../../model/snapshot.js'
import { example, ex, exampleDoor, exampleJob } from '../../examples/plan/example.js'
import { usePlaces } from './light/usePlaces.js'
import { alignedTo, againstWall, mirroredAcross, nearestWall, reachAlong, snap, SNAP_MM } from './snap.js'
import { asExtended, frontLegs, legsOf, extended, sideOf, standing } from './standing.js'
import { walkways } from './walkways.js'

const bare = (size: [number, number] = [5000, 4000]) => example({ size, openings: [exampleDoor] })
const mm = (low: number, high: number) => fc.integer({ min: low, max: high })

describe('the room laid out', () => {
  test('left and right of each wall are those one sees from inside, whichever way round it was walked', () => {
    const { room } = bare()
    for (const wall of room.walls) {
      const middle = onWall(wall, wall.lengthMm / 2, 1000)
      // To the right of somebody who looks at the wall: a quarter turn clockwise from the way one looks.
      const looks = { x: -wall.into.x, y: -wall.into.y }
      expect({ x: -looks.y || 0, y: looks.x || 0 }).toEqual({ x: wall.right.x || 0, y: wall.right.y || 0 })
      expect(fromWall(wall, middle)).toEqual({ alongMm: wall.lengthMm / 2, beforeMm: 1000 })
    }
    expect(room.walls.map(turnAgainst)).toEqual([0, 90, 180, 270])
  })
  test('a door hinged left and one hinged right sweep floor inside the room, each on its side', () => {
    const swept = (hinge: 'left' | 'right') =>
      example({ openings: [{ ...exampleDoor, hinge }] }).room.openings[0]!.swept
    const [left, right] = [swept('left'), swept('right')]
    // The lower wall seen from inside begins at the right of the sheet.
    expect(left[0]).toEqual({ x: 4700, y: 4000 })
    expect(right.some((p) => p.x === 3900 && p.y === 4000)).toBe(true)
    for (const p of [...left, ...right]) expect(p.y).toBeLessThanOrEqual(4000.001)
    expect(example({ openings: [{ ...exampleDoor, swing: 'out' }] }).room.openings[0]!.swept).toEqual([])
  })
})

describe('ways through the room', () => {
  test('the width of a passage between two pieces is the gap between them, to the millimeter', () => {
    fc.assert(
      fc.property(mm(120, 1_100), mm(0, 40), (gap, turn) => {
        const { room } = bare()
        // A barrier across the room with one gap in it.
        const split = 2_000
        const left = boxOf(split / 2, 2000, split, 300, 0)
        const right = boxOf((split + gap + 5000) / 2, 2000, 5000 - split - gap, 300, 0)
        const loose = boxOf(4500, 400, 300, 200, turn)
        const obstacles = [
          { id: 'l', name: 'Left', box: left },
          { id: 'r', name: 'Right', box: right },
          { id: 'x', name: 'Loose', box: loose },
        ]
        const [walk] = walkways(room, {
          obstacles,
          amplyMm: 1_150,
          from: { x: 4300, y: 3600 },
          targets: [{ id: 't', name: 'Target', at: [{ x: 2500, y: 500 }] }],
        })
        if (gap < 1_100) expect(Math.abs(walk!.widthMm - gap)).toBeLessThanOrEqual(1)
        expect(walk!.between?.map((b) => b.name).sort()).toEqual(['Left', 'Right'])
        expect(walk!.path.length).toBeGreaterThan(1)
      }),
      { numRuns: 100 },
    )
  })
  test('what is shut off has no way to it; what is open is over a meter wide', () => {
    const { room } = bare()
    const wall = [{ id: 'w', name: 'Barrier', box: boxOf(2500, 2000, 5000, 200, 0) }]
    const ask = (obstacles: typeof wall) =>
      walkways(room, {
        obstacles,
        amplyMm: 1_150,
        from: { x: 4300, y: 3600 },
        targets: [{ id: 't', name: 'T', at: [{ x: 2500, y: 500 }] }],
      })[0]!
    expect(ask(wall).widthMm).toBe(0)
    expect(ask([]).widthMm).toBeGreaterThan(1_000)
  })
  test('of several places to reach a seat by the widest way counts', () => {
    const { room } = bare()
    const box = boxOf(1_500, 1_200, 1_200, 600, 0)
    const to = (...at: { x: number; y: number }[]) =>
      walkways(room, {
        obstacles: [{ id: 'b', name: 'Box', box }],
        amplyMm: 1_150,
        from: { x: 4300, y: 3600 },
        targets: [{ id: 't', name: 'T', at }],
      })[0]!
    const one = to({ x: 200, y: 600 })
    const two = to({ x: 200, y: 600 }, { x: 3500, y: 600 })
    expect(two.widthMm).toBeGreaterThanOrEqual(one.widthMm)
  })
})

describe('free floor', () => {
  test('before a side it is what the piece can be pushed that way before it touches', () => {
    fc.assert(
      fc.property(mm(0, 359), mm(900, 4_000), mm(700, 3_200), mm(0, 359), (turn, x, y, other) => {
        const facts = example({
          openings: [],
          pieces: [
            ex('desk', 'Desk', { at: [1500, 1500], turn }),
            ex('armchair', 'Chair', { at: [x, y], turn: other }),
          ],
        })
        const [desk, chair] = facts.standings
        if (boxDepth(desk!.box, chair!.box) > 0) return
        const free = freeBefore(desk!, 'front', facts.room, facts.standings)
        const { normal, half } = sideOf(desk!.box, 'front')
        const slim = { ...desk!.box, halfW: half - Math.min(100, half * 0.2) }
        const pushed = (by: number) => ({ ...slim, x: slim.x + normal.x * by, y: slim.y + normal.y * by })
        if (free.piece) {
          expect(boxDepth(pushed(Math.max(0, free.mm - 1)), chair!.box)).toBe(0)
          expect(boxDepth(pushed(free.mm + 1), chair!.box)).toBeGreaterThan(0)
        } else
          expect(
            boxCorners(pushed(free.mm + 2)).some((p) => p.x < 0 || p.y < 0 || p.x > 5000 || p.y > 4000),
          ).toBe(true)
      }),
      { numRuns: 150 },
    )
  })
  test('what is told of a moved piece is what the rules say once it is let go', () => {
    const facts = example({
      pieces: [
        ex('sofa', 'Sofa', { at: [2500, 450] }),
        ex('low table', 'Table', { at: [2500, 1600] }),
        ex('cabinet', 'Cabinet', { at: [1000, 3790], turn: 180 }),
      ],
    })
    const table = facts.standings[1]!
    fc.assert(
      fc.property(mm(-200, 5_200), mm(-200, 4_200), (x, y) => {
        const moved = { ...table, box: { ...table.box, x, y } }
        const { stops, gaps } = liveCheck(facts, moved)
        const forbidden = !standsClear(facts, moved)
        expect(stops.length > 0, `${x} ${y} ${stops.join()}`).toBe(forbidden)
        for (const g of gaps) expect(g.mm).toBeGreaterThan(0)
      }),
    )
  })
  test('a low table too near the knees is told as a tight distance, from both sides', () => {
    const facts = example({
      pieces: [ex('sofa', 'Sofa', { at: [2500, 450] }), ex('low table', 'Table', { at: [2500, 1500] })],
    })
    const tight = (i: number) =>
      liveCheck(facts, facts.standings[i]!)
        .gaps.filter((g) => g.tight)
        .map((g) => g.mm)
    expect(tight(0)).toEqual([300])
    expect(tight(1)).toContain(300)
  })
})

describe('placing', () => {
  test('a piece drawn near a wall is laid on it, and no farther moved than it was drawn', () => {
    fc.assert(
      fc.property(fc.constantFrom(0, 90, 180, 270), mm(400, 4_600), mm(0, 120), (turn, x, near) => {
        const { room } = bare()
        const size = { w: 800, d: 500 }
        const reach = turn % 180 === 0 ? size.d / 2 : size.w / 2
        const box = boxOf(x, reach + near, size.w, size.d, turn)
        const to = snap(box, room, [])
        expect(Math.abs(to.x - x)).toBeLessThanOrEqual(SNAP_MM)
        expect(Math.abs(to.y - box.y)).toBeLessThanOrEqual(SNAP_MM)
        if (near < SNAP_MM) {
          expect(to.y).toBe(reach)
          expect(to.guides.length).toBeGreaterThan(0)
        }
      }),
    )
  })
  test('a piece is drawn to the middle and the edges of another', () => {
    const facts = example({ openings: [], pieces: [ex('sofa', 'Sofa', { at: [2300, 450] })] })
    expect(snap(boxOf(2340, 1900, 600, 400, 0), facts.room, facts.standings)).toMatchObject({ x: 2300 })
    // Left edges in line: the sofa begins at 1300.
    expect(snap(boxOf(1640, 1900, 600, 400, 0), facts.room, facts.standings)).toMatchObject({ x: 1600 })
  })
  test('mirrored twice is where it was; aligned is in line', () => {
    const { room } = bare()
    fc.assert(
      fc.property(mm(0, 5_000), mm(0, 4_000), mm(0, 359), (xMm, yMm, turnDeg) => {
        expect(mirroredAcross(room, mirroredAcross(room, { xMm, yMm, turnDeg }))).toEqual({
          xMm,
          yMm,
          turnDeg,
        })
      }),
    )
    const [a, b] = [boxOf(1000, 1000, 800, 400, 0), boxOf(3000, 2000, 600, 900, 90)]
    const left = alignedTo(a, b, 'left')
    expect(left.xMm - 400).toBe(3000 - 450)
    expect(alignedTo(a, b, 'middle')).toEqual({ xMm: 1000, yMm: 2000 })
  })
  test('back to a wall: the back touches it, whatever wall', () => {
    const { room } = bare()
    for (const wall of room.walls) {
      const at = againstWall(900, 400, wall, 1_200)
      const box = boxOf(at.xMm, at.yMm, 900, 400, at.turnDeg)
      expect(fromWall(wall, box).beforeMm - reachAlong(box, wall.into)).toBeCloseTo(0, 6)
      expect(nearestWall(box, room)!.id).toBe(wall.id)
    }
  })
  test.each(PIECE_KINDS.filter((k) => !OFF_FLOOR.has(k)))(
    'a %s is put down where nothing else stands, in rooms nobody thought up',
    (kind) => {
      for (let seed = 1; seed <= 6; seed++) {
        const room = planOf({ ...randomPlan(seed), floorPlacements: [] })!
        const facts = { ...room, pieces: [...room.pieces] }
        const own = kind === 'rug' ? { widthMm: 1400, depthMm: 2000 } : {}
        const piece = { ...example({ pieces: [ex(kind, 'New', { at: [0, 0], ...own })] }).pieces[0]! }
        const placed = standing({ id: 'new', number: 1, ...firstPlace(facts, piece) }, piece)
        expect(
          insideRoom({ ...placed.box, halfW: placed.box.halfW - 4, halfD: placed.box.halfD - 4 }, room.room),
          `seed ${seed}`,
        ).toBe(true)
        if (kind !== 'rug')
          for (const o of room.room.openings) expect(inSwing(placed, o.swept)).toBeLessThanOrEqual(SWING_MM2)
        expect(room.standings.every((s) => standIn(s, placed) === 0)).toBe(true)
      }
    },
  )
})

describe('rugs', () => {
  const seats = () =>
    example({
      size: [6000, 5000],
      openings: [],
      pieces: [
        ex('sofa', 'Sofa', { at: [3000, 900] }),
        ex('armchair', 'Left', { at: [1700, 2600], turn: 270 }),
        ex('armchair', 'Right', { at: [4300, 2600], turn: 90 }),
        ex('low table', 'Table', { at: [3000, 2000] }),
      ],
    })
  const ask = (facts: ReturnType<typeof seats>, borderMm = 200) =>
    rugAdvice({
      seats: facts.seats,
      room: facts.room,
      sizes: RUG_SIZES.metric,
      joinable: RUNNER_SIZES.metric,
      borderMm,
    })
  test('every size that is advised lies flat, and its verdict is that of its legs', () => {
    const facts = seats()
    for (const a of ask(facts)) {
      expect(a.rugs.every((r) => insideRoom(r, facts.room))).toBe(true)
      const front = a.seats.every((s) => s.frontOn === 2)
      expect(a.verdict === 'front legs' || a.verdict === 'all legs').toBe(front)
      for (const s of a.seats) expect(s.missMm === 0).toBe(s.frontOn === 2)
    }
  })
  test('each school chooses its own: the smallest that serves, the largest with its border, all legs, none, two joined', () => {
    const facts = seats()
    const all = ask(facts)
    const smallest = chosenRug(all, 'smallest that puts front legs on', 200)!
    expect(
      all
        .filter((a) => !a.joined && a.areaMm2 < smallest.areaMm2)
        .every((a) => a.verdict !== 'front legs' && a.verdict !== 'all legs'),
    ).toBe(true)
    const largest = chosenRug(all, 'largest that leaves the border', 400)!
    expect(largest.leastBorderMm).toBeGreaterThanOrEqual(400)
    expect(
      all.filter((a) => !a.joined && a.areaMm2 > largest.areaMm2).every((a) => a.leastBorderMm < 400),
    ).toBe(true)
    expect(chosenRug(all, 'bare floor kept whole', 200)).toBeUndefined()
    const legs = chosenRug(all, 'all legs on', 200)
    if (legs) expect(legs.seats.every((s) => s.legsOn === 4)).toBe(true)
  })
  test('two narrow ones are joined only where no single one serves', () => {
    const narrow = example({
      size: [6000, 2300],
      openings: [],
      schools: { rug: 'layered or joined' },
      pieces: [
        ex('sofa', 'Sofa', { widthMm: 2400, at: [3000, 450] }),
        ex('armchair', 'Chair', { at: [3000, 1800], turn: 180 }),
      ],
    })
    const { chosen, all } = adviseRug(narrow)
    const single = all.some((a) => !a.joined && (a.verdict === 'front legs' || a.verdict === 'all legs'))
    expect(chosen!.joined).toBe(!single)
  })
  test('a rug wide enough for any leg holds all legs; one of nothing holds none', () => {
    const facts = seats()
    expect(judgeRug([boxOf(3000, 2500, 5900, 4900, 0)], facts.seats, facts.room).verdict).toBe('all legs')
    expect(judgeRug([boxOf(3000, 4500, 300, 300, 0)], facts.seats, facts.room).verdict).toBe('table only')
  })
})

describe('pieces', () => {
  test('legs stand inside the outline, the front ones at the front; extended, a bed grows forward and its back stays', () => {
    fc.assert(
      fc.property(mm(0, 359), (turn) => {
        const facts = example({
          size: [9000, 9000],
          openings: [],
          pieces: [ex('sofa bed', 'Bed', { at: [4500, 4500], turn, openDepthMm: 2200 })],
        })
        const [bed] = facts.standings
        for (const p of legsOf(bed!)) expect(boxHolds(bed!.box, p)).toBe(true)
        const front = sideOf(bed!.box, 'front').origin
        const back = sideOf(bed!.box, 'back').origin
        for (const p of frontLegs(bed!))
          expect(Math.hypot(p.x - front.x, p.y - front.y)).toBeLessThan(
            Math.hypot(p.x - back.x, p.y - back.y),
          )
        const open = extended(bed!)!
        expect(2 * open.halfD).toBe(2200)
        expect(sideOf(open, 'back').origin.x).toBeCloseTo(back.x, 6)
        expect(sideOf(open, 'back').origin.y).toBeCloseTo(back.y, 6)
        expect(asExtended(bed!).depthMm).toBe(2200)
      }),
      { numRuns: 100 },
    )
  })
  test('an elevation shows what stands before its wall, from its left corner, and not what stands across the room', () => {
    const facts = example({
      pieces: [
        ex('cabinet', 'Near', { widthMm: 1000, at: [1500, 200] }),
        ex('cabinet', 'Far', { at: [1500, 3700] }),
      ],
    })
    const north = facts.room.walls[0]!
    expect(beforeWall(north, facts.standings).map((b) => [b.standing.name, b.leftMm, b.rightMm])).toEqual([
      ['Near', 1000, 2000],
    ])
    // Seen from inside, the lower wall begins at the right of the sheet.
    expect(beforeWall(facts.room.walls[2]!, facts.standings).map((b) => b.standing.name)).toEqual(['Far'])
  })
  test('the place where a use wants its light lies over the piece that serves it', () => {
    const facts = example({
      pieces: [
        ex('armchair', 'Chair', { at: [2500, 2000], turn: 90, serves: ['u'] }),
        ex('lamp', 'Lamp', { at: [3300, 2000], light: {} }),
      ],
      more: {
        uses: [
          { id: 'u', name: 'Read', kind: 'read', persons: 1, time: 'any time', position: 0, version: 1 },
        ],
      },
    })
    const [place] = usePlaces(facts)
    expect(boxHolds(facts.standings[0]!.box, place!.at)).toBe(true)
    expect(place!.lux).toBeGreaterThan(0)
  })
  test('boxes apart have a gap that is the same both ways', () => {
    expect(boxGap(boxOf(0, 0, 100, 100, 0), boxOf(300, 0, 100, 100, 45))).toBeCloseTo(
      300 - 50 - Math.hypot(50, 50),
      6,
    )
  })
})

describe('the way in', () => {
  const part = fc.record({
    id: fc.constant('p'),
    name: fc.constant('Part'),
    kind: fc.constantFrom('street door', 'corridor', 'turn', 'stair', 'landing', 'lift car', 'room door'),
    widthMm: mm(600, 1_500),
    heightMm: mm(1_900, 2_600),
    lengthMm: mm(900, 3_500),
  }) as fc.Arbitrary<WayPart>
  const goods = fc.record({ widthMm: mm(300, 2_600), depthMm: mm(300, 1_100), heightMm: mm(200, 2_100) })
  test('a smaller piece never passes worse, and a wider way is never worse', () => {
    fc.assert(
      fc.property(goods, fc.array(part, { minLength: 1, maxLength: 4 }), mm(0, 200), (g, way, by) => {
        const spare = (x: typeof g, w: readonly WayPart[]) => carryIn(x, w).steps.map((s) => s.spareMm)
        const now = spare(g, way)
        const smaller = spare(
          { widthMm: g.widthMm - Math.min(by, 250), depthMm: g.depthMm, heightMm: g.heightMm },
          way,
        )
        const wider = spare(
          g,
          way.map((p) => ({
            ...p,
            widthMm: p.widthMm + by,
            lengthMm: (p.lengthMm ?? 0) + by,
            heightMm: p.heightMm + by,
          })),
        )
        const passed = carryIn(g, way).verdict === 'passes'
        if (passed) {
          expect(smaller.every((s) => s >= 0)).toBe(true)
          expect(wider.every((s) => s >= 0)).toBe(true)
        }
        expect(now.every((s) => Number.isFinite(s))).toBe(true)
      }),
    )
  })
  test('the verdict is that of the tightest part, and no way is no verdict', () => {
    fc.assert(
      fc.property(goods, fc.array(part, { minLength: 1, maxLength: 5 }), (g, way) => {
        const found = carryIn(g, way)
        const least = Math.min(...found.steps.map((s) => s.spareMm))
        expect(found.verdict).toBe(least >= 0 ? 'passes' : 'not at all')
        expect(found.spareMm).toBe(Math.floor(least))
      }),
    )
    expect(carryIn({ widthMm: 1, depthMm: 1, heightMm: 1 }, []).verdict).toBe('not known')
  })
})

describe('what is taller than the room over it', () => {
  const tooTall = (job: JobSnapshot) =>
    judgeWhole(job, '2026-03-01', true).filter((f) => f.rule === 'plan.too-tall')
  // From 1 000 mm at the upper wall to 2 500 mm one and a half meters into the room: 45°.
  const slope = {
    id: 'slope',
    wallId: 'north',
    name: 'Slope',
    startHeightMm: 1000,
    endHeightMm: 2500,
    depthMm: 1500,
    whole: true,
    version: 1,
  }
  const under = (piece: ReturnType<typeof ex>) =>
    judgeWhole(
      exampleJob({ heightMm: 2500, pieces: [piece], more: { ceilings: [slope] } }),
      '2026-03-01',
      true,
    )
  const sloped = (heightMm: number, at: readonly [number, number], turn = 0) =>
    under(ex('shelves', 'Shelves', { widthMm: 1000, depthMm: 300, heightMm, at, turn })).filter(
      (f) => f.rule === 'plan.too-tall',
    )
  // The back of the shelves stands this far from the upper wall; the slope is as much higher there.
  test.each([
    [1000, 0, 0],
    [1004, 0, 0],
    [1100, 0, 1],
    [1100, 100, 0],
    [1700, 700, 0],
    [1720, 700, 1],
    [2500, 1500, 0],
  ])('shelves %i high, %i from the low wall: %i', (heightMm, away, times) => {
    expect(sloped(heightMm, [2500, away + 150])).toHaveLength(times)
  })
  test('turned by a quarter they reach as far under the slope as their longer side', () => {
    expect(sloped(1520, [2500, 1000])).toHaveLength(0)
    expect(sloped(1520, [2500, 1000], 90)).toHaveLength(1)
    expect(sloped(1500, [2500, 1000], 90)).toHaveLength(0)
  })
  // The gable of 4 m stands across the slope: its ceiling is 1 000 mm at one end and full height from 1 500 mm on.
  test.each([
    ['what hangs low under the slope', 'north', 2500, 700, 0],
    ['what hangs into it', 'north', 2500, 900, 1],
    ['what hangs on the gable, clear of it', 'west', 2000, 1900, 0],
    ['what hangs on the gable, its corner in it', 'west', 3200, 1900, 1],
  ])('%s: %i', (_, wallId, xMm, centerMm, times) => {
    const shelf = (kind: 'shelves' | 'picture') =>
      under(ex(kind, 'It', { widthMm: 600, depthMm: 200, heightMm: 400, hang: { centerMm, xMm, wallId } }))
    const tall = shelf('shelves').filter((f) => f.rule === 'plan.too-tall')
    expect(tall).toHaveLength(times)
    expect(tall.every((f) => f.fixes[0]?.label === 'Lower it to the ceiling')).toBe(true)
    const stops = shelf('picture').filter((f) => f.rule === 'plan.under-ceiling' && f.severity === 'stop')
    expect(stops, 'a picture there').toHaveLength(times)
  })
  test('nothing is said while no height is known', () => {
    const job = exampleJob({ pieces: [ex('wardrobe', 'Wardrobe', { heightMm: 4000, at: [2500, 300] })] })
    expect(tooTall(job)).toHaveLength(1)
    expect(tooTall({ ...job, room: { ...job.room, heightMm: null } })).toEqual([])
  })
})
