import { array, mixed } from 'yup'
import {
  choiceField,
  choiceOrNone,
  flagField,
  idField,
  idOrNone,
  minorField,
  minorOrNone,
  mmField,
  mmOrNone,
  noteField,
  realField,
  rowSchema,
  type RowOf,
  servesField,
  textField,
  wholeField,
  wholeOrNone,
} from '../../model/checks.js'
import {
  FIXINGS,
  isSurface,
  LAMP_TYPES,
  PIECE_KINDS,
  SURFACES,
  TRAITS,
  VERDICTS,
  type Surface,
} from '../../model/vocabulary/shared.js'

export const MATERIALS = [
  'paint',
  'primer',
  'wallpaper',
  'timber',
  'metal',
  'textile',
  'leather',
  'tile',
  'stone',
  'glass',
  'foliage',
] as const
export type Material = (typeof MATERIALS)[number]
export const SHEENS = ['flat', 'eggshell', 'satin', 'gloss', 'none'] as const
/** How a surface feels and throws light: rough beside smooth is what keeps a quiet palette from going flat. */
export const TEXTURES = [
  'smooth',
  'fine weave',
  'coarse weave',
  'nubby',
  'pile',
  'grain',
  'rough',
  'polished',
] as const
export const PATTERN_KINDS = [
  'none',
  'stripe',
  'plaid',
  'check',
  'dots',
  'geometric',
  'floral',
  'figures',
  'damask',
] as const
/** What it stands up to. */
export const WEARS = ['not known', 'delicate', 'washable', 'hard-wearing'] as const
export const ROLES = ['main', 'second', 'accent', 'stays', 'metal', 'foliage'] as const
export type Role = (typeof ROLES)[number]

const tinSchema = rowSchema(() => ({
  ml: wholeField('Tin size', 50, 50_000, 'ml'),
  priceMinor: minorField('Tin price'),
}))

/** What a paint is sold in: spreading rate per coat and the tins on offer. */
export const paintKitSchema = rowSchema(() => ({
  spreadM2PerL: realField('Spreading rate', 1, 30),
  lossPpm: wholeField('Loss', 0, 500_000, 'parts per million'),
  tins: array(tinSchema())
    .typeError('Tins must be a list.')
    .max(8, 'Tins: at most eight sizes.')
    .required('Tins are missing. Give a list, empty if none is known.'),
}))
export type PaintKit = RowOf<typeof paintKitSchema>

const labFields = (label: string) => ({
  l: realField(`${label} L*`, 0, 100),
  a: realField(`${label} a*`, -128, 128),
  b: realField(`${label} b*`, -128, 128),
})

/** A further color of a patterned finish and its part of it, 0 to 1; the rest is the finish's own color. */
export const furtherColorSchema = rowSchema(() => ({
  ...labFields('Further color'),
  share: realField('Part of the finish', 0, 1),
}))
/** One reading of a physical sample. */
export const readingSchema = rowSchema(() => labFields('Reading'))

/** Material, color and sheen as applied. Lab is D65, measured or converted from sRGB. */
export const finishSchema = rowSchema(() => ({
  id: idField(),
  name: textField('Name'),
  code: noteField('Code', 40),
  material: choiceField('Material', MATERIALS),
  sheen: choiceField('Sheen', SHEENS),
  role: choiceField('Role', ROLES),
  labL: realField('Color L*', 0, 100),
  labA: realField('Color a*', -128, 128),
  labB: realField('Color b*', -128, 128),
  measured: flagField('Measured'),
  texture: choiceField('Texture', TEXTURES),
  patternKind: choiceField('Pattern', PATTERN_KINDS),
  patternRepeatMm: mmOrNone('Pattern repeat', 1, 5_000),
  colors: array(furtherColorSchema())
    .typeError('Further colors must be a list.')
    .max(8, 'Further colors: at most eight.')
    .required('Further colors are missing. Give a list, empty for one color.'),
  /** What a color reader gave for it, one after the other: two or more show how even it is. */
  readings: array(readingSchema())
    .typeError('Readings must be a list.')
    .max(40, 'Readings: at most forty.')
    .required('Readings are missing. Give a list, empty if it was not read.'),
  wear: choiceField('Wear', WEARS),
  /** Oiled, lacquered or glazed: water stays on it. */
  sealed: flagField('Sealed'),
  /** Made for sun, rain and frost. */
  outdoor: flagField('For outdoors'),
  paintKit: paintKitSchema().nullable().defined('Paint kit is missing. Give one, or null.'),
}))
export type Finish = RowOf<typeof finishSchema>

export const surfaceField = (label: string) =>
  mixed<Surface>()
    .label(label)
    .required(`${label} is missing. Choose a surface.`)
    .test(
      'surface',
      `${label} must be one of: ${SURFACES.join(', ')}, or wall:, part: or opening: and its id.`,
      (v) => typeof v === 'string' && isSurface(v),
    )

export const SUBSTRATES = [
  'sound paint',
  'new plaster',
  'bare timber',
  'glossy or stained',
  'not painted',
] as const

/** How a finish is held: applied for good, or laid so that it comes off again without a trace. */
export const HOLDS = ['applied', 'removable'] as const

/** A finish laid on a surface, and what is under it: that decides coats and primer. */
export const placementSchema = rowSchema(() => ({
  id: idField(),
  surface: surfaceField('Surface'),
  finishId: idField('Finish'),
  substrate: choiceField('Surface now', SUBSTRATES),
  overL: realField('Color now, L*', 0, 100).notRequired().nullable().defined(),
  overA: realField('Color now, a*', -128, 128).notRequired().nullable().defined(),
  overB: realField('Color now, b*', -128, 128).notRequired().nullable().defined(),
  hold: choiceField('Held', HOLDS),
  /** The scheme it belongs to; null when every scheme shares it. */
  schemeId: idOrNone('Scheme'),
  /** Still open: one of several the scheme must work with; not counted in what is seen. */
  candidate: flagField('Still open'),
}))
export type Placement = RowOf<typeof placementSchema>

/** A physical object with a size, already there or coming, wearing one finish. */
export const pieceSchema = rowSchema(() => ({
  id: idField(),
  position: wholeField('Position', 0, 100_000, 'places'),
  name: textField('Name'),
  kind: choiceField('Kind', PIECE_KINDS),
  count: wholeField('Number', 1, 200, 'pieces'),
  widthMm: mmField('Width', 1, 20_000),
  depthMm: mmField('Depth', 1, 20_000),
  heightMm: mmField('Height', 1, 10_000),
  finishId: idOrNone('Finish'),
  /** True when it was there before the job began. */
  there: flagField('There already'),
  /** May not be moved. */
  stays: flagField('Stays'),
  wallId: idOrNone('Wall'),
  material: noteField('Material', 60),
  color: noteField('Color', 60),
  /** Where it stands, in words. */
  place: noteField('Where', 80),
  verdict: choiceOrNone('Verdict', VERDICTS),
  sentimental: flagField('Sentimental'),
  /** The room it was lent from, and to which it goes back; empty when it belongs here. */
  lentFrom: noteField('Lent from', 80),
  /** Why it stays although it serves no use. */
  reason: noteField('Reason to keep', 200),
  serves: servesField(),
  /** Depth when it is let out: a sofa bed, a drop-leaf table. */
  openDepthMm: mmOrNone('Depth let out', 1, 20_000),
  fixing: choiceField('Fixed', FIXINGS),
  weightG: wholeOrNone('Weight', 1, 2_000_000, 'grams'),
  /** Where what it replaced is kept for putting back: the old shade, the old handles. */
  originalAt: noteField('Original kept at', 120),
  lampType: choiceOrNone('Lamp', LAMP_TYPES),
  /** Meant to be the one thing the eye goes to. */
  focal: flagField('Focal'),
  /** It gives light, or light is thrown on it. */
  lit: flagField('Lit'),
  /** What else the rules ask after. */
  traits: array(choiceField('Fact', TRAITS).required())
    .typeError('Facts must be a list.')
    .max(TRAITS.length, 'Facts: each at most once.')
    .required('Facts are missing. Give a list, empty for none.'),
  /** Height that comes off with its legs; null when they stay on. */
  legsMm: mmOrNone('Legs that come off', 1, 2_000),
}))
export type Piece = RowOf<typeof pieceSchema>

/** A part of a wall with a finish of its own: panel fields, a band, the back of an alcove. */
export const PART_KINDS = ['panel fields', 'band', 'alcove', 'feature', 'other'] as const
export const partSchema = rowSchema(() => ({
  id: idField(),
  name: textField('Name', 60),
  kind: choiceField('Kind', PART_KINDS),
  /** The wall it is taken from; null when it lies on several. */
  wallId: idOrNone('Wall'),
  count: wholeField('Number', 1, 200, 'fields'),
  widthMm: mmField('Width', 10, 50_000),
  heightMm: mmField('Height', 10, 12_000),
}))
export type Part = RowOf<typeof partSchema>

/** One of several looks for the same room; what stays is shared by all. */
export const schemeSchema = rowSchema(() => ({
  id: idField(),
  position: wholeField('Position', 0, 100_000, 'places'),
  name: textField('Name', 60),
  note: noteField('Note', 400),
  /** A seasonal scheme lies over another and changes only a few textiles; null for a whole scheme. */
  overId: idOrNone('Lies over'),
  /** Set aside, not thrown away. */
  retired: flagField('Retired'),
  /** Where the set that is not in the room is kept. */
  storedAt: noteField('Stored at', 120),
}))
export type Scheme = RowOf<typeof schemeSchema>

/** What one piece wears in one scheme. */
export const dressingSchema = rowSchema(() => ({
  id: idField(),
  schemeId: idField('Scheme'),
  pieceId: idField('Piece'),
  finishId: idOrNone('Finish'),
  /** The piece is not in the room in this scheme. */
  absent: flagField('Left out'),
  costMinor: minorOrNone('Cost'),
}))
export type Dressing = RowOf<typeof dressingSchema>

/** A color pulled out of the piece or picture that inspires the room. */
export const pullSchema = rowSchema(() => ({
  id: idField(),
  position: wholeField('Position', 0, 100_000, 'places'),
  name: textField('Name', 60),
  labL: realField('Color L*', 0, 100),
  labA: realField('Color a*', -128, 128),
  labB: realField('Color b*', -128, 128),
  /** Its part of the piece or picture, 0 to 1. */
  share: realField('Part of the picture', 0, 1),
  photoId: idOrNone('Photo'),
}))
export type Pull = RowOf<typeof pullSchema>
