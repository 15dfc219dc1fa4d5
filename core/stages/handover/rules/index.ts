import type { Rule } from '../../../findings/finding.js'
import type { StylingFacts } from '../stylingFacts.js'
import { alikeStacked } from './alikeStacked.js'
import { crowded } from './crowded.js'
import { doesTheSame } from './doesTheSame.js'
import { heavyNeighbors } from './heavyNeighbors.js'
import { largeSet } from './largeSet.js'
import { lopsided } from './lopsided.js'
import { moreThanThere } from './moreThanThere.js'
import { noRoom } from './noRoom.js'
import { offViewWhere } from './offViewWhere.js'
import { oneMaterial } from './oneMaterial.js'
import { oneScale } from './oneScale.js'
import { openDisplay } from './openDisplay.js'
import { tooHeavy } from './tooHeavy.js'

export const HANDOVER_RULES: readonly Rule<StylingFacts>[] = [
  noRoom,
  tooHeavy,
  moreThanThere,
  oneScale,
  alikeStacked,
  oneMaterial,
  heavyNeighbors,
  crowded,
  openDisplay,
  lopsided,
  doesTheSame,
  largeSet,
  offViewWhere,
]
