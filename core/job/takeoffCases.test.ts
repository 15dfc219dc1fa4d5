import { describe, expect, test } from 'vitest'
import { lineOf, notes, type Line } from '../testing/takeoffLine.js'

describe('cases of the take-off', () => {
  test('C057: twelve uprights of 800 from boards of 2 400: two a board, since the saw takes its share', () => {
    const got = lineOf(
      { trade: 'lengths', goodsLengthMm: 2400, jointMm: 3, packMinor: 1000 },
      { parts: [{ name: 'Upright', lengthMm: 800, count: 12 }] },
    )
    expect([got.packs, got.costMinor]).toEqual([6, 6000])
    expect(got.over).toBe('6 × 797 worth keeping')
    expect(notes(got)).toMatch(/proven.*By plain length it would be 4/)
  })
  test('C058: half-meter squares turned by turns: 40 whole, 2 for the edges, 3 rolls and not 2, listed square by square', () => {
    const got = lineOf(
      {
        trade: 'wallpaper',
        wallIds: ['north'],
        match: 'turned squares',
        squareMm: 500,
        goodsWidthMm: 530,
        goodsLengthMm: 10_050,
      },
      { room: { size: [4100, 3000], heightMm: 2550 } },
    )
    expect([got.needed, got.packs]).toEqual(['42 squares', 3])
    expect(got.sum[0]).toBe('North wall: 8 × 5 whole, 2 for the edges')
    expect(notes(got)).toContain('By area alone it would be 2 rolls')
    const turned = got.drawings[0]?.parts.map((p) => p.label) ?? []
    expect([turned.length, turned.filter((l) => l === '↔').length]).toEqual([54, 27])
  })
  test('C059: a trellis of 640 on 4 m: 8 drops of 2.56, 3 rolls and not 2', () => {
    const got = lineOf(
      {
        trade: 'wallpaper',
        wallIds: ['north'],
        match: 'straight',
        repeatMm: 640,
        goodsWidthMm: 520,
        goodsLengthMm: 10_000,
        trimMm: 50,
      },
      { room: { size: [4000, 3000], heightMm: 2400 } },
    )
    expect([got.needed, got.packs]).toEqual(['8 drops', 3])
    expect(got.sum[1]).toContain('= 2 560')
    expect(notes(got)).toContain('By area alone it would be 2 rolls')
  })
  test('C060: the ottoman on 1 370 with its weave one way: 2.21 m laid out, 2.5 bought, 1.55 by area', () => {
    const got = lineOf(
      { trade: 'cover', goodsWidthMm: 1370 },
      {
        parts: [
          { name: 'Base front', widthMm: 930, lengthMm: 415, count: 2 },
          { name: 'Base side', widthMm: 530, lengthMm: 415, count: 2 },
          { name: 'Lid', widthMm: 930, lengthMm: 530 },
          { name: 'Lid front', widthMm: 930, lengthMm: 145, count: 2 },
          { name: 'Lid side', widthMm: 530, lengthMm: 145, count: 2 },
        ],
      },
    )
    expect([got.needed, got.packs]).toEqual(['2 210 mm', 2.5])
    expect(notes(got)).toContain('By area alone it would be 1 553 mm')
  })
  test('C061: ready-made panels are priced by the panel and wanted in pairs: four, 168', () => {
    const window = {
      id: 'w',
      wallId: 'north',
      kind: 'window',
      name: '',
      startMm: 1000,
      widthMm: 1500,
      heightMm: 1200,
      sillMm: 900,
      hinge: 'none',
      swing: 'none',
      carries: null,
      carriesG: null,
      version: 1,
    } as const
    const line: Line = {
      trade: 'curtains',
      openingId: 'w',
      readyMade: true,
      trimMm: 150,
      fullness: 1.5,
      goodsWidthMm: 1070,
      packMinor: 4200,
    }
    const room = { openings: [window] }
    expect(lineOf(line, { room })).toMatchObject({ packs: 4, costMinor: 16_800 })
    // One to one side: as many as the rail asks.
    expect(lineOf({ ...line, pair: false }, { room }).packs).toBe(3)
    // Where the seller counts pairs, two pairs.
    expect(lineOf({ ...line, packOf: 2, packMinor: 8400 }, { room })).toMatchObject({
      packs: 2,
      costMinor: 16_800,
    })
  })
  test('C062: a skirt on a ring with four uprights: eight ties', () => {
    expect(lineOf({ trade: 'ties', posts: 4, ring: true }).packs).toBe(8)
    expect(lineOf({ trade: 'ties', posts: 4, ring: false }).packs).toBe(7)
  })
  test('C009: a window that is not measured: nothing is reckoned, and what is wanting is named', () => {
    const got = lineOf({ trade: 'curtains', goodsWidthMm: 1400, packMinor: 4800 })
    expect([got.packs, got.costMinor, got.drawings]).toEqual([undefined, undefined, []])
    expect(got.waits).toEqual(['the window it hangs at'])
  })
})

describe('what must hold of any line', () => {
  test.each(['wallpaper', 'tile', 'boards', 'carpet', 'curtains', 'lengths', 'cover', 'ties'] as const)(
    'an empty line of %s says what it waits for, and counts nothing',
    (trade) => {
      const got = lineOf({ trade })
      expect(got.waits.length).toBeGreaterThan(0)
      expect(got.costMinor).toBeUndefined()
    },
  )
  test('a room that grows takes no fewer rolls, tiles and boards', () => {
    const of = (wide: number, line: Line) =>
      lineOf(line, { room: { size: [wide, 3000], heightMm: 2500 } }).packs ?? 0
    for (const line of [
      { trade: 'wallpaper', wallIds: ['north'], goodsWidthMm: 530, goodsLengthMm: 10_050 },
      {
        trade: 'tile',
        wallIds: ['north'],
        goodsWidthMm: 200,
        goodsLengthMm: 200,
        jointMm: 3,
        setOut: 'from the left',
      },
      { trade: 'boards', goodsWidthMm: 180, goodsLengthMm: 1380 },
    ] as const satisfies readonly Line[])
      for (let wide = 2000; wide < 6000; wide += 400)
        expect(of(wide + 400, line as unknown as Line), `${line.trade} ${wide}`).toBeGreaterThanOrEqual(
          of(wide, line) - (line.trade === 'boards' ? 1 : 0),
        )
  })
  test('an imperial studio buys cloth by the yard', () => {
    const got = lineOf(
      { trade: 'cover', goodsWidthMm: 1371.6, packMinor: 2000 },
      { parts: [{ name: 'Seat', widthMm: 600, lengthMm: 700 }], system: 'imperial' },
    )
    expect([got.packsText, got.costMinor]).toEqual(['1.00 yd', 2000])
  })
})
