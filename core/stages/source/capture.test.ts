import fc from 'fast-check'
import { expect, test } from 'vitest'
import { capture } from './capture.js'

// The sentences of the issue and of a day at the market; what is wanted was worked out by reading them.
test.each([
  [
    'boucle sofa 1980x900x840 1480 4w',
    { name: 'boucle sofa', widthMm: 1980, depthMm: 900, heightMm: 840, priceMinor: 148_000, leadDays: 28 },
  ],
  [
    'Wing chair 76 x 82 x 105 cm €1,480.50 4-6 weeks +85 @ Mill Row',
    {
      name: 'Wing chair',
      widthMm: 760,
      depthMm: 820,
      heightMm: 1050,
      priceMinor: 148_050,
      leadDays: 42,
      deliveryMinor: 8500,
      supplierName: 'Mill Row',
    },
  ],
  [
    'second-hand kilim 2000×2900 $720 washable',
    {
      name: 'kilim',
      kind: 'second-hand',
      widthMm: 2000,
      depthMm: 2900,
      priceMinor: 72_000,
      currency: 'USD',
      traits: ['washable'],
    },
  ],
  [
    'pair of linen cushions 48 -10%',
    {
      name: 'linen cushions',
      packSize: 2,
      unit: 'a pair',
      priceMinor: 4800,
      discountPpm: 100_000,
      material: 'linen',
    },
  ],
  [
    'set of 4 chairs 640 6w',
    { name: 'chairs', packSize: 4, unit: 'a set', priceMinor: 64_000, leadDays: 42 },
  ],
  ['rail 2400 lacquered 85 15 working days', { name: 'rail 2400 lacquered', priceMinor: 8500, leadDays: 21 }],
  ['bench 420 10-12 business days', { name: 'bench', priceMinor: 42_000, leadDays: 18 }],
  [
    'oak shelf 900x280x1100mm 1 450,00',
    {
      name: 'oak shelf',
      widthMm: 900,
      depthMm: 280,
      heightMm: 1100,
      priceMinor: 145_000,
      material: 'timber',
    },
  ],
  ['wool rug 8ft x 10ft 1.480', { name: 'wool rug', widthMm: 2438.4, depthMm: 3048, priceMinor: 148_000 }],
  ['jute rug 2.4 x 3.3 m 390', { name: 'jute rug', widthMm: 2400, depthMm: 3300, priceMinor: 39_000 }],
  ['curtains per panel 95', { name: 'curtains', unit: 'a panel', priceMinor: 9500 }],
  ['lamp', { name: 'lamp' }],
  ['placeholder stool 18', { name: 'stool', kind: 'placeholder', priceMinor: 1800 }],
] as const)('%s', (text, wanted) => expect(capture(text, 'EUR')).toMatchObject(wanted))

test('without a price or a size none is made up', () => {
  const got = capture('green wing chair at the market', 'EUR')
  expect(got.priceMinor).toBeUndefined()
  expect(got.widthMm).toBeUndefined()
})
test('a bare size in the imperial system is in inches', () =>
  expect(capture('sofa 72x35x33 1480', 'USD', 'imperial')).toMatchObject({
    widthMm: 1828.8,
    depthMm: 889,
    heightMm: 838.2,
    priceMinor: 148_000,
  }))
test('whatever is typed, there is a name and no figure below zero', () => {
  fc.assert(
    fc.property(fc.string({ maxLength: 200, unit: 'grapheme' }), (text) => {
      const got = capture(text, 'EUR')
      expect(got.name.length).toBeGreaterThan(0)
      expect(got.name.length).toBeLessThanOrEqual(120)
      for (const n of [
        got.priceMinor,
        got.widthMm,
        got.depthMm,
        got.heightMm,
        got.leadDays,
        got.deliveryMinor,
      ])
        if (n !== undefined) expect(n).toBeGreaterThanOrEqual(0)
    }),
  )
})
