import { describe, expect, test } from 'vitest'
import { readLine, seriesOf } from './lengthMeter.js'

describe('a line of a meter', () => {
  test.each([
    ['3921.4', 3921400],
    ['3.9214', 3921.4],
    ['3921 mm', 3921],
    ['3921', 3921],
    ['0.031 m', 31],
    [' 59.9 m ', 59_900],
  ])('"%s"', (line, mm) => {
    if (mm > 60_000) expect(readLine(line)).toHaveProperty('nonsense')
    else expect(readLine(line)).toEqual({ mm })
  })
  test.each(['Er05', '', '-12', '12', '61000', 'NaN', '1e9', '3921 ft', '9'.repeat(80)])(
    '"%s" is nonsense',
    (line) => expect(readLine(line)).toHaveProperty('nonsense'),
  )
})

test('a series has a mean and a spread', () => {
  expect(seriesOf([3920, 3922, 3924])).toEqual({ count: 3, meanMm: 3922, spreadMm: 4 })
  expect(seriesOf([])).toBeUndefined()
})
