import { array, object } from 'yup'
import {
  choiceField,
  choiceOrNone,
  dayField,
  dayOrNone,
  flagField,
  idField,
  idOrNone,
  minorField,
  mmOrNone,
  noteField,
  ppmField,
  realOrNone,
  rowSchema,
  type RowOf,
  textField,
  wholeField,
  wholeOrNone,
} from '../../model/checks.js'
import { MAX_MINOR } from '../../kernel/money/currency.js'
import { ASPECTS, CATEGORIES, CHANGES, LEVELS, type Aspect } from '../../model/vocabulary/shared.js'
import { schoolNames, SCHOOLS, TOPICS, type ChosenSchools } from './schools.js'
import {
  FEE_KINDS,
  LIMIT_KINDS,
  MARKS,
  MINDS,
  PERSON_KINDS,
  PHOTO_KINDS,
  SPLURGE_REASONS,
  USE_KINDS,
  USE_TIMES,
} from './words.js'

/** The agreed frame of a job: what it is called, its money and its days. */
export const briefSchema = rowSchema(() => ({
  id: idField(),
  clientId: idField('Client'),
  roomName: textField('Room'),
  place: noteField('Place', 120),
  /** The scheme the job follows now; null while there is only one look. */
  schemeId: idOrNone('Scheme followed'),
  agreedMinor: minorField('Agreed budget'),
  /** The day client and decorator agreed; from then on only change orders move the budget. */
  agreedOn: dayOrNone('Agreed on'),
  reservePpm: ppmField('Reserve', 50),
  taxPpm: ppmField('Tax rate', 60),
  pricesIncludeTax: flagField('Prices include tax'),
  feeKind: choiceField('Fee', FEE_KINDS),
  feeMinor: minorField('Fee amount'),
  feePpm: ppmField('Fee rate', 100),
  feeHours: wholeField('Hours', 0, 100_000, 'hours'),
  feeInside: flagField('Fee inside the budget'),
  installOn: dayOrNone('Install date'),
  revealOn: dayOrNone('Reveal date'),
  leaseEndsOn: dayOrNone('Lease ends'),
  /** The one thing the scheme starts from: "the red-leaning parquet". */
  leadName: noteField('Lead element', 120),
  /** What the client is drawn to, in words: what recurs, and what contradicts it. */
  inspirationNote: noteField('Notes on what inspires'),
  /** Height at which the middle of a picture hangs, agreed between those who look at it. */
  hangingMm: mmOrNone('Hanging height', 800, 2_200),
  level: choiceOrNone('Level of intervention', LEVELS),
  decorateNote: noteField('What decorating cannot mend', 400),
  buildingNote: noteField('What building work cannot mend', 400),
  /** Why there are no before pictures, when there are none on purpose. */
  beforeReason: noteField('Reason for no before pictures', 200),
  /** Price of a liter of primer and of pale paint, for painting back at the end of a lease. */
  backPrimerMinor: minorField('Primer, a liter'),
  backPaintMinor: minorField('Pale paint, a liter'),
  /** What an hour of own work is worth, for made against bought. */
  hourMinor: minorField('An hour of own work'),
  /** How long the client means to stay; null when nobody knows. */
  stayYears: realOrNone('Years of staying', 0.1, 200),
  /** How much each aspect of an option counts, 0 to 10. */
  weights: object(
    Object.fromEntries(ASPECTS.map((a) => [a, wholeField(`Weight of ${a}`, 0, 10, 'points')])) as Record<
      Aspect,
      ReturnType<typeof wholeField>
    >,
  )
    .noUnknown()
    .required('Weights are missing. Give all of them.'),
}))
export type Brief = RowOf<typeof briefSchema>

export const clientSchema = rowSchema(() => ({ id: idField(), name: textField('Client') }))
export type Client = RowOf<typeof clientSchema>

/** The school chosen for each topic; null while the job has not chosen. */
export const schoolsSchema = rowSchema(() => ({
  id: idField(),
  ...(Object.fromEntries(
    TOPICS.map((t) => [t, choiceOrNone(SCHOOLS[t].title, schoolNames(t))]),
  ) as unknown as {
    [T in keyof ChosenSchools]: ReturnType<typeof choiceOrNone<NonNullable<ChosenSchools[T]>>>
  }),
}))
export type Schools = { id: string } & ChosenSchools

const listOf = <const T extends string>(label: string, choices: readonly T[]) =>
  array(choiceField(label, choices).required())
    .typeError(`${label} must be a list.`)
    .max(choices.length, `${label}: each at most once.`)
    .required(`${label} is missing. Give a list, empty for none.`)

/** Someone who lives with the room. */
export const personSchema = rowSchema(() => ({
  id: idField(),
  position: wholeField('Position', 0, 10_000, 'places'),
  name: textField('Name', 60),
  kind: choiceField('Who', PERSON_KINDS),
  ageYears: wholeOrNone('Age', 0, 120, 'years'),
  standingEyeMm: mmOrNone('Eye height, standing', 400, 2_200),
  seatedEyeMm: mmOrNone('Eye height, seated', 300, 1_600),
  minds: listOf('To mind', MINDS),
  note: noteField('Note', 200),
}))
export type Person = RowOf<typeof personSchema>

/** One thing the room must do for the people in it. */
export const useSchema = rowSchema(() => ({
  id: idField(),
  name: textField('Use'),
  kind: choiceField('Kind', USE_KINDS),
  persons: wholeField('For how many', 1, 50, 'persons'),
  time: choiceField('When', USE_TIMES),
  position: wholeField('Position', 0, 10_000, 'places'),
}))
export type Use = RowOf<typeof useSchema>

/** A place of the room the client was promised: seen first, finished first. */
export const focusSchema = rowSchema(() => ({
  id: idField(),
  name: textField('Focus point', 80),
  position: wholeField('Position', 0, 10_000, 'places'),
}))
export type Focus = RowOf<typeof focusSchema>

/** What must stay, or may not be touched. */
export const limitSchema = rowSchema(() => ({
  id: idField(),
  kind: choiceField('Limit', LIMIT_KINDS),
  what: textField('What', 120),
  /** The surface it binds, in the words of the palette; empty for a thing that is no surface. */
  surface: noteField('Surface', 60),
  pieceId: idOrNone('Piece'),
  why: noteField('Why', 200),
}))
export type Limit = RowOf<typeof limitSchema>

/** What a landlord allowed, as narrowly as the letter says it. */
export const consentSchema = rowSchema(() => ({
  id: idField(),
  on: dayField('Date of the letter'),
  change: choiceField('Allows', CHANGES),
  /** The surface it names; empty when the letter says anywhere. */
  surface: noteField('Where', 60),
  /** Colors it names: any, white and grey, or exactly one finish. */
  colors: choiceField('Colors', ['any color', 'white or grey', 'one finish'] as const),
  finishId: idOrNone('Finish'),
  /** One thing it names, when it is not about a surface. */
  itemId: idOrNone('Item'),
  photoId: idOrNone('Photo of the letter'),
  words: noteField('In its words', 400),
}))
export type Consent = RowOf<typeof consentSchema>

/** How much of the money a category may take, and whether it saves or splurges. */
export const allotmentSchema = rowSchema(() => ({
  id: idField(),
  category: choiceField('Category', CATEGORIES),
  amountMinor: minorField('Share'),
  mark: choiceField('Mark', MARKS),
  reason: choiceOrNone('Because it', SPLURGE_REASONS),
}))
export type Allotment = RowOf<typeof allotmentSchema>

/** A day somebody comes, or something happens. */
export const visitSchema = rowSchema(() => ({
  id: idField(),
  on: dayField('Date'),
  what: textField('What', 120),
}))
export type Visit = RowOf<typeof visitSchema>

/** Building work that is not done, and the place it holds up. */
export const workSchema = rowSchema(() => ({
  id: idField(),
  what: textField('Work', 120),
  /** The wall it holds up; null when it holds up the whole room. */
  wallId: idOrNone('Wall'),
  readyOn: dayOrNone('Ready on'),
  done: flagField('Done'),
}))
export type Work = RowOf<typeof workSchema>

/** What is said about a photo; the picture itself is kept beside it. */
export const photoSchema = rowSchema(() => ({
  id: idField(),
  kind: choiceField('Kind', PHOTO_KINDS),
  note: noteField('Note', 400),
  /** For a before picture where it was taken: `wall:` or `corner:` and the id of a wall; for a paper or a damage what it belongs to: `receipt:` or `claim:` and its id. */
  subject: noteField('Standpoint', 60),
  position: wholeField('Position', 0, 100_000, 'places'),
  widthPx: wholeField('Width', 1, 20_000, 'pixels'),
  heightPx: wholeField('Height', 1, 20_000, 'pixels'),
  /** Pages of a PDF; 0 for a picture. */
  pages: wholeField('Pages', 0, 2_000, 'pages'),
}))
export type Photo = RowOf<typeof photoSchema>

/** A change of the agreed budget, agreed with the client. Written once; a mistake is mended by another. */
export const changeOrderSchema = rowSchema(() => ({
  amountMinor: wholeField('Amount', -MAX_MINOR, MAX_MINOR, 'minor units').test(
    'not-zero',
    'Amount is nothing. Write what is added, or taken off with a minus.',
    (v) => v !== 0,
  ),
  agreedOn: dayField('Agreed on'),
  agreedBy: textField('Agreed by', 80),
  why: textField('Why', 200),
  /** The proposal it settles, when there was one. */
  proposalId: idOrNone('Proposal').optional(),
}))
export type NewChangeOrder = RowOf<typeof changeOrderSchema>
