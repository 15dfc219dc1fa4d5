import { describe, expect, test } from 'vitest'
import { ValidationError, type Schema } from 'yup'
import {
  choiceField,
  choiceOrNone,
  dayField,
  dayOrNone,
  flagField,
  idField,
  idOrNone,
  minorField,
  mmField,
  noteField,
  ppmField,
  realField,
  realOrNone,
  rowSchema,
  servesField,
  textField,
  wholeField,
  wholeOrNone,
} from './fields.js'

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
    ['id', idField(), [ID]],
    ['id or none', idOrNone('Wall'), [ID, null]],
    ['text', textField('Name'), ['a', 'Étagère, "tall"', '木', 'x'.repeat(120)]],
    ['note', noteField('Note', 5), ['', '12345', 'a\nb']],
    ['whole', wholeField('Count', 1, 9, 'pieces'), [1, 9]],
    ['whole or none', wholeOrNone('Count', 1, 9, 'pieces'), [null, 5]],
    ['millimeters', mmField('Width', 10, 100), [10, 100]],
    ['money', minorField('Price'), [0, 9_007_199_254]],
    ['parts per million', ppmField('Tax', 50), [0, 210_000, 500_000]],
    ['real', realField('Hours', 0, 10), [0, 2.5, 10]],
    ['real or none', realOrNone('Years', 0.1, 200), [null, 0.1]],
    ['yes or no', flagField('Locked'), [true, false]],
    ['choice', choiceField('Kind', ['new', 'made']), ['new', 'made']],
    ['choice or none', choiceOrNone('Kind', ['new']), ['new', null]],
    ['day', dayField('Seen on'), ['2026-12-31', '2028-02-29', '2000-01-01', '2100-12-31']],
    ['day or none', dayOrNone('Seen on'), [null, '2026-01-01']],
    ['uses', servesField(), [[], [ID]]],
  ])('%s', (_name, field, values) => expect(values.map((v) => said(field, v))).toEqual(values.map(() => undefined)))
}) // prettier-ignore

describe('what is wrong, the field named and how to mend it', () => {
  test.each<[string, Schema, unknown, RegExp]>([
    ['no id', idField('Item'), 'item-1', /^Item must be a UUID/],
    ['an id in capitals', idField('Item'), ID.toUpperCase(), /^Item must be a UUID/],
    ['nothing for an id', idField('Item'), undefined, /^Item is missing\. Give a UUID/],
    ['an id that may be none, left out', idOrNone('Wall'), undefined, /^Wall is missing\. Give a UUID, or null/],
    ['blank text', textField('Name'), '   ', /^Name is empty\. Write it here/],
    ['text too long', textField('Name', 3), 'abcd', /^Name is longer than 3 characters\. Shorten it/],
    ['a control character', textField('Name'), 'a\u0000', /^Name holds characters that cannot be kept/],
    ['half a surrogate pair', textField('Name'), 'a\ud800', /^Name holds characters that cannot be kept/],
    ['a number for text', textField('Name'), 7, /^Name must be text/],
    ['null for a note', noteField('Note'), null, /^Note cannot be null\. Leave it empty/],
    ['a broken number', wholeField('Count', 1, 9, 'pieces'), 1.5, /^Count must be a whole number of pieces/],
    ['too little', wholeField('Count', 1, 9, 'pieces'), 0, /^Count must be at least 1 pieces/],
    ['too much', wholeField('Count', 1, 9, 'pieces'), 10, /^Count must be at most 9 pieces\. Check for digits too many/],
    ['no number at all', wholeField('Count', 1, 9, 'pieces'), NaN, /^Count must be a number/],
    ['a number as text', wholeField('Count', 1, 9, 'pieces'), '5', /^Count must be a number/],
    ['money below nothing', minorField('Price'), -1, /^Price must be at least 0/],
    ['over the percentage', ppmField('Tax', 50), 500_001, /^Tax must be at most 500000/],
    ['a real out of bounds', realField('Hours', 0, 10), 10.01, /^Hours must be at most 10/],
    ['a flag as text', flagField('Locked'), 'true', /^Locked must be true or false/],
    ['another choice', choiceField('Kind', ['new', 'made']), 'old', /^Kind must be one of: new, made/],
    ['a day that is none', dayField('Seen on'), '2026-02-29', /^Seen on is not a date\. Write it as 2026-12-31/],
    ['a day written otherwise', dayField('Seen on'), '31.12.2026', /^Seen on is not a date/],
    ['a day of another century', dayField('Seen on'), '1999-12-31', /^Seen on must lie between 2000 and 2100\. Check the year/],
    ['a use that is none', servesField(), ['reading'], /^Use must be a UUID/],
    ['sixty-one uses', servesField(), Array(61).fill(ID), /^Serves: at most sixty uses/],
  ])('%s', (_name, field, value, says) => expect(said(field, value)).toMatch(says))
}) // prettier-ignore

describe('a row', () => {
  const schema = rowSchema(() => ({ name: textField('Name'), count: wholeField('Count', 1, 9, 'pieces') }))
  test('is made once, when it is first called for', () => {
    let made = 0
    const late = rowSchema(() => ({ count: wholeField(`Count ${++made}`, 0, 9, 'pieces') }))
    expect(made).toBe(0)
    expect(late()).toBe(late())
    expect(made).toBe(1)
  })
  test.each([
    ['whole', { name: 'A', count: 1 }, undefined],
    ['with a field nobody knows', { name: 'A', count: 1, color: 'red' }, 'color is not known here. Leave it out.'],
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
}) // prettier-ignore
