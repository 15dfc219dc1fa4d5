import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { boardDrawing, layBoards, LEAST_RIP_MM, STAGGER_MM } from './boards.js'

const rect = (w: number, h: number) => [
  { x: 0, y: 0 },
  { x: w, y: 0 },
  { x: w, y: h },
  { x: 0, y: h },
]
const ell = (w: number, h: number, cutW: number, cutH: number) => [
  { x: 0, y: 0 },
  { x: w - cutW, y: 0 },
  { x: w - cutW, y: cutH },
  { x: w, y: cutH },
  { x: w, y: h },
  { x: 0, y: h },
]

describe('boards', () => {
  const floors = fc.record({
    w: fc.integer({ min: 1500, max: 7000 }),
    h: fc.integer({ min: 1200, max: 5000 }),
    wide: fc.integer({ min: 90, max: 260 }),
    long: fc.constantFrom(1200, 1380, 1800, 2200),
    cut: fc.double({ min: 0, max: 0.6, noNaN: true }),
  })
  test('the floor is covered once, offcuts are used once, and no board is longer than one', () => {
    fc.assert(
      fc.property(floors, ({ w, h, wide, long, cut }) => {
        const outline = cut > 0.2 ? ell(w, h, Math.round(w * cut), Math.round(h * cut)) : rect(w, h)
        const plan = layBoards(outline, { widthMm: wide, lengthMm: long })
        const inside = (x: number, y: number) =>
          cut <= 0.2 || !(x > w - Math.round(w * cut) && y < Math.round(h * cut))
        for (let x = 11.3; x < w; x += 173)
          for (let y = 7.3; y < h; y += 131) {
            const on = plan.boards.filter(
              (b) => x >= b.xMm && x < b.xMm + b.widthMm && y >= b.yMm && y < b.yMm + b.heightMm,
            ).length
            if (inside(x, y)) expect(on).toBe(1)
            else expect(on).toBeLessThanOrEqual(1)
          }
        // What is cut of each board together is no longer than it.
        const cuts = new Map<number, number>()
        for (const b of plan.boards) cuts.set(b.from, (cuts.get(b.from) ?? 0) + b.widthMm)
        for (const mm of cuts.values()) expect(mm).toBeLessThanOrEqual(long + 1e-6)
        expect(cuts.size).toBe(plan.count)
        expect(plan.count).toBeGreaterThanOrEqual(Math.ceil(plan.areaMm2 / (wide * long) - 1e-9) - 1)
      }),
      { numRuns: 60 },
    )
  })
  test('no row of a plain room is ripped to a sliver, and it takes no row more for that', () => {
    fc.assert(
      fc.property(floors, ({ w, h, wide, long }) => {
        const plan = layBoards(rect(w, h), { widthMm: wide, lengthMm: long })
        const rows = new Map(plan.boards.map((b) => [b.row, b.heightMm]))
        expect(rows.size).toBe(Math.ceil(h / wide - 1e-9))
        expect([...rows.values()].reduce((sum, mm) => sum + mm, 0)).toBeCloseTo(h, 6)
        if (h > wide)
          expect(Math.min(...rows.values())).toBeGreaterThanOrEqual(Math.min(LEAST_RIP_MM, wide / 2) - 1e-6)
      }),
    )
  })
  test('end joints of neighboring rows keep apart in a plain room', () => {
    fc.assert(
      fc.property(floors, ({ w, h, wide, long }) => {
        const plan = layBoards(rect(w, h), { widthMm: wide, lengthMm: long })
        const joints = (row: number) =>
          plan.boards
            .filter((b) => b.row === row && b.xMm + b.widthMm < w - 1e-6)
            .map((b) => b.xMm + b.widthMm)
        let [near, all] = [0, 0]
        for (let row = 1; row <= Math.max(...plan.boards.map((b) => b.row)); row++)
          for (const j of joints(row)) {
            all++
            if (joints(row - 1).some((k) => Math.abs(k - j) < STAGGER_MM - 1e-6)) near++
          }
        // Where the room leaves no way a joint may come nearer: seldom.
        expect(near).toBeLessThanOrEqual(Math.ceil(all * 0.05))
      }),
      { numRuns: 60 },
    )
  })
  test('the waste of usual rooms lies where the trade puts it (5 to 10 percent straight), and is drawn', () => {
    const plan = layBoards(rect(4860, 3920), { widthMm: 189, lengthMm: 1860 })
    expect(plan.wastePercent).toBeGreaterThan(1)
    expect(plan.wastePercent).toBeLessThan(12)
    const drawn = boardDrawing(rect(4860, 3920), [], plan)
    expect([drawn.widthMm, drawn.heightMm, drawn.parts.length]).toEqual([4860, 3920, plan.boards.length])
  })
  test('boards as wide as the room are long: one each, and nothing is over', () => {
    const plan = layBoards(rect(2000, 1000), { widthMm: 200, lengthMm: 2000 })
    expect([plan.count, plan.wastePercent]).toEqual([5, 0])
  })
})
