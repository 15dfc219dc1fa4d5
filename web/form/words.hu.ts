import type { Translation } from '../words/wordsOf.js'
import type { english } from './words.js'

/** In Hungarian. */
export default {
  calendar: 'Naptár',
  calendarLabel: 'Naptár: {label}',
  nothingOfThatName: 'Nincs ilyen nevű',
  nothingToChooseFrom: 'Nincs miből választani',
  nameIsNotSavedYet: '{name} még nincs mentve. Enter menti, Esc visszahozza, ami volt.',
  remove: 'Törlés',
  removeRow: '{row} törlése',
  isNotAWholeNumber: 'nem egész szám',
  isNotANumber: 'nem szám',
  writeANumberFromMin: 'Írjon egy számot {min} és {max} között.',
  writeANumber: 'Írjon egy számot.',
  straightOn: 'egyenesen',
  isNotATurn: 'nem fordulat',
  turn: 'Fordulat',
  writeRightLeftLeft45: 'Írja: right, left, left 45 vagy -45.',
  is180OrMore: '180° vagy több',
  writeTheAngleYouTurn: 'Írja a fordulat szögét, legfeljebb 179.',
  isNotACompassBearing: 'nem égtáj',
  writeDegreesFromNorth0: 'Írja az északtól mért fokot, 0 és 360 között, vagy az égtájat: W, NNW.',
  meanwhileThisBecameBecameIn:
    'Közben máshol ez lett belőle: {became}. Enter az Önét tartja meg, Esc ezt veszi át.',
  somethingThatIsGone: 'valami, ami már nincs',
  fieldsToMend: '{n} mező javítandó',
} satisfies Translation<typeof english>
