import { expect, test } from 'vitest'
import { memoOn } from './memoOn.js'

test('what was made stands while every input is the same object, and is made again when one is not', () => {
  let calls = 0
  const sum = memoOn((numbers: readonly number[], times: number) => {
    calls++
    return numbers.reduce((a, b) => a + b, 0) * times
  })
  const numbers = [1, 2, 3]
  expect([sum(numbers, 2), sum(numbers, 2), calls]).toEqual([12, 12, 1])
  expect([sum([1, 2, 3], 2), calls]).toEqual([12, 2])
  expect([sum(numbers, 3), calls]).toEqual([18, 3])
  // Only the last is kept.
  expect([sum(numbers, 2), calls]).toEqual([12, 4])
  const nothing = memoOn((what: unknown) => {
    calls++
    return what
  })
  expect([nothing(undefined), nothing(undefined), nothing(NaN), nothing(NaN), calls]).toEqual([
    undefined,
    undefined,
    NaN,
    NaN,
    6,
  ])
})
