import highsLoader from 'highs'
import { expect, test } from 'vitest'
import { cutList, type Wanted } from './cutList.js'
import { sheetCuts, type SheetPiece } from './sheetCuts.js'

/** Numbers that look random and are the same each time. */
function someNumbers(seed: number): (from: number, to: number) => number {
  let state = seed
  return (from, to) => {
    state = (state * 48_271) % 2_147_483_647
    return from + (state % (to - from + 1))
  }
}

/** Every way to cut one stock length: how many of each piece. */
function patterns(stock: number, kerf: number, wanted: readonly Wanted[]): number[][] {
  const found: number[][] = []
  const go = (at: number, left: number, counts: number[]) => {
    const piece = wanted[at]
    if (!piece) {
      if (counts.some((n) => n > 0)) found.push(counts)
      return
    }
    for (let n = 0; n <= piece.count && n * (piece.length + kerf) <= left; n++)
      go(at + 1, left - n * (piece.length + kerf), [...counts, n])
  }
  go(0, stock + kerf, [])
  return found
}

test('cut lists against HiGHS, which is given every way to cut a length: what is called proven is, and none is one over', async () => {
  const highs = await highsLoader()
  const some = someNumbers(20_261_201)
  let [proven, gap] = [0, 0]
  const problems = 40
  for (let i = 0; i < problems; i++) {
    const wanted = Array.from({ length: some(2, 5) }, () => ({ length: some(280, 1900), count: some(1, 7) }))
    const ways = patterns(2400, 3, wanted)
    const row = (k: number) =>
      ways.flatMap((w, p) => ((w[k] ?? 0) > 0 ? [`${w[k] ?? 0} x${p}`] : [])).join(' + ')
    const names = ways.map((_, p) => `x${p}`)
    const solved = highs.solve(
      `Minimize\n obj: ${names.join(' + ')}\nSubject To\n${wanted.map((w, k) => ` c${k}: ${row(k)} >= ${w.count}`).join('\n')}\nGeneral\n ${names.join(' ')}\nEnd`,
    )
    expect(solved.Status).toBe('Optimal')
    const least = Math.round(solved.ObjectiveValue)
    const got = cutList(2400, 3, wanted)
    expect(got.atLeast).toBeLessThanOrEqual(least)
    if (got.proven) expect(got.stocks).toHaveLength(least)
    proven += got.proven ? 1 : 0
    gap = Math.max(gap, got.stocks.length - least)
  }
  expect(gap).toBe(0)
  expect(proven / problems).toBeGreaterThan(0.9)
}, 60_000)

interface Size {
  readonly along: number
  readonly across: number
  readonly free: boolean
}

/** Whether pieces can be cut from one rectangle by cuts from edge to edge: every cut at every sum of their sides is tried. */
function fits(pieces: readonly Size[], along: number, across: number): boolean {
  const area = pieces.reduce((sum, p) => sum + p.along * p.across, 0)
  if (area > along * across) return false
  const [one] = pieces
  if (pieces.length === 0 || !one) return true
  const stands = (p: Size) =>
    (p.along <= along && p.across <= across) || (p.free && p.across <= along && p.along <= across)
  if (!pieces.every(stands)) return false
  if (pieces.length === 1) return true
  const sides = pieces.flatMap((p) => (p.free ? [p.along, p.across] : [p.along]))
  const heights = pieces.flatMap((p) => (p.free ? [p.along, p.across] : [p.across]))
  for (let which = 0; which < 2 ** (pieces.length - 1) - 1; which++) {
    const first = [one, ...pieces.slice(1).filter((_, k) => (which >> k) & 1)]
    const second = pieces.filter((p) => !first.includes(p))
    for (const at of sums(sides, along))
      if (fits(first, at, across) && fits(second, along - at, across)) return true
    for (const at of sums(heights, across))
      if (fits(first, along, at) && fits(second, along, across - at)) return true
  }
  return false
}
const sums = (sides: readonly number[], most: number): number[] => {
  const found = new Set([0])
  for (const side of sides) for (const sum of [...found]) if (sum + side < most) found.add(sum + side)
  found.delete(0)
  return [...found]
}
/** As few sheets as trying everything finds. */
function fewestSheets(pieces: readonly Size[], along: number, across: number): number {
  const [one] = pieces
  if (!one) return 0
  let best = Infinity
  for (let which = 0; which < 2 ** (pieces.length - 1); which++) {
    const on = [one, ...pieces.slice(1).filter((_, k) => (which >> k) & 1)]
    if (fits(on, along, across))
      best = Math.min(
        best,
        1 +
          fewestSheets(
            pieces.filter((p) => !on.includes(p)),
            along,
            across,
          ),
      )
  }
  return best
}

test('sheets against trying everything: what is called proven is, and few are one over', () => {
  const some = someNumbers(7_081_951)
  const problems = 60
  let [proven, over] = [0, 0]
  for (let i = 0; i < problems; i++) {
    const pieces: SheetPiece[] = Array.from({ length: some(2, 5) }, (_, k) => ({
      name: String(k),
      along: some(3, 20),
      across: some(3, 12),
      count: 1,
      free: some(0, 1) === 1,
    }))
    const least = fewestSheets(pieces, 20, 12)
    const got = sheetCuts({ along: 20, across: 12 }, 0, pieces)
    expect(got.atLeast).toBeLessThanOrEqual(least)
    if (got.proven) expect(got.sheets).toHaveLength(least)
    proven += got.proven ? 1 : 0
    over += got.sheets.length - least
    expect(got.sheets.length - least).toBeLessThanOrEqual(1)
  }
  expect(over).toBeLessThanOrEqual(1)
  expect(proven / problems).toBeGreaterThan(0.75)
}, 60_000)
