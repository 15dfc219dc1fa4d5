import { wordsOf } from '../words/wordsOf.js'

/** What charts say, in English. */
export const english = {
  valuesOf: 'Values of {name}, by arrow keys',
  at: '{place}: {values}',
  saveAsSvg: 'SVG',
  saveAsPng: 'PNG',
  saveNameAs: 'Save {name} as {format}',
  notSaved: 'The picture could not be made. Try the other kind of file.',
  pointOrWalk: 'Point at it, or walk it with ← →',
} as const

export const t = wordsOf('chart', english, {
  de: () => import('./words.de.js'),
  hu: () => import('./words.hu.js'),
})
