import fc from 'fast-check'
import Papa from 'papaparse'
import { expect, test } from 'vitest'
import { csvText } from './csvText.js'

test.each([
  ['=1+1', "'=1+1"],
  ['+cmd', "'+cmd"],
  ['@sum', "'@sum"],
  ["-2+3+cmd|' /C calc'!A0", "'-2+3+cmd|' /C calc'!A0"],
  ['-12.50', '-12.50'],
  ['+7', '+7'],
  ['a = b', 'a = b'],
])('%s is read by the other program as %s', (cell, read) =>
  expect(Papa.parse(csvText([[cell]]), { delimiter: ',' }).data).toEqual([[read]]),
)

test('what is written is read back by the other program, whatever stands in it', () => {
  const cell = fc.oneof(fc.string(), fc.integer())
  fc.assert(
    fc.property(
      fc.array(fc.array(cell, { minLength: 2, maxLength: 4 }), { minLength: 1, maxLength: 5 }),
      (rows) => {
        const back = Papa.parse<string[]>(csvText(rows), { delimiter: ',', newline: '\r\n' }).data
        expect(back.map((r) => r.map((c) => c.replace(/^'(?=[=+\-@\t\r])/, '')))).toEqual(
          rows.map((r) => r.map((c) => String(c).replace(/^'(?=[=+\-@\t\r])/, ''))),
        )
      },
    ),
  )
})
