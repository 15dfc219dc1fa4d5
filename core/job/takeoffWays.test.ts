import { describe, expect, test } from 'vitest'
import { exampleDoor } from '../examples/plan/example.js'
import type { JobSnapshot } from '../model/snapshot.js'
import { jobWith, lineOf, linesOf, notes } from '../testing/takeoffLine.js'

const plain = (text: string) => text.replaceAll(/[\u00a0\u202f\u2009]/g, ' ')
const ways = (line: ReturnType<typeof lineOf>) =>
  line.beside.map((b) => [plain(b.name), plain(b.needed), b.costMinor ?? null])
const withIt = (line: ReturnType<typeof lineOf>) =>
  Object.fromEntries(line.goesWith.map((g) => [g.name, plain(g.quantity)]))
const window = {
  ...exampleDoor,
  id: 'window',
  wallId: 'north',
  kind: 'window' as const,
  name: 'Window',
  startMm: 1500,
  widthMm: 1200,
  heightMm: 1300,
  sillMm: 900,
  swing: 'none' as const,
  hinge: 'none' as const,
}

describe('papers of walls that meet', () => {
  const paper = { trade: 'wallpaper', goodsWidthMm: 530, goodsLengthMm: 10_050 } as const
  const room = { size: [4000, 3000], heightMm: 2400, openings: [exampleDoor] } as const
  test('two of them are one run, opposite ones are not, and the whole room closes nearest the door', () => {
    const names = (wallIds: string[]) =>
      lineOf({ ...paper, wallIds }, { room })
        .drawings.map((d) => d.name)
        .filter((n) => !n.startsWith('Roll'))
    expect(names(['north', 'east'])).toEqual(['North wall · East wall'])
    expect(names(['west', 'north'])).toEqual(['West wall · North wall'])
    expect(names(['north', 'south'])).toEqual(['North wall', 'South wall'])
    const all = lineOf(
      { ...paper, wallIds: ['north', 'east', 'south', 'west'], match: 'straight', repeatMm: 320 },
      { room },
    )
    // The door stands 300 mm from the left end of the south wall: its corner with the east wall, at one's back.
    expect(notes(all)).toContain(
      'The round closes between East wall and South wall, nearest the door: there the pattern does not meet.',
    )
    expect(all.drawings[0]?.spans?.map((s) => s.name)[0]).toBe('South wall')
  })
  test('seams of one wall: from the left, or from its middle with ends alike; walls that run on have none', () => {
    const one = { ...paper, wallIds: ['north'], packMinor: 4000 }
    const got = ways(lineOf(one, { room }))
    // 4 000 ÷ 530: seven whole drops and 290; from the middle 145 at each end, or 410.
    expect(got).toEqual([
      ['A whole drop at the left, as drawn', '2 rolls; first seam 0, ends 530 and 290', 8000],
      ['A whole drop at the right', '2 rolls; first seam 290, ends 290 and 530', 8000],
      ['A drop in the middle', '3 rolls; first seam 145, ends 145 and 145', 12_000],
      ['A seam in the middle', '2 rolls; first seam 410, ends 410 and 410', 8000],
    ])
    const typed = ways(lineOf({ ...one, seamMm: 200 }, { room }))
    expect(typed.at(-1)?.[0]).toBe('As entered, as drawn')
    expect(ways(lineOf({ ...one, seamMm: 145 }, { room })).map(([name]) => name)).toContain(
      'A drop in the middle, as drawn',
    )
    expect(ways(lineOf({ ...one, wallIds: ['north', 'east'] }, { room }))).toEqual([])
  })
  test('a drop that goes round a corner is told of with what to do', () => {
    expect(notes(lineOf({ ...paper, wallIds: ['north', 'east'] }, { room }))).toContain(
      '1 drop goes round a corner: slit each 10 mm past it',
    )
    expect(notes(lineOf({ ...paper, wallIds: ['north'] }, { room }))).not.toContain('round a corner')
  })
})

describe('tile', () => {
  const tile = { trade: 'tile', goodsWidthMm: 200, goodsLengthMm: 200, jointMm: 3 } as const
  test('to a height and to the ceiling stand beside each other, each with its price', () => {
    const got = lineOf(
      { ...tile, wallIds: ['north'], toMm: 1215, packOf: 25, packMinor: 2000, thickMm: 8 },
      { room: { size: [4000, 3000], heightMm: 2400 } },
    )
    expect(ways(got)).toEqual([
      ['To 1 215 mm', '120 tiles', 10_000],
      ['To the ceiling', '240 tiles', 20_000],
    ])
    expect(Object.keys(withIt(got))).toEqual(['Adhesive', 'Grout', 'Edge trim along the top'])
    expect(withIt(got)['Edge trim along the top']).toBe('4.00 m')
    // As high as the room it is one way, and one row is cut because the band is as low as that.
    expect(ways(lineOf({ ...tile, wallIds: ['north'], toMm: 2400 }, { room: { heightMm: 2400 } }))).toEqual(
      [],
    )
    expect(
      notes(
        lineOf({ ...tile, wallIds: ['north'], toMm: 50 }, { room: { size: [4057, 3000], heightMm: 2400 } }),
      ),
    ).not.toContain('row of')
    expect(ways(lineOf({ ...tile, wallIds: ['north'] }, { room: { heightMm: 2400 } }))).toEqual([])
  })
  test('the setting out is told as a tiler marks it: first cut, whole ones, last cut', () => {
    const got = lineOf(
      { ...tile, wallIds: ['north'], setOut: 'tile in the middle', toMm: 500 },
      { room: { size: [1000, 3000], heightMm: 2400 } },
    )
    expect(got.sum[1]).toBe('from the left 194, 3 whole, 194; from the foot 2 whole, 94')
  })
  test.each([
    // 4 040 wide: 19 whole and a sliver from the left; centered the ends are wide.
    [
      'a narrow column is told with the setting out that avoids it',
      3920,
      1215,
      /column of 63 mm.*it would be/,
    ],
    ['a low row is told with the height that ends whole', 4057, 1250, /row of 32 mm.*whole tile at 1 215 mm/],
  ])('%s', (_, wide, toMm, says) => {
    const got = lineOf(
      { ...tile, wallIds: ['north'], setOut: 'from the left', toMm },
      { room: { size: [wide, 3000], heightMm: 2400 } },
    )
    expect(notes(got)).toMatch(says)
  })
  test('each direction is held against its own side of the tile', () => {
    // A column of 90 is under a third of 300, and no row is cut: the low tile is no measure for it.
    const got = lineOf(
      {
        ...tile,
        goodsWidthMm: 300,
        goodsLengthMm: 75,
        wallIds: ['north'],
        setOut: 'from the left',
        toMm: 777,
      },
      { room: { size: [3120, 3000], heightMm: 2400 } },
    )
    expect(notes(got)).toMatch(/column of 90 mm, under a third/)
    expect(notes(got)).not.toMatch(/row of/)
  })
})

describe('floors', () => {
  test('boards laid, laid the other way, and by area with the customary waste', () => {
    const got = lineOf(
      { trade: 'boards', goodsWidthMm: 190, goodsLengthMm: 1200, packOf: 8, packMinor: 4000 },
      { room: { size: [4000, 3000] } },
    )
    expect(got.beside.map((b) => b.name)).toEqual(['As laid', 'Laid the other way', 'By area and 10 %'])
    expect(got.beside.every((b) => (b.costMinor ?? 0) % 4000 === 0)).toBe(true)
    expect(withIt(got)).toEqual({ Underlay: '12.0 m²', 'Beading where the skirting stays on': '14.00 m' })
  })
  test('a threshold in each door and plain opening, beading round the rest; a window to the floor has neither bar nor gap', () => {
    const wide = { ...exampleDoor, id: 'wide', wallId: 'east', kind: 'opening' as const, widthMm: 1500 }
    const glazed = { ...window, id: 'glazed', sillMm: 0, heightMm: 2100 }
    const openings = [exampleDoor, wide, glazed]
    const boards = { trade: 'boards', goodsWidthMm: 200, goodsLengthMm: 2000 } as const
    const room = { size: [5000, 4000], heightMm: 2500, openings } as const
    expect(withIt(lineOf(boards, { room: { ...room, openings: [...openings] } }))).toMatchObject({
      'Threshold bars': '2 of 800, 1 500 mm',
      'Beading where the skirting stays on': '15.70 m',
    })
    const without = withIt(lineOf(boards, { room: { ...room, openings: [glazed] } }))
    expect(without['Threshold bars']).toBeUndefined()
    expect(without['Beading where the skirting stays on']).toBe('18.00 m')
  })
  test('carpet: both ways with their seams; the gripper leaves the doors out', () => {
    const got = lineOf(
      { trade: 'carpet', goodsWidthMm: 4000, packMinor: 3000, trimMm: 100 },
      { room: { size: [5000, 4000], openings: [exampleDoor] } },
    )
    expect(ways(got).map(([name, needed]) => [name, needed])).toEqual([
      ['As laid', '5 100 mm, no seam'],
      ['Laid the other way', '8 200 mm, 1 seam'],
    ])
    expect(withIt(got)['Gripper round the edge, doors left out']).toBe('17.20 m')
  })
})

describe('a window', () => {
  const cloth = { openingId: 'window', goodsWidthMm: 1400, packMinor: 4500 } as const
  const room = { heightMm: 2500, openings: [window] }
  test('curtains and blinds stand side by side, from the same cloth', () => {
    const got = lineOf({ ...cloth, trade: 'curtains', trimMm: 150 }, { room })
    expect(got.beside.map((b) => b.name)).toEqual([
      'Curtains',
      'Flat roman blind',
      'Roller blind, made to measure',
    ])
    expect(got.beside[0]?.costMinor).toBe(got.costMinor)
    expect(ways(got)[2]?.[1]).toBe('1 190 × 1 300, in the recess')
    expect(notes(got)).toMatch(
      /Drawn back they take about 350 mm at each side: 200 mm of the window stays covered/,
    )
    // A rail of 1 500, cloth gathered: one for each 100 mm and one at each end.
    expect(withIt(got)['Gliders or hooks']).toBe('17 pieces')
  })
  test('what each shows: how much it leaves open, what comes through closed, and of the pattern', () => {
    const seenOf = (line: Parameters<typeof lineOf>[0]) =>
      lineOf(line, { room }).beside.map((b) => plain(b.seen?.join(' ') ?? ''))
    const plainCloth = seenOf({ ...cloth, trade: 'curtains', trimMm: 150 })
    // A rail of 1 500 gathered 1.87 to 1 takes 470 in all: 230 at each side, 150 of it beyond the window.
    expect(plainCloth[0]).toMatch(
      /^Open, 200 mm of the window stays covered at each side\. Closed, they cover/,
    )
    expect(plainCloth[1]).toContain('light comes through beside it, about 5 mm at each side')
    expect(plainCloth[2]).toContain('about 20 mm at each side')
    expect(plainCloth.join(' ')).not.toContain('pattern')
    const patterned = seenOf({ ...cloth, trade: 'curtains', trimMm: 150, repeatMm: 320 })
    expect(patterned[0]).toMatch(/by about \d+ %, in folds/)
    expect(patterned[1]).toContain('flat and whole; drawn up it is folded away')
    expect(patterned[2]).toContain('rolled away')
    const before = seenOf({ ...cloth, trade: 'blinds', inside: false, trimMm: 100 })
    expect(before[1]).toContain('Closed, it covers the edges')
    const flush = seenOf({ ...cloth, trade: 'blinds', inside: false, trimMm: 0 })
    expect(flush[1]).toContain('Closed, light comes through at both sides')
    // A rail that clears it leaves nothing covered.
    expect(seenOf({ ...cloth, trade: 'curtains', trimMm: 600 })[0]).toContain('Open, they clear the window')
  })
  test('a blind: its cloth, its folds, what goes with it, and no cord in reach of a child', () => {
    const got = lineOf({ ...cloth, trade: 'blinds', topHemMm: 50, footHemMm: 80, overlapMm: 40 }, { room })
    expect([got.needed, got.packsText]).toEqual(['1 width', '1.50 m'])
    expect(got.sum.at(-1)).toBe('4 folds of 289 and half a one')
    expect(got.drawings[0]?.parts.map((p) => p.label)).toEqual(['1', '2', '3', '4', '½'])
    expect(notes(got)).toContain('No cord or chain within reach of a child')
    const small = { ...window, heightMm: 300, sillMm: 1200 }
    const one = lineOf({ ...cloth, trade: 'blinds' }, { room: { heightMm: 2500, openings: [small] } })
    expect(one.drawings[0]?.parts.map((p) => p.label)).toEqual(['1', '½'])
    const made = lineOf({ trade: 'blinds', openingId: 'window', readyMade: true, packMinor: 9000 }, { room })
    expect([made.needed, made.packs, made.costMinor]).toEqual(['1 190 × 1 300', 1, 9000])
  })
  test('a rail above the ceiling waits for a lower one', () => {
    const got = lineOf({ ...cloth, trade: 'curtains', toMm: 2600 }, { room })
    expect(got.waits.map(plain)).toEqual(['a rail under the ceiling, which is at 2 500 mm'])
  })
})

describe('saw settings', () => {
  const along = {
    trade: 'lengths' as const,
    goodsLengthMm: 2400,
    wallIds: ['north', 'east', 'south', 'west'],
  }
  test('a skirting is cut at half of each corner, a crown by its spring', () => {
    expect(notes(lineOf(along))).toContain('4 corners of 90°: cut at 45°.')
    // 38° between the back and the wall, as printed on saws.
    expect(notes(lineOf({ ...along, springDeg: 38 }))).toContain('saw turned 31.6°, blade leaning 33.9°')
    expect(notes(lineOf({ ...along, wallIds: ['north', 'south'] }))).not.toContain('corner')
  })
})

describe('sheets', () => {
  const sheet = { trade: 'sheets', goodsWidthMm: 1220, goodsLengthMm: 2440, jointMm: 3, trimMm: 0 } as const
  const shelf = { name: 'Shelf', lengthMm: 800, widthMm: 300, count: 4 }
  test('one sheet, proven, drawn with what is over; without a width it waits', () => {
    const got = lineOf({ ...sheet, packMinor: 5000 }, { parts: [shelf] })
    expect([got.packs, got.costMinor, got.needed]).toEqual([1, 5000, '4 pieces'])
    expect(notes(got)).toContain('proven')
    expect(got.drawings[0]?.parts.filter((p) => p.use === 'used')).toHaveLength(4)
    expect(lineOf(sheet, { parts: [{ name: 'Back', lengthMm: 800 }] }).waits).toEqual([
      'the width of each piece',
    ])
    expect(lineOf(sheet).waits).toEqual(['the pieces to cut'])
    expect(lineOf(sheet, { parts: [{ ...shelf, lengthMm: 2500 }] }).waits).toEqual([
      'Shelf is larger than the sheet',
    ])
  })
  test('in feet and inches it is said so', () => {
    const got = lineOf(
      { ...sheet, goodsWidthMm: 1219.2, goodsLengthMm: 2438.4, jointMm: 3.175 },
      { parts: [{ ...shelf, lengthMm: 914.4, widthMm: 304.8 }], system: 'imperial' },
    )
    expect(got.sum[0]).toMatch(/from sheets of 8' 0"|from sheets of 8'|96"/)
  })
})

describe('a wall measured in two pieces is one wall', () => {
  const job = (line: Parameters<typeof jobWith>[0], heightMm = 2400) =>
    jobWith(line, { room: { size: [4000, 3000], heightMm } })
  /** The north wall in two rows that go straight on, named as the one was. */
  const halved = (whole: JobSnapshot): JobSnapshot => ({
    ...whole,
    walls: whole.walls
      .flatMap((w) =>
        w.id === 'north'
          ? [
              { ...w, lengthMm: 1500, turnDeg: 0 },
              { ...w, id: 'north too', lengthMm: w.lengthMm - 1500 },
            ]
          : [{ ...w, position: w.position + 1 }],
      )
      .map((w, position) => ({ ...w, position })),
    takeoffs: whole.takeoffs.map((t) => ({
      ...t,
      wallIds: t.wallIds.flatMap((id) => (id === 'north' ? ['north', 'north too'] : [id])),
    })),
  })
  /** Walked the other way about: every turn is to the other side. */
  const mirrored = (one: JobSnapshot): JobSnapshot => ({
    ...one,
    walls: one.walls.map((w) => ({ ...w, turnDeg: -w.turnDeg })),
  })
  const told = (one: JobSnapshot) => {
    const [line] = linesOf(one)
    return {
      waits: line?.waits,
      packs: line?.packs,
      corners: line?.notes.filter((n) => /corner/.test(n)),
      drops: line?.drawings[0]?.parts.filter((p) => p.use === 'used').length,
    }
  }
  test.each<[string, Parameters<typeof jobWith>[0]]>([
    ['paper on it', { trade: 'wallpaper', wallIds: ['north'], goodsWidthMm: 530, goodsLengthMm: 10_050 }],
    [
      'paper round its corner',
      { trade: 'wallpaper', wallIds: ['north', 'east'], goodsWidthMm: 530, goodsLengthMm: 10_050 },
    ],
    [
      'paper all round',
      {
        trade: 'wallpaper',
        wallIds: ['north', 'east', 'south', 'west'],
        goodsWidthMm: 530,
        goodsLengthMm: 10_050,
      },
    ],
  ])('%s: as many drops and corners', (_, line) => {
    for (const turned of [(j: JobSnapshot) => j, mirrored])
      expect(told(turned(halved(job(line))))).toEqual(told(turned(job(line))))
  })
  test('a skirting along it is cut at no corner where it goes straight on', () => {
    const line = {
      trade: 'lengths' as const,
      goodsLengthMm: 2400,
      wallIds: ['north', 'east', 'south', 'west'],
    }
    for (const turned of [(j: JobSnapshot) => j, mirrored])
      expect(told(turned(halved(job(line)))).corners).toEqual(['4 corners of 90°: cut at 45°.'])
  })
  test('the round of a mirrored room closes at the same distance from its door', () => {
    const line = {
      trade: 'wallpaper' as const,
      wallIds: ['north', 'east', 'south', 'west'],
      goodsWidthMm: 530,
      goodsLengthMm: 10_050,
    }
    const doored = (one: JobSnapshot) => ({ ...one, openings: [{ ...exampleDoor, wallId: 'south' }] })
    const notesOf = (one: JobSnapshot) => linesOf(one)[0]?.notes.find((n) => n.startsWith('The round closes'))
    // 300 mm from the left end of the south wall, whichever wall is beyond it.
    expect(notesOf(doored(job(line)))).toContain('between East wall and South wall')
    expect(notesOf(doored(mirrored(job(line))))).toContain('between West wall and South wall')
  })
})

describe('a rail under a slope', () => {
  test('is held against the ceiling over it, and not against that of the room', () => {
    const slope = {
      ...{ id: 'slope', wallId: 'west', name: 'Slope', whole: true, version: 1 },
      ...{ startHeightMm: 1000, endHeightMm: 2500, depthMm: 3000 },
    }
    const at = (startMm: number) =>
      lineOf(
        { trade: 'curtains', openingId: 'window', goodsWidthMm: 1400, trimMm: 100, toMm: 2400 },
        {
          room: {
            size: [6000, 4000],
            heightMm: 2500,
            openings: [{ ...window, startMm, sillMm: 100, heightMm: 600 }],
            more: { ceilings: [slope] },
          },
        },
      ).waits
    expect(at(4000)).toEqual([])
    // Its low end is 900 mm from the low wall: 1 000 + 900 ÷ 2.
    expect(at(1000).map(plain)).toEqual(['a rail under the ceiling, which is at 1 450 mm'])
  })
})

describe('floors and the doors of the room', () => {
  const carpet = { trade: 'carpet', goodsWidthMm: 4000, trimMm: 100, packMinor: 5000 } as const
  // The door stands in the west wall, seen from inside 3 600 from its left.
  const room = {
    size: [5000, 6000],
    heightMm: 2400,
    openings: [{ ...exampleDoor, name: 'Hall door', wallId: 'west', startMm: 1600 }],
  } as const
  test('the seam keeps out of the door, which is drawn and left out of the gripper', () => {
    const line = lineOf(carpet, { room })
    expect(notes(line)).toMatch(/1 seam, [\d\s]+ mm from the nearest door/)
    expect(line.drawings[0]?.doors?.map((d) => d.name)).toEqual(['Hall door'])
    expect(withIt(line)['Gripper round the edge, doors left out']).toBe('21.20 m')
    expect(ways(line)).toEqual([
      ['As laid', '10 200 mm, 1 seam', 51_000],
      ['Laid the other way', '12 200 mm, 1 seam', 61_000],
    ])
  })
  test('boards in a long room say what their direction does to it; in a square one they are silent', () => {
    const boards = { trade: 'boards', goodsWidthMm: 190, goodsLengthMm: 1900 } as const
    const at = (size: [number, number], isTurned = false) =>
      notes(lineOf({ ...boards, turned: isTurned }, { room: { ...room, size } }))
    expect(at([6000, 2400])).toMatch(/2\.5 times as long as wide.*laid along it they draw it longer/)
    expect(at([6000, 2400], true)).toMatch(/laid across it they make it look wider/)
    expect(at([2400, 6000], true)).toMatch(/laid along it/)
    expect(at([4000, 3600])).not.toMatch(/as long as wide/)
  })
})

describe('openings that nobody has measured', () => {
  const bare = { ...window, widthMm: null, heightMm: null, sillMm: null }
  const room = { size: [4000, 3000], heightMm: 2400, openings: [exampleDoor, bare] } as const
  const waits = (line: Parameters<typeof lineOf>[0], more: object = room) =>
    lineOf(line, { room: more }).waits
  const paper = { trade: 'wallpaper', goodsWidthMm: 530, goodsLengthMm: 10_050 } as const
  const curtains = { trade: 'curtains', goodsWidthMm: 1400, openingId: 'window' } as const
  test('what hangs at them or is cut round them names what is wanted, and nothing is bought', () => {
    expect(waits(curtains)).toEqual(['width, height and sill of Window, North wall'])
    expect(waits({ ...paper, wallIds: ['north'] })).toEqual(['width, height and sill of Window, North wall'])
    const half = { ...room, openings: [{ ...bare, widthMm: 1200, sillMm: 900 }] }
    expect(waits(curtains, half)).toEqual(['height of Window, North wall'])
  })
  test('other walls, and a floor that reaches no such door, do not wait', () => {
    expect(waits({ ...paper, wallIds: ['west'] })).toEqual([])
    const carpet = { trade: 'carpet', goodsWidthMm: 4000 } as const
    expect(waits(carpet)).toEqual([])
    const door = { ...exampleDoor, name: 'Hall door', widthMm: null, heightMm: null }
    expect(waits(carpet, { ...room, openings: [door] })).toEqual(['width of Hall door, South wall'])
  })
})
