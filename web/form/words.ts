import { wordsOf } from '../words/wordsOf.js'

/** What this part of the program says, in English. */
export const english = {
  calendar: 'Calendar',
  calendarLabel: 'Calendar: {label}',
  nothingOfThatName: 'Nothing of that name',
  nothingToChooseFrom: 'Nothing to choose from',
  nameIsNotSavedYet: '{name} is not saved yet. Press Enter to save it, or Esc for what was there.',
  remove: 'Remove',
  removeRow: 'Remove {row}',
  isNotAWholeNumber: 'is not a whole number',
  isNotANumber: 'is not a number',
  writeANumberFromMin: 'Write a number from {min} to {max}.',
  writeANumber: 'Write a number.',
  straightOn: 'straight on',
  isNotATurn: 'is not a turn',
  turn: 'Turn',
  writeRightLeftLeft45: 'Write right, left, left 45 or -45.',
  is180OrMore: 'is 180° or more',
  writeTheAngleYouTurn: 'Write the angle you turn through, up to 179.',
  isNotACompassBearing: 'is not a compass bearing',
  writeDegreesFromNorth0: 'Write degrees from north, 0 to 360, or a point: W, NNW.',
  meanwhileThisBecameBecameIn:
    'Meanwhile this became {became} in another place. Enter keeps what you typed, Esc takes that.',
  somethingThatIsGone: 'something that is gone',
  fieldsToMend: '{n} field to mend | {n} fields to mend',
} as const

export const t = wordsOf('form', english, {
  de: () => import('./words.de.js'),
  hu: () => import('./words.hu.js'),
})
