import { describe, expect, test } from 'vitest'
import { ValidationError, type Schema } from 'yup'
import * as f from './checks.js'

const ID = '0b3c8f0e-1d2a-4c5b-8e7f-001122334455'

/** The first thing said of a value, or nothing when it is let through. */
function said(field: Schema, value: unknown): string | undefined {
  try {
    field.validateSync(value, { strict: true, abortEarly: false })
    return undefined
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error
    return error.errors[0]
  }
}

describe('what a field lets through', () => {
  test.each<[string, Schema, readonly unknown[]]>([
    ['id', f.idField(), [ID]],
    ['id or none', f.idOrNone('Wall'), [ID, null]],
    ['text', f.textField('Name'), ['a', 'Étagère, "tall"', '木', 'x'.repeat(120)]],
    ['note', f.noteField('Note', 5), ['', '12345', 'a\nb']],
    ['whole', f.wholeField('Count', 1, 9, 'pieces'), [1, 9]],
    ['whole or none', f.wholeOrNone('Count', 1, 9, 'pieces'), [null, 5]],
    ['millimeters', f.mmField('Width', 10, 100), [10, 100]],
    ['money', f.minorField('Price'), [0, 9_007_199_254]],
    ['parts per million', f.ppmField('Tax', 50), [0, 210_000, 500_000]],
    ['real', f.realField('Hours', 0, 10), [0, 2.5, 10]],
    ['real or none', f.realOrNone('Years', 0.1, 200), [null, 0.1]],
    ['yes or no', f.flagField('Locked'), [true, false]],
    ['choice', f.choiceField('Kind', ['new', 'made']), ['new', 'made']],
    ['choice or none', f.choiceOrNone('Kind', ['new']), ['new', null]],
    ['day', f.dayField('Seen on'), ['2026-12-31', '2028-02-29', '2000-01-01', '2100-12-31']],
    ['day or none', f.dayOrNone('Seen on'), [null, '2026-01-01']],
    ['uses', f.idsField('Serves', 'Use'), [[], [ID]]],
    ['an inch and a sixty-fourth', f.mmField('Width', 1, 100), [25.796875, 2438.4 / 100]],
  ])('%s', (_name, field, values) =>
    expect(values.map((v) => said(field, v))).toEqual(values.map(() => undefined)),
  )
})

describe('what is wrong, the field named and how to fix it', () => {
  test.each<[string, Schema, unknown, RegExp]>([
    ['no id', f.idField('Item'), 'item-1', /^Item must be a UUID/],
    ['an id in capitals', f.idField('Item'), ID.toUpperCase(), /^Item must be a UUID/],
    ['nothing for an id', f.idField('Item'), undefined, /^Item is missing\. Give a UUID/],
    [
      'an id that may be none, left out',
      f.idOrNone('Wall'),
      undefined,
      /^Wall is missing\. Give a UUID, or null/,
    ],
    ['blank text', f.textField('Name'), '   ', /^Name is empty\. Write it here/],
    ['text too long', f.textField('Name', 3), 'abcd', /^Name is longer than 3 characters\. Shorten it/],
    ['a control character', f.textField('Name'), 'a\u0000', /^Name holds characters that cannot be kept/],
    ['half a surrogate pair', f.textField('Name'), 'a\ud800', /^Name holds characters that cannot be kept/],
    ['a number for text', f.textField('Name'), 7, /^Name must be text/],
    ['null for a note', f.noteField('Note'), null, /^Note cannot be null\. Leave it empty/],
    [
      'a broken number',
      f.wholeField('Count', 1, 9, 'pieces'),
      1.5,
      /^Count must be a whole number of pieces/,
    ],
    ['too little', f.wholeField('Count', 1, 9, 'pieces'), 0, /^Count must be at least 1 pieces/],
    [
      'too much',
      f.wholeField('Count', 1, 9, 'pieces'),
      10,
      /^Count must be at most 9 pieces\. Check for digits too many/,
    ],
    ['no number at all', f.wholeField('Count', 1, 9, 'pieces'), NaN, /^Count must be a number/],
    ['a number as text', f.wholeField('Count', 1, 9, 'pieces'), '5', /^Count must be a number/],
    ['money below nothing', f.minorField('Price'), -1, /^Price must be at least 0/],
    ['over the percentage', f.ppmField('Tax', 50), 500_001, /^Tax must be at most 500000/],
    ['a real out of bounds', f.realField('Hours', 0, 10), 10.01, /^Hours must be at most 10/],
    ['a flag as text', f.flagField('Locked'), 'true', /^Locked must be true or false/],
    ['another choice', f.choiceField('Kind', ['new', 'made']), 'old', /^Kind must be one of: new, made/],
    [
      'a day that is none',
      f.dayField('Seen on'),
      '2026-02-29',
      /^Seen on is not a date\. Write it as 2026-12-31/,
    ],
    ['a day written otherwise', f.dayField('Seen on'), '31.12.2026', /^Seen on is not a date/],
    [
      'a day of another century',
      f.dayField('Seen on'),
      '1999-12-31',
      /^Seen on must lie between 2000 and 2100\. Check the year/,
    ],
    ['a use that is none', f.idsField('Serves', 'Use'), ['reading'], /^Use must be a UUID/],
    ['sixty-one uses', f.idsField('Serves', 'Use'), Array(61).fill(ID), /^Serves: at most sixty/],
  ])('%s', (_name, field, value, says) => expect(said(field, value)).toMatch(says))
})

describe('a row', () => {
  const schema = f.rowSchema(() => ({
    name: f.textField('Name'),
    count: f.wholeField('Count', 1, 9, 'pieces'),
  }))
  test('is made once, when it is first called for', () => {
    let made = 0
    const late = f.rowSchema(() => ({ count: f.wholeField(`Count ${++made}`, 0, 9, 'pieces') }))
    expect(made).toBe(0)
    expect(late()).toBe(late())
    expect(made).toBe(1)
  })
  test.each([
    ['whole', { name: 'A', count: 1 }, undefined],
    [
      'with a field nobody knows',
      { name: 'A', count: 1, color: 'red' },
      'color is not known here. Leave it out.',
    ],
    ['as a list', [], 'The row must be a set of named fields.'],
  ])('%s', (_name, row, says) => expect(said(schema(), row)).toBe(says))
  test('tells every fault, not the first alone', () => {
    try {
      schema().validateSync({ name: ' ', count: 10 }, { abortEarly: false })
      expect.unreachable()
    } catch (error) {
      expect((error as ValidationError).inner.map((e) => e.path).sort()).toEqual(['count', 'name'])
    }
  })
})
