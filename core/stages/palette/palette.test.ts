import { PALETTE_EXAMPLES } from '../../examples/palette/index.js'
import type { Piece } from '../../model/rows/pieces.js'
import type { RowChange } from '../../findings/finding.js'
import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { hexToLab, hueDeg, type LabD65 } from '../../kernel/color/lab.js'
import { hueFamilies } from './hueFamilies.js'
import { room } from '../../examples/palette/example.js'
import { tooManyHues } from './rules/tooManyHues.js'
import { undertoneClash } from './rules/undertoneClash.js'
import { compareUndertone, family, undertone, undertoneSilent } from './undertone.js'
import { finishShares, pieceAreaMm2, visiblePatches } from './visibleArea.js'

const setOf = (change: RowChange) => {
  if (!('set' in change)) throw new Error('a fix of the palette changes rows and nothing else')
  return change as { readonly id: string; readonly set: Partial<Piece> }
}

const lab = (l: number, a: number, b: number): LabD65 => ({ l, a, b })

describe('undertone (situations and conclusions: common practice)', () => {
  test('two brasses: one leans green, the other pink, 41° apart', () => {
    const leaning = compareUndertone('metal', lab(63.6, -3, 31.2), lab(66.8, 12.1, 17.4))!
    expect(leaning.clash).toBe(true)
    expect(leaning.words).toEqual(['green', 'pink'])
    expect(Math.abs(leaning.gapDeg - 41)).toBeLessThanOrEqual(4)
  })
  test('two greys of one lightness: cool against warm, whatever the lightness', () => {
    const leaning = compareUndertone('grey', lab(70, -1.2, -5.1), lab(70, 2.6, 6.7))!
    expect(leaning).toMatchObject({ clash: true, words: ['cool', 'warm'] })
  })
  test('red floor against yellow table, 41° apart', () => {
    const leaning = compareUndertone('timber', lab(32.8, 25.9, 22.4), lab(70.3, 4.7, 35.1))!
    expect(leaning).toMatchObject({ clash: true, words: ['red', 'yellow'] })
    expect(Math.abs(leaning.gapDeg - 41)).toBeLessThanOrEqual(4)
  })
  test('leaves that pull blue against leaves that pull yellow', () => {
    expect(compareUndertone('foliage', lab(51.9, -15.9, -5.1), lab(52.1, -16.3, 24.2))).toMatchObject({
      clash: true,
      words: ['blue', 'yellow'],
    })
  })
  test('near black has no undertone to clash with', () => {
    expect(undertoneSilent(lab(12.6, 1.4, 0.5))).toBe(true)
    expect(compareUndertone('timber', lab(12.6, 1.4, 0.5), lab(70.3, 4.7, 35.1))).toBeUndefined()
  })
  test('timbers of one undertone may lie far apart in lightness', () => {
    expect(compareUndertone('timber', lab(25, 18, 24), lab(75, 12, 17))!.clash).toBe(false)
  })
  test('comparing in the other order turns the words round and nothing else', () => {
    const some = fc.record({
      l: fc.double({ min: 20, max: 95, noNaN: true }),
      a: fc.double({ min: -40, max: 40, noNaN: true }),
      b: fc.double({ min: -40, max: 40, noNaN: true }),
    })
    fc.assert(
      fc.property(
        some,
        some,
        fc.constantFrom('timber' as const, 'metal' as const, 'grey' as const, 'white' as const),
        (one, two, kind) => {
          const there = compareUndertone(kind, one, two)
          const back = compareUndertone(kind, two, one)
          expect(back?.clash).toBe(there?.clash)
          // At no turn, and at exactly half a turn, neither end is the lower one.
          if (there && there.gapDeg > 1e-6 && there.gapDeg < 179.9)
            expect(back!.words).toEqual([...there.words].reverse())
        },
      ),
    )
  })
  test.each([
    ['paint', '#d9d1c4', 'neutral, leans yellow'],
    ['paint', '#a4acb4', 'grey, leans blue'],
    ['timber', '#7a3b2b', 'timber, leans red'],
    ['metal', '#232020', 'metal, no undertone'],
    ['paint', '#808080', 'grey, no undertone'],
    ['textile', '#a4462f', 'red'],
  ] as const)('%s %s is called "%s"', (material, hex, phrase) =>
    expect(undertone(material, hexToLab(hex)).phrase).toBe(phrase),
  )
  test('family: material for timber, metal and leaves; color for the rest', () => {
    expect([
      family('timber', lab(95, 0, 2)),
      family('paint', lab(95, 0, 2)),
      family('textile', lab(60, 1, 3)),
      family('paint', lab(60, 30, 30)),
      family('paint', lab(10, 1, 1)),
    ]).toEqual(['timber', 'white', 'grey', 'color', 'black'])
  })
})

describe('the clash rule', () => {
  test('its example trips and its counterexample passes', () => {
    expect(undertoneClash.check(PALETTE_EXAMPLES[undertoneClash.name]!.violates())).toHaveLength(1)
    expect(undertoneClash.check(PALETTE_EXAMPLES[undertoneClash.name]!.complies())).toEqual([])
  })
  test('a sample on the bench clashes with nothing, and is offered when it agrees', () => {
    const facts = room([
      { name: 'Lamp brass', material: 'metal', hex: '#A89A62' },
      { name: 'Pole brass', material: 'metal', hex: '#C39A84' },
      { name: 'Third brass', material: 'metal', hex: '#A8955A', placed: false },
    ])
    const [found] = undertoneClash.check(facts)
    expect(found!.fixes.map((m) => m.label)).toContain('Use Third brass for pole brass piece')
  })
  test('what stays is never recolored', () => {
    const facts = room([
      { name: 'Parquet', material: 'timber', hex: '#7A3B2B', role: 'stays' },
      { name: 'Table', material: 'timber', hex: '#C9A76C' },
    ])
    const [found] = undertoneClash.check(facts)
    expect(found!.fixes.map((m) => m.label)).toEqual(['Use Parquet for table piece'])
  })
  test('a fix makes the finding go away', () => {
    const facts = PALETTE_EXAMPLES[undertoneClash.name]!.violates()
    for (const fix of undertoneClash.check(facts)[0]!.fixes) {
      const change = setOf(fix.changes[0]!)
      const pieces = facts.pieces.map((p) => (p.id === change.id ? { ...p, ...change.set } : p))
      const worn = new Set(pieces.map((p) => p.finishId))
      const after = {
        ...facts,
        pieces,
        finishes: facts.finishes.map((f) => ({ ...f, share: worn.has(f.finish.id) ? 0.5 : 0 })),
      }
      expect(undertoneClash.check(after)).toEqual([])
    }
  })
})

describe('hue families', () => {
  // Navy, ochre, plum, cream and moss, all lifted from one hanging (common practice: five are fine because of that).
  const five = ['#26324A', '#C08A2E', '#6B3550', '#E9E0CC', '#66703F'].map((hex) => ({ name: hex, hex }))
  test('five from one piece are fine in that school and too many in the other', () => {
    expect(tooManyHues.check(room(five, 'drawn from one piece'))).toEqual([])
    const [found] = tooManyHues.check(room(five, 'two mains and one accent'))
    expect(found).toMatchObject({ severity: 'look', school: 'two mains and one accent', wanted: 'at most 3' })
    expect(tooManyHues.check(room(five, 'quiet neutral'))).toHaveLength(1)
  })
  test('changing to the roomier school is a fix', () => {
    const [found] = tooManyHues.check(PALETTE_EXAMPLES[tooManyHues.name]!.violates())
    expect(found!.fixes.at(-1)!.changes).toEqual([
      { collection: 'schools', id: 'schools', set: { colorScheme: 'drawn from one piece' } },
    ])
  })
  test('one hue too many can be laid onto the nearest that stays', () => {
    const facts = PALETTE_EXAMPLES[tooManyHues.name]!.violates()
    const [found] = tooManyHues.check(facts)
    const pieces = facts.pieces.map((p) => ({
      ...p,
      ...found!.fixes[0]!.changes.map(setOf).find((c) => c.id === p.id)?.set,
    }))
    const worn = new Set(pieces.map((p) => p.finishId))
    expect(
      tooManyHues.check({
        ...facts,
        pieces,
        finishes: facts.finishes.map((f) => ({ ...f, share: worn.has(f.finish.id) ? f.share : 0 })),
      }),
    ).toEqual([])
  })
  test('what stays, metals and leaves are not counted', () => {
    const facts = room([
      ...five.slice(0, 3),
      { name: 'fern', hex: '#3f7d3a', role: 'foliage' },
      { name: 'brass', hex: '#A89A62', role: 'metal' },
      { name: 'floor', hex: '#1f6f8b', role: 'stays' },
    ])
    expect(tooManyHues.check(facts)).toEqual([])
  })
  test('no order, and no zero of the circle, changes the families', () => {
    const colors = fc.array(
      fc.record({
        l: fc.constant(50),
        a: fc.integer({ min: -60, max: 60 }),
        b: fc.integer({ min: -60, max: 60 }),
      }),
      { minLength: 1, maxLength: 12 },
    )
    fc.assert(
      fc.property(colors, fc.integer({ min: 0, max: 359 }), (labs, turnDeg) => {
        const finishes = labs.map((l, i) => ({ id: String(i), lab: l, areaMm2: 1 }))
        const names = (list: readonly { id: string; lab: LabD65; areaMm2: number }[]) =>
          hueFamilies(list)
            .map((f) =>
              f.members
                .map((m) => m.id)
                .sort()
                .join(),
            )
            .sort()
        const families = names(finishes)
        expect(names([...finishes].reverse())).toEqual(families)
        // Distinct hues only: a tie between equal gaps may fall either way once turned.
        const hues = finishes
          .filter((f) => Math.hypot(f.lab.a, f.lab.b) >= 10)
          .map((f) => hueDeg(f.lab))
          .sort((x, y) => x - y)
        const gaps = hues.map((h, i) => (i === 0 ? h + 360 - hues.at(-1)! : h - hues[i - 1]!).toFixed(6))
        fc.pre(new Set(gaps).size === gaps.length)
        const t = (turnDeg * Math.PI) / 180
        const turned = finishes.map((f) => ({
          ...f,
          lab: {
            l: 50,
            a: f.lab.a * Math.cos(t) - f.lab.b * Math.sin(t),
            b: f.lab.a * Math.sin(t) + f.lab.b * Math.cos(t),
          },
        }))
        fc.pre(finishes.every((f) => Math.abs(Math.hypot(f.lab.a, f.lab.b) - 10) > 1e-6))
        expect(names(turned)).toEqual(families)
      }),
    )
  })
})

describe('visible area', () => {
  const areas = {
    walls: ['north', 'east', 'south', 'west'].map((name) => ({
      wallId: name,
      name,
      upperMm2: 10e6,
      lowerMm2: 0,
    })),
    floorMm2: 16e6,
    ceilingMm2: 16e6,
    trimMm2: 1e6,
    doorsMm2: 1.5e6,
  }
  const on = (surface: 'walls' | 'wall:north' | 'floor', finishId: string) => ({
    id: surface,
    surface,
    finishId,
    substrate: 'sound paint' as const,
    overL: null,
    overA: null,
    overB: null,
  })
  const rug = {
    id: 'rug',
    name: 'Rug',
    kind: 'rug' as const,
    count: 1,
    widthMm: 2000,
    depthMm: 3000,
    heightMm: 10,
    finishId: 'wool',
    verdict: null,
  }

  test('a wall with a finish of its own leaves the others', () => {
    const shares = finishShares(
      visiblePatches(areas, [on('walls', 'pale'), on('wall:north', 'deep')], [], 'en-IE'),
    )
    expect(shares.map((s) => [s.finishId, s.areaMm2])).toEqual([
      ['pale', 30e6],
      ['deep', 10e6],
    ])
  })
  test('a rug hides the floor under it', () => {
    const patches = visiblePatches(areas, [on('floor', 'oak')], [rug], 'en-IE')
    expect(patches.map((p) => p.areaMm2)).toEqual([10e6, 6e6])
  })
  test('a rug larger than the floor leaves none, not less than none', () => {
    expect(
      visiblePatches(areas, [on('floor', 'oak')], [{ ...rug, count: 4 }], 'en-IE').map((p) => p.finishId),
    ).toEqual(['wool'])
  })
  test('shares add up to one', () => {
    const sizes = fc.array(
      fc.record({ w: fc.integer({ min: 10, max: 5000 }), finishId: fc.constantFrom('a', 'b', 'c') }),
      { minLength: 1 },
    )
    fc.assert(
      fc.property(sizes, (list) => {
        const pieces = list.map((p, i) => ({
          ...rug,
          id: String(i),
          kind: 'sofa' as const,
          widthMm: p.w,
          finishId: p.finishId,
        }))
        expect(
          finishShares(visiblePatches(areas, [on('walls', 'd')], pieces, 'en-IE')).reduce(
            (s, f) => s + f.share,
            0,
          ),
        ).toBeCloseTo(1, 9)
      }),
    )
  })
  test('four cushions are four times one', () => {
    expect(pieceAreaMm2({ ...rug, kind: 'cushion', count: 4 })).toBe(
      4 * pieceAreaMm2({ ...rug, kind: 'cushion', count: 1 }),
    )
  })
})
