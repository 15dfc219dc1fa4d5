import { readdirSync, readFileSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { describe, expect, test } from 'vitest'
import { hexToLab, lrv } from '../kernel/color/lab.js'
import { xyzOfLab } from '../kernel/color/xyz.js'
import { tradePrice } from '../kernel/money/margin.js'
import { mulDivRound } from '../kernel/money/rate.js'
import { bedsideHeight } from '../stages/plan/rules/bedsideHeight.js'
import { ZONE_2_MM, ZONE_TOP_MM } from '../stages/plan/rules/wetLamp.js'
import { CURTAIN_ENDS, panelCount, panelWidth } from '../stages/plan/walls/layPanels.js'
import { moldingLength } from '../stages/plan/walls/framing.js'
import { ex, example } from '../examples/plan/example.js'
import { published } from './published.js'

const INCH = 25.4

/** Families of published values that no test reads, and why. */
const NOT_READ: Readonly<Record<string, string>> = {
  'color.cie76': 'colors are told apart by CIEDE2000 alone',
  'color.cie94': 'colors are told apart by CIEDE2000 alone',
  'color.cmc': 'colors are told apart by CIEDE2000 alone',
  'color.kubelka-munk': 'no pigments are mixed here',
  'color.oklab-srgb': 'colors are kept and compared in CIE Lab',
  'color.oklab-xyz': 'colors are kept and compared in CIE Lab',
  'color.viewing': 'samples are looked at in the room, not in a booth',
  'color.wcag': 'contrast of the interface is measured on its pages',
  'geometry.ellipse': 'a round piece is drawn and judged by its box',
  'geometry.segment': 'a bay is walked wall by wall',
  'lighting.efficacy': 'lumens are typed from the lamp',
  'lighting.energy': 'nothing here says what a lamp costs to run',
  'lighting.equivalence': 'lumens are typed from the lamp',
  'room.ada': 'wayfinding of public buildings; a household says what it needs of a way',
  'room.bed': 'a mattress is measured: its name is not its size',
  'room.stair-risers': 'risers are counted on the stair that is there',
  'room.uk': 'no stair is designed here',
  'color.sheen': 'the program keeps four words for sheen and no gloss figures',
  'hanging.iso216': 'sheet sizes are typed from the sheet itself',
  'hanging.frame': 'ready-made sizes are typed as they are sold',
  'hanging.width': 'a ratio of the trade that over-furniture widens on both sides; its own examples hold it',
  'lighting.reflectance': 'values for offices; here the finishes of the room give them back',
  'money.earned-value': 'nothing here is managed by earned value',
  'money.terms': 'discounts for early payment are not modeled',
}

const ROOT = fileURLToPath(new URL('../..', import.meta.url))
function testFiles(folder: string): string[] {
  return readdirSync(folder).flatMap((name) => {
    const path = join(folder, name)
    if (name === 'node_modules') return []
    return statSync(path).isDirectory() ? testFiles(path) : name.endsWith('.test.ts') ? [path] : []
  })
}
const ALL = JSON.parse(readFileSync(new URL('published.json', import.meta.url), 'utf8')) as readonly {
  id: string
}[]
const families = [...new Set(ALL.map((e) => e.id.split('.').slice(0, 2).join('.')))].sort()
const texts = ['core', 'server', 'web'].flatMap((part) =>
  testFiles(join(ROOT, part)).map((f) => readFileSync(f, 'utf8')),
)
/** What tests ask for: every text that begins like the id of an entry. */
const asked = new Set(
  texts.flatMap((t) =>
    [
      ...t.matchAll(
        /['"`]((?:color|geometry|hanging|lighting|money|optimization|room|schedule|takeoff)\.[\w.-]+)/g,
      ),
    ].map((m) => m[1] ?? ''),
  ),
)

describe('published values', () => {
  test('every family is read by a test, or says why it is not', () => {
    const unread = families.filter(
      (f) =>
        !(f in NOT_READ) &&
        ![...asked].some((a) => a === f || a.startsWith(`${f}.`) || f.startsWith(a.replace(/\.$/, ''))),
    )
    expect(unread).toEqual([])
  })
  test('no reason is kept for a family that is not there', () =>
    expect(Object.keys(NOT_READ).filter((f) => !families.includes(f))).toEqual([]))

  test.each(published<{ L: number[] }, { lrv: number[] }>('color.lightness.02'))(
    '$title',
    ({ input, expected }) => {
      input.L.forEach((l, i) => expect(lrv({ l })).toBeCloseTo(expected.lrv[i] ?? 0, 2))
    },
  )
  test.each(published<{ hex: string }, { xyz: number[] }>('color.srgb-xyz').filter((e) => 'hex' in e.input))(
    '$title',
    ({ input, expected }) => {
      const xyz = xyzOfLab(hexToLab(input.hex), [0.95047, 1, 1.08883])
      expected.xyz.forEach((v, i) => expect(xyz[i]).toBeCloseTo(v, 3))
    },
  )
  test.each(published<{ values: string[] }, { halfUpAwayFromZero: number[] }>('money.rounding.modes'))(
    '$title',
    ({ input, expected }) => {
      const got = input.values.map((v) => mulDivRound(Math.round(Number(v) * 10), 1, 10))
      expect(got.map((v) => v + 0)).toEqual(expected.halfUpAwayFromZero)
    },
  )
  test.each(
    published<{ cost_cents: number; marginPercent: number }, { price_cents: number; markupPercent: number }>(
      'money.margin',
    ),
  )('$title', ({ input, expected }) => {
    // From the price it gives, the trade's discount leaves that margin, and the markup is over the cost.
    const trade = tradePrice(expected.price_cents, input.marginPercent * 10_000)
    expect(trade.costMinor).toBe(input.cost_cents)
    expect(trade.markupPercent).toBeCloseTo(expected.markupPercent, 3)
  })
  test.each(
    published<{ insideWidth: number; insideHeight: number; moulding: number }, { total: number }>(
      'takeoff.mitre.frame',
    ),
  )('$title', ({ input, expected }) =>
    expect(moldingLength(input.insideWidth, input.insideHeight, input.moulding)).toBeCloseTo(
      expected.total,
      6,
    ),
  )
  test.each(
    published<{ wall: number; targetPanel: number; stile: number }, { panels: number; panel: number }>(
      'takeoff.wainscot-count',
    ),
  )('$title', ({ input, expected }) => {
    const n = panelCount(input.wall, input.stile, input.targetPanel)
    expect([n, Math.abs(panelWidth(input.wall, n, input.stile) - expected.panel) < 0.001]).toEqual([
      expected.panels,
      true,
    ])
  })
  test.each(published<object, { zone1Height_m: number; zone2Beyond_m: number }>('room.electrical.zones'))(
    '$title',
    ({ expected }) =>
      expect([ZONE_TOP_MM / 1000, ZONE_2_MM / 1000]).toEqual([
        expected.zone1Height_m,
        expected.zone2Beyond_m,
      ]),
  )
  test.each(
    published<{ styles: (keyof typeof CURTAIN_ENDS)[] }, { offset_in: [number, number][] }>(
      'room.drapery.floor',
    ),
  )('$title', ({ input, expected }) =>
    input.styles.forEach((style, i) => {
      const [low, high] = expected.offset_in[i] ?? [0, 0]
      expect(CURTAIN_ENDS[style] / INCH).toBeGreaterThanOrEqual(low - 0.001)
      expect(CURTAIN_ENDS[style] / INCH).toBeLessThanOrEqual(high + 0.001)
    }),
  )
  test.each(published<{ mattressTop_in: number }, { range_in: [number, number] }>('room.height.nightstand'))(
    '$title',
    ({ input, expected }) => {
      const found = (topIn: number) =>
        bedsideHeight.check(
          example({
            pieces: [
              ex('bed', 'Bed', { at: [2500, 1050], mattressMm: input.mattressTop_in * INCH }),
              ex('side table', 'Table', {
                at: [3700, 300],
                widthMm: 450,
                depthMm: 400,
                heightMm: topIn * INCH,
              }),
            ],
          }),
        ).length
      for (const top of expected.range_in) expect(found(top)).toBe(0)
    },
  )
})
