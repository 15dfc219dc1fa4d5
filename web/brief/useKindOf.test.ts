import { expect, test } from 'vitest'
import { useSays } from './useKindOf.js'

test.each([
  ['Sleep one guest', 'sleep', 1],
  ['Sit four for a small concert', 'sit', 4],
  ['Eat with 6', 'eat', 6],
  ['Work by day', 'work or study', 1],
  ['Store scores', 'store', 1],
  ['Play the piano', 'play music', 1],
  ['Somewhere for two to play', 'play', 2],
  ['Tea for two', 'eat', 2],
  ['Hang two towels', 'other', 2],
  ['Do the laundry', 'do the laundry', 1],
  ['Come home with two dogs', 'come and go', 2],
  ['Cook for four', 'cook', 4],
  ['Change the baby', 'change a small child', 1],
  ['Put keys down', 'put things down', 1],
  ['Seat 999', 'other', 1],
  ['', 'other', 1],
] as const)('"%s" is to %s, for %i', (name, kind, persons) => {
  expect(useSays(name)).toEqual({ kind, persons })
})
