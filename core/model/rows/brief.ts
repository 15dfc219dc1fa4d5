import { array, object } from 'yup'
import { choiceField, rowSchema, textField, wholeField } from '../checks.js'
import { lessonsSchema, type Lesson } from '../lesson.js'
import { choice, data, day, flag, minor, mm, note, ppm, real, ref, text, whole } from '../field.js'
import { defineRow, type RowOf } from '../row.js'
import { ASPECTS, type Aspect } from '../vocabulary/aspect.js'
import { FEE_KINDS } from '../vocabulary/budget.js'
import { GAP_KINDS, type GapKind } from '../vocabulary/handover.js'
import { HUES } from '../vocabulary/hue.js'
import { LEVELS } from '../vocabulary/change.js'

const weightsSchema = () =>
  object(
    Object.fromEntries(ASPECTS.map((a) => [a, wholeField(`Weight of ${a}`, 0, 10, 'points')])) as Record<
      Aspect,
      ReturnType<typeof wholeField>
    >,
  )
    .typeError('Weights must be a set of named points.')
    .noUnknown('Weights names an aspect that is not known. Leave it out.')
    .required('Weights are missing. Give all of them.')

/** Something that was open when the job was closed. */
export interface NamedGap {
  kind: GapKind
  text: string
}

const gapsSchema = () =>
  array(
    rowSchema(() => ({
      kind: choiceField('Kind', GAP_KINDS).required('Kind of what is open is missing.'),
      text: textField('Open at closing', 400),
    }))().required(),
  )
    .typeError('Open at closing must be a list.')
    .max(400, 'Open at closing: at most 400.')
    .required('Open at closing is missing. Give a list, empty for none.')

/** How much each aspect of an option counts at first: what cannot be put right later counts most. */
const FIRST_WEIGHTS: Record<Aspect, number> = {
  size: 10,
  'way in': 10,
  date: 6,
  stock: 5,
  color: 8,
  wear: 6,
  liking: 8,
  years: 4,
  safety: 10,
}

/**
 * The agreed frame of a job: what it is called, its money and its days. It starts with a tenth in reserve and no tax to
 * add until the rate is entered (common practice: ten per cent contingency).
 */
export const brief = defineRow({
  name: 'brief',
  table: 'job',
  stage: 'brief',
  one: true,
  singular: 'the brief',
  order: ['id'],
  fields: {
    clientId: ref('client', 'Client', 'refuse'),
    roomName: text('Room'),
    place: note('Place', 120),
    /** The scheme the job follows now; null while there is only one look. */
    schemeId: ref('schemes', 'Scheme followed', 'clear').orNone(),
    agreedMinor: minor('Agreed budget'),
    /** The day client and decorator agreed; from then on only change orders move the budget. */
    agreedOn: day('Agreed on').orNone(),
    reservePpm: ppm('Reserve', 50).starts(100_000),
    taxPpm: ppm('Tax rate', 60).starts(0),
    pricesIncludeTax: flag('Prices include tax').starts(true),
    feeKind: choice('Fee', FEE_KINDS).starts('none'),
    feeMinor: minor('Fee amount').starts(0),
    feePpm: ppm('Fee rate', 100).starts(0),
    feeHours: whole('Hours', 0, 100_000, 'hours').starts(0),
    feeInside: flag('Fee inside the budget').starts(true),
    installOn: day('Install date').orNone(),
    revealOn: day('Reveal date').orNone(),
    leaseEndsOn: day('Lease ends').orNone(),
    /** The one thing the scheme starts from: "the red-leaning parquet". */
    leadName: note('Lead element', 120),
    /** A color the room is to be known by: "a blue room"; null for none. */
    wantedHue: choice('Color wanted', HUES).orNone(),
    /** What the client is drawn to, in words: what recurs, and what contradicts it. */
    inspirationNote: note('Notes on what inspires'),
    /** Height at which the middle of a picture hangs, agreed between those who look at it. */
    hangingMm: mm('Hanging height', 800, 2_200).orNone(),
    level: choice('Level of intervention', LEVELS).orNone(),
    decorateNote: note('What decorating cannot fix', 400),
    buildingNote: note('What building work cannot fix', 400),
    /** Why there are no before pictures, when there are none on purpose. */
    beforeReason: note('Reason for no before pictures', 200),
    /** Price of a cubic meter of primer and of pale paint, for painting back at the end of a lease; asked by liter or gallon. */
    backPrimerCubicMinor: minor('Primer').starts(0),
    backPaintCubicMinor: minor('Pale paint').starts(0),
    /** What an hour of own work is worth, for made against bought. */
    hourMinor: minor('An hour of own work').starts(0),
    /** Where what is moved out stands meanwhile, and how much goes in there; null when nobody measured it. */
    holdingPlace: note('Holding place', 120),
    holdingM3: real('Holds', 0.1, 1_000).orNone(),
    /** The day the job was handed over and closed, and what was open then, named. */
    closedOn: day('Closed on').orNone(),
    closedGaps: data<NamedGap[]>('Open at closing', gapsSchema).starts([]),
    /** What was planned against what it came to, written down when the job was closed. */
    learned: data<Lesson[]>('What was learned', lessonsSchema).starts([]),
    /** Whether the book the client keeps says what things cost. */
    bookPrices: flag('Prices in the book').starts(false),
    /** How long the client means to stay; null when nobody knows. */
    stayYears: real('Years of staying', 0.1, 200).orNone(),
    /** How much each aspect of an option counts, 0 to 10. */
    weights: data('Weights', weightsSchema).starts(FIRST_WEIGHTS),
  },
})
export type Brief = RowOf<typeof brief.fields>
