import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { deltaE00, hexToLab } from '../../../kernel/color/lab.js'
import { MATERIALS, PATTERN_KINDS, SHEENS, TEXTURES, WEARS } from '../../../model/vocabulary/finish.js'
import { deckFromCsv, deckToCsv } from './deckCsv.js'
import { deckFromCxf, deckToCxf } from './deckCxf.js'
import { deckFromGpl, deckToGpl } from './deckGpl.js'
import { PRICE_PER, readDeck, type Deck, type Sample } from './sample.js'

const word = fc
  .string({ minLength: 1, maxLength: 30, unit: fc.constantFrom(...'abcdé Ö,;"\'<>&=+-@#:\t1'.split('')) })
  .map((s) => s.replace(/\s+/g, ' ').trim())
  .filter((s) => s !== '')
const lab = fc.record({
  l: fc.double({ min: 0, max: 100, noNaN: true }).map((v) => Math.round(v * 1e4) / 1e4),
  a: fc.double({ min: -100, max: 100, noNaN: true }).map((v) => Math.round(v * 1e4) / 1e4 || 0),
  b: fc.double({ min: -100, max: 100, noNaN: true }).map((v) => Math.round(v * 1e4) / 1e4 || 0),
})
const sample: fc.Arbitrary<Sample> = fc.record({
  name: word.map((w) => `n${w}`),
  code: fc.stringMatching(/^[A-Z0-9-]{0,12}$/).map((c) => (/^[-=+@]/.test(c) ? `C${c}` : c)),
  material: fc.constantFrom(...MATERIALS),
  lab,
  sheens: fc.subarray([...SHEENS]),
  texture: fc.constantFrom(...TEXTURES),
  patternKind: fc.constantFrom(...PATTERN_KINDS),
  patternRepeatMm: fc.option(fc.integer({ min: 1, max: 5000 }), { nil: null }),
  wear: fc.constantFrom(...WEARS),
  sealed: fc.boolean(),
  outdoor: fc.boolean(),
  priceMinor: fc.option(fc.integer({ min: 0, max: 1e6 }), { nil: null }),
  per: fc.constantFrom(...PRICE_PER),
  tins: fc.array(
    fc.record({ ml: fc.integer({ min: 50, max: 20_000 }), priceMinor: fc.integer({ min: 0, max: 1e6 }) }),
    { maxLength: 3 },
  ),
  readings: fc.array(lab, { maxLength: 3 }),
})
const deck: fc.Arbitrary<Deck> = fc.record({
  name: word.map((w) => `Deck ${w}`.trim()),
  note: fc.constant(''),
  samples: fc.array(sample, { minLength: 1, maxLength: 12 }),
})

describe('a deck written and read again is the same', () => {
  test.each([
    ['CSV', (d: Deck) => deckFromCsv(deckToCsv(d, 2), d.name, 2)],
    ['GPL', (d: Deck) => deckFromGpl(deckToGpl(d), 'x')],
    ['CxF', (d: Deck) => deckFromCxf(deckToCxf(d), 'x')],
  ])('%s', (_format, there) => {
    fc.assert(
      fc.property(deck, (d) => {
        expect(there(d)).toEqual(d)
      }),
    )
  })
})

test('a foreign GPL gives the Lab of its bytes and makes up names', () => {
  const got = deckFromGpl(
    'GIMP Palette\r\nName: Web\r\nColumns: 2\r\n# hi\r\n255 0 0 red\r\n  0 128   0\r\n',
    'x',
  )
  expect(got).toMatchObject({
    name: 'Web',
    samples: [
      { name: 'red', lab: hexToLab('#ff0000') },
      { name: 'Color 2', lab: hexToLab('#008000') },
    ],
  })
})

test('a foreign CxF under D50 is brought to D65', () => {
  // CSS color 'red': Lab D50 54.291 80.805 69.891 and D65 53.237 80.09 67.203 (checks color.css-lab, two libraries).
  const got = deckFromCxf(
    `<CxF xmlns="http://colorexchangeformat.com/CxF3-core"><Resources><ObjectCollection><Object Name="red" Id="1"><ColorValues>
     <ColorCIELab ColorSpecification="s"><L>54.291</L><A>80.805</A><B>69.891</B></ColorCIELab></ColorValues></Object></ObjectCollection>
     <ColorSpecificationCollection><ColorSpecification Id="s"><TristimulusSpec><Illuminant>D50</Illuminant></TristimulusSpec></ColorSpecification></ColorSpecificationCollection></Resources></CxF>`,
    'Foreign',
  )
  expect(got.name).toBe('Foreign')
  expect(deltaE00(got.samples[0]!.lab, { l: 53.237, a: 80.09, b: 67.203 })).toBeLessThan(0.05)
})

test('a CSV with hex colors, a decimal comma and few columns', () => {
  expect(deckFromCsv('Name;Hex\nOat;#d9d1c4\n', 'x', 2).samples[0]).toMatchObject({
    name: 'Oat',
    lab: hexToLab('#d9d1c4'),
    material: 'paint',
  })
  expect(deckFromCsv('name,L,a,b,price\nOat,"84,4","0,7",8,"12,50"\n', 'x', 2).samples[0]).toMatchObject({
    lab: { l: 84.4, a: 0.7, b: 8 },
    priceMinor: 1250,
  })
})

test.each([
  ['no color column', () => deckFromCsv('name,code\nOat,1\n', 'x', 2), /“L”, “a”, “b” or “hex”/],
  ['a word for a number', () => deckFromCsv('name,L,a,b\nOat,pale,0,0\n', 'x', 2), /Line 2, L.*pale/],
  [
    'an unknown material',
    () => deckFromCsv('name,L,a,b,material\nOat,1,0,0,cheese\n', 'x', 2),
    /Sample 1, material.*one of: paint/,
  ],
  ['not a GPL', () => deckFromGpl('hello', 'x'), /GIMP Palette/],
  ['a color too large', () => deckFromGpl('GIMP Palette\n300 0 0 x\n', 'x'), /Line 2.*0 to 255/],
  ['no XML', () => deckFromCxf('hello <', 'x'), /XML|no color objects/],
  ['entities', () => deckFromCxf('<!DOCTYPE x [<!ENTITY a "b">]><CxF/>', 'x'), /document type/],
  ['an empty deck', () => readDeck({ name: 'x', samples: [] }), /no sample/],
  [
    'no name',
    () => readDeck({ name: 'x', samples: [{ material: 'paint', lab: { l: 1, a: 0, b: 0 }, name: ' ' }] }),
    /Sample 1, name/,
  ],
  [
    'Lab out of range',
    () => readDeck({ name: 'x', samples: [{ name: 'a', material: 'paint', lab: { l: 101, a: 0, b: 0 } }] }),
    /Sample 1 L\*.*0 to 100/,
  ],
] as const)('%s is refused with the place and a way to fix it', (_what, run, says) => {
  expect(run).toThrow(says)
})
