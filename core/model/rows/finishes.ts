import { array, type InferType } from 'yup'
import { minorField, realField, rowSchema, wholeField } from '../checks.js'
import { choice, data, flag, mm, note, real, text } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import { MATERIALS, SHEENS, ROLES, TEXTURES, PATTERN_KINDS, WEARS } from '../vocabulary/finish.js'

const tinSchema = rowSchema(() => ({
  ml: wholeField('Tin size', 50, 50_000, 'ml'),
  priceMinor: minorField('Tin price'),
}))

/** What a paint is sold in: spreading rate per coat and the tins on offer. */
const paintKitSchema = rowSchema(() => ({
  spreadM2PerL: realField('Spreading rate', 1, 30),
  lossPpm: wholeField('Loss', 0, 500_000, 'parts per million'),
  tins: array(tinSchema())
    .typeError('Tins must be a list.')
    .max(8, 'Tins: at most eight sizes.')
    .required('Tins are missing. Give a list, empty if none is known.'),
}))
export type PaintKit = InferType<ReturnType<typeof paintKitSchema>>

const labFields = (label: string) => ({
  l: realField(`${label} L*`, 0, 100),
  a: realField(`${label} a*`, -128, 128),
  b: realField(`${label} b*`, -128, 128),
})

/** A further color of a patterned finish and its part of it, 0 to 1; the rest is the finish's own color. */
const furtherColorSchema = rowSchema(() => ({
  ...labFields('Further color'),
  share: realField('Part of the finish', 0, 1),
}))
const furtherColors = () =>
  array(furtherColorSchema())
    .typeError('Further colors must be a list.')
    .max(8, 'Further colors: at most eight.')
    .required('Further colors are missing. Give a list, empty for one color.')

/** Readings of a physical sample. */
const readingSchema = rowSchema(() => labFields('Reading'))
const readings = () =>
  array(readingSchema())
    .typeError('Readings must be a list.')
    .max(40, 'Readings: at most forty.')
    .required('Readings are missing. Give a list, empty if it was not read.')

/** Material, color and sheen as applied. Lab is D65, measured or converted from sRGB. */
export const finishes = defineRow({
  name: 'finishes',
  table: 'finish',
  stage: 'palette',
  singular: 'a finish',
  order: ['name', 'id'],
  fields: {
    name: text('Name'),
    code: note('Code', 40),
    material: choice('Material', MATERIALS).starts('paint'),
    sheen: choice('Sheen', SHEENS).starts('flat'),
    role: choice('Role', ROLES).starts('main'),
    labL: real('Color L*', 0, 100),
    labA: real('Color a*', -128, 128),
    labB: real('Color b*', -128, 128),
    measured: flag('Measured').starts(false),
    texture: choice('Texture', TEXTURES).starts('smooth'),
    patternKind: choice('Pattern', PATTERN_KINDS).starts('none'),
    patternRepeatMm: mm('Pattern repeat', 1, 5_000).orNone(),
    colors: data('Further colors', furtherColors).starts([]),
    /** What a color reader gave for it, one after the other: two or more show how even it is. */
    readings: data('Readings', readings).starts([]),
    wear: choice('Wear', WEARS).starts('not known'),
    /** Oiled, lacquered or glazed: water stays on it. */
    sealed: flag('Sealed').starts(false),
    /** Made for sun, rain and frost. */
    outdoor: flag('For outdoors').starts(false),
    /** By the maker's word; null for common practice: when the next coat may follow, and when it is hard. */
    recoatHours: real('Next coat after', 0, 1_000).orNone(),
    hardDays: real('Hard after', 0, 365).orNone(),
    paintKit: data<PaintKit | null>('Paint kit', () =>
      paintKitSchema().nullable().defined('Paint kit is missing. Give one, or null.'),
    ).orNone(),
  },
})
export type Finish = RowOf<typeof finishes.fields>
