import type { Translation } from '../words/wordsOf.js'
import type { english } from './words.js'

/** In German. */
export default {
  calendar: 'Kalender',
  calendarLabel: 'Kalender: {label}',
  nothingOfThatName: 'Nichts mit diesem Namen',
  nothingToChooseFrom: 'Nichts zur Auswahl',
  nameIsNotSavedYet: '{name} ist noch nicht gespeichert. Enter speichert, Esc holt zurück, was da stand.',
  remove: 'Entfernen',
  removeRow: '{row} entfernen',
  isNotAWholeNumber: 'ist keine ganze Zahl',
  isNotANumber: 'ist keine Zahl',
  writeANumberFromMin: 'Eine Zahl von {min} bis {max} schreiben.',
  writeANumber: 'Eine Zahl schreiben.',
  straightOn: 'geradeaus',
  isNotATurn: 'ist keine Drehung',
  turn: 'Drehung',
  writeRightLeftLeft45: 'right, left, left 45 oder -45 schreiben.',
  is180OrMore: 'ist 180° oder mehr',
  writeTheAngleYouTurn: 'Den Winkel der Drehung schreiben, bis 179.',
  isNotACompassBearing: 'ist keine Himmelsrichtung',
  writeDegreesFromNorth0: 'Grad von Norden schreiben, 0 bis 360, oder eine Richtung: W, NNW.',
  meanwhileThisBecameBecameIn:
    'Inzwischen wurde daraus anderswo {became}. Enter behält Ihre Eingabe, Esc nimmt diese.',
  somethingThatIsGone: 'etwas, das es nicht mehr gibt',
  fieldsToMend: '{n} Feld zu berichtigen | {n} Felder zu berichtigen',
} satisfies Translation<typeof english>
