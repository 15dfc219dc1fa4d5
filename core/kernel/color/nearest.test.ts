import fc from 'fast-check'
import { expect, test } from 'vitest'
import { seededNumbers } from '../random/seededNumbers.js'
import { published } from '../../testing/published.js'
import { deltaE00, hexToLab, type LabD65 } from './lab.js'
import { deltaE00Squared, NearestColors } from './nearest.js'

const c = (v: LabD65) => Math.hypot(v.a, v.b)
const own = (p: LabD65, q: LabD65) => Math.sqrt(deltaE00Squared(p.l, p.a, p.b, c(p), q.l, q.a, q.b, c(q)))

// Sharma, Wu & Dalal 2005, table 1.
test.each(published<{ lab1: number[]; lab2: number[] }, { deltaE2000: number }>('color.ciede2000.'))(
  '$id by the flat formula',
  ({ input: { lab1, lab2 }, expected }) => {
    const of = ([l, a, b]: number[]): LabD65 => ({ l: l!, a: a!, b: b! })
    expect(Math.abs(own(of(lab1), of(lab2)) - expected.deltaE2000)).toBeLessThanOrEqual(1e-4)
  },
)

test('T of CIEDE2000 stays under the bound the search relies on', () => {
  const rad = Math.PI / 180
  let most = 0
  for (let h = 0; h < 360; h += 0.01)
    most = Math.max(
      most,
      1 -
        0.17 * Math.cos((h - 30) * rad) +
        0.24 * Math.cos(2 * h * rad) +
        0.32 * Math.cos((3 * h + 6) * rad) -
        0.2 * Math.cos((4 * h - 63) * rad),
    )
  expect(most).toBeLessThan(1.58)
})

const random = seededNumbers(11)
const hex = () =>
  `#${Math.floor(random() * 0x1000000)
    .toString(16)
    .padStart(6, '0')}`
const bySlowLoop = (deck: readonly LabD65[], query: LabD65, accept: (i: number) => boolean = () => true) => {
  let best = { index: -1, deltaE: Infinity }
  deck.forEach((d, index) => {
    const deltaE = accept(index) ? deltaE00(query, d) : Infinity
    if (deltaE < best.deltaE) best = { index, deltaE }
  })
  return best
}

test('the same answers as a plain loop over 20 000 colors', () => {
  const deck = Array.from({ length: 20_000 }, () => hexToLab(hex()))
  const index = new NearestColors(deck)
  // Ten thousand queries are compared by npm run bench; here every part of the space is visited.
  for (let i = 0; i < 120; i++) {
    const query = hexToLab(hex())
    expect(index.find(query)[0]).toEqual(bySlowLoop(deck, query))
  }
  // Blue is where the rotation term makes the bound hard; colors no screen shows are asked for as well.
  for (let i = 0; i < 60; i++) {
    const query = { l: 100 * random(), a: 40 * random(), b: -110 * random() }
    expect(index.find(query)[0]).toEqual(bySlowLoop(deck, query))
  }
})

test('filtered, with many asked for, with equals in the deck', () => {
  const lab = fc.record({
    l: fc.integer({ min: 0, max: 100 }),
    a: fc.integer({ min: -20, max: 20 }),
    b: fc.integer({ min: -20, max: 20 }),
  })
  fc.assert(
    fc.property(
      fc.array(lab, { maxLength: 60 }),
      lab,
      fc.integer({ min: 1, max: 8 }),
      (deck, query, count) => {
        const accept = (i: number) => i % 3 !== 0
        const wanted = deck
          .map((d, index) => ({ index, deltaE: deltaE00(query, d) }))
          .filter(({ index }) => accept(index))
          .sort((x, y) => x.deltaE - y.deltaE || x.index - y.index)
          .slice(0, count)
        expect(new NearestColors(deck).find(query, count, accept)).toEqual(wanted)
      },
    ),
  )
  expect(new NearestColors([]).find({ l: 1, a: 0, b: 0 })).toEqual([])
})
