import type { Translation } from '../words/wordsOf.js'
import type { english } from './words.js'

/** In Hungarian. */
export default {
  valuesOf: '{name} értékei, nyílbillentyűkkel',
  at: '{place}: {values}',
  saveAsSvg: 'SVG',
  saveAsPng: 'PNG',
  saveNameAs: '{name} mentése: {format}',
  notSaved: 'A kép nem készült el. Próbálja a másik fájlfajtát.',
  pointOrWalk: 'Mutasson rá, vagy járja be: ← →',
} satisfies Translation<typeof english>
