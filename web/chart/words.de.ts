import type { Translation } from '../words/wordsOf.js'
import type { english } from './words.js'

/** In German. */
export default {
  valuesOf: 'Werte von {name}, mit den Pfeiltasten',
  at: '{place}: {values}',
  saveAsSvg: 'SVG',
  saveAsPng: 'PNG',
  saveNameAs: '{name} als {format} speichern',
  notSaved: 'Das Bild konnte nicht gemacht werden. Die andere Dateiart versuchen.',
  pointOrWalk: 'Zeigen, oder mit ← → durchgehen',
} satisfies Translation<typeof english>
