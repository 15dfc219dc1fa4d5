import { expect, test } from 'vitest'
import { harmOf, POISONOUS } from './poisonous.js'

test.each(POISONOUS)('$name: what is offered instead is not poisonous itself', ({ instead }) => {
  for (const other of instead.split(' or ')) expect(harmOf(other), other).toBeUndefined()
  // One is taken by a press: it is called what the plant is called.
  expect(instead).not.toMatch(/[;,]/)
})

test.each([
  ['Peace lily', 'lily'],
  ['Lily of the valley', 'lily of the valley'],
  ['English ivy', 'ivy'],
  ['Swedish ivy', undefined],
  ['Box hedge, clipped', 'box'],
  ['Herb box', undefined],
  ['Gardenia jasminoides', 'gardenia'],
  ['Prunus laurocerasus', 'cherry laurel'],
  ['Boston fern', undefined],
  ['Asparagus fern', 'asparagus fern'],
  ['Lavender', undefined],
  ['Fiddle-leaf fig', 'fig'],
] as const)('%s: %s', (species, harm) => expect(harmOf(species)?.name).toBe(harm))
