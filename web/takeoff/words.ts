import { wordsOf } from '../words/wordsOf.js'

/** What this part of the program says, in English. */
export const english = {
  spreadingRate: 'Spreading rate',
  isNotARate: 'is not a rate',
  writeLEASTToMOSTAs: 'Write {LEAST} to {MOST}, as on the tin.',
  loss: 'Loss',
  nameAsSold: '{name}, as sold',
  spreadingRateMALiter: 'Spreading rate, m² a liter',
  spreadingRateSqFtA: 'Spreading rate, sq ft a gallon',
  loss2: 'Loss, %',
  tinsOnOfferOneA: 'Tins on offer, one a line',
  paintAndPrimer: 'Paint and primer',
  asInTheTakeOff: 'As in the take-off',
  tinsAsTakenOff: 'Tins as taken off',
  ontoTheSchedule: 'Onto the schedule',
  oneLineForAllPaint: 'One line for all paint at {totalMinor}.',
  joinStillHasNoTins: '{join} still has no tins and counts nothing.',
  putItOnTheSchedule: 'Put it on the schedule',
  theScheduleSaysPriceMinorThe: 'The schedule says {priceMinor}, the take-off {totalMinor}.',
  bringItUpToDate: 'Bring it up to date',
  nameIsOnTheSchedule: '“{name}” is on the schedule, {state}.',
  takeOff: 'Take-off',
  howMuchOfEachMaterial: 'how much of each material, whole tins, every figure with its sum',
  everyFigureIsUncertainThe:
    'Every figure is uncertain: the walls of the room do not close. Fix the run in Measure before buying.',
  paintAndWhere: 'Paint and where',
  coats: 'Coats',
  sum: 'Sum',
  liters: 'Liters',
  gallons: 'Gallons',
  tins: 'Tins',
  noTinsKnownAddThem: 'no tins known: add them at the right',
  allPaint: 'All paint',
  nothingToCountYet: 'Nothing to count yet',
  paintIsTakenOffThe:
    'Paint is taken off the measured surfaces: give the room its walls and height in Measure, and a paint to its walls, ceiling, {locale} or doors in Palette. Coats, volume and the cheapest set of tins follow.',
  measure: 'Measure',
  palette: 'Palette',
  noPrimerIsAmongThe:
    'No primer is among the finishes. Add one in Palette, of the material “primer”, to price it; until then {spreadM2PerL} is assumed (common practice).',
  howCoatsAreCounted: 'How coats are counted',
  twoAsARuleThree:
    'Two as a rule. Three from dark to light, over a strong hue, or where the color itself is strong. Primer on new plaster, bare timber, glossy or stained. Common practice; the maker’s word on the tin goes first.',
  beforeSandingOldPaintIs:
    'Before sanding old paint: is its age known? It may hold lead. Test it, and follow local rules; a licensed specialist removes it.',
  n25LAt39: '2.5 L at 39.00',
  n1GalAt3900: '1 gal at 39.00',
  holdMoreThanEightSizes: 'hold more than eight sizes',
  leaveTheOnesYouWould: 'Leave the ones you would buy.',
  tinsLineI: 'Tins, line {i}',
  isNotASizeAnd: 'is not a size and a price',
  writeItAsSystem: 'Write it as {system}.',
  mustHoldBetween50Ml: 'must hold between 50 ml and 50 L',
  mustHoldBetween2Fl: 'must hold between 2 fl oz and 13 gal',
  checkTheSizeAndIts: 'Check the size and its unit.',
} as const

export const t = wordsOf('takeoff', english)
